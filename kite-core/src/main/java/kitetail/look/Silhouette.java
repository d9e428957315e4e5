package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Fall;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * The outline of head and hair from one side, as a closed polygon.
 *
 * @param xMm across, to the right of who looks
 * @param yMm up; from the top, forward
 */
public record Silhouette(From from, double[] xMm, double[] yMm) {
  private static final double CELL_MM = 3;
  private static final double WIDE_MM = 330;
  private static final double BOTTOM_MM = -150;
  private static final int N = (int) (WIDE_MM / CELL_MM);

  /** Where one looks from; left and right are the client's. */
  public enum From {
    FRONT,
    LEFT,
    RIGHT,
    BACK,
    TOP
  }

  static List<Silhouette> all(Fall f, float[] bustMm) {
    Polygon front = outline(f, bustMm, 0, 2, BOTTOM_MM);
    Polygon side = outline(f, bustMm, 1, 2, BOTTOM_MM);
    Polygon top = outline(f, bustMm, 0, 1, -WIDE_MM / 2);
    // Seen from the front the client's right is on the left; opposite sides are mirrored.
    return List.of(
        of(From.FRONT, front, -1),
        of(From.LEFT, side, -1),
        of(From.RIGHT, side, 1),
        of(From.BACK, front, 1),
        of(From.TOP, top, 1));
  }

  private static Silhouette of(From from, Polygon p, int hand) {
    Coordinate[] c = p.getExteriorRing().getCoordinates();
    double[] x = new double[c.length];
    double[] y = new double[c.length];
    for (int i = 0; i < c.length; i++) {
      x[i] = hand * c[i].x;
      y[i] = c[i].y;
    }
    return new Silhouette(from, x, y);
  }

  /** The union of the cells that head or hair touch, its steps taken off. */
  private static Polygon outline(Fall f, float[] bust, int across, int up, double bottom) {
    boolean[] full = new boolean[N * N];
    for (int i = 0; i < bust.length; i += 3) {
      if (up == 2 || bust[i + 2] > 20) {
        // From the top only the head counts, not the shoulders.
        mark(full, bust[i + across], bust[i + up], bottom, 1);
      }
    }
    float[] p = f.xyz();
    int n = f.points();
    for (int s = 0; s < f.strands(); s++) {
      if (f.lengthMm(s) < 0.5) {
        continue;
      }
      for (int k = 1; k < n; k++) {
        int a = 3 * (s * n + k - 1);
        int b = a + 3;
        double dx = p[b + across] - p[a + across];
        double dy = p[b + up] - p[a + up];
        int steps = 1 + (int) (Math.max(Math.abs(dx), Math.abs(dy)) / CELL_MM);
        for (int j = 0; j <= steps; j++) {
          double t = (double) j / steps;
          mark(full, p[a + across] + t * dx, p[a + up] + t * dy, bottom, 0);
        }
      }
    }
    GeometryFactory maker = new GeometryFactory();
    List<Geometry> runs = new ArrayList<>();
    for (int r = 0; r < N; r++) {
      int c = 0;
      while (c < N) {
        int from = c;
        while (c < N && full[r * N + c]) {
          c++;
        }
        if (c > from) {
          runs.add(
              maker.toGeometry(
                  new org.locationtech.jts.geom.Envelope(
                      from * CELL_MM - WIDE_MM / 2 - 0.01,
                      c * CELL_MM - WIDE_MM / 2 + 0.01,
                      r * CELL_MM + bottom - 0.01,
                      (r + 1) * CELL_MM + bottom + 0.01)));
        }
        c = Math.max(c, from) + 1;
      }
    }
    Geometry all = TopologyPreservingSimplifier.simplify(UnaryUnionOp.union(runs), 1.2 * CELL_MM);
    Polygon largest = null;
    for (int i = 0; i < all.getNumGeometries(); i++) {
      Polygon g = (Polygon) all.getGeometryN(i);
      largest = largest == null || g.getArea() > largest.getArea() ? g : largest;
    }
    return largest;
  }

  private static void mark(boolean[] full, double x, double y, double bottom, int reach) {
    int c = (int) Math.floor((x + WIDE_MM / 2) / CELL_MM);
    int r = (int) Math.floor((y - bottom) / CELL_MM);
    for (int j = r - reach; j <= r + reach; j++) {
      for (int i = c - reach; i <= c + reach; i++) {
        if (i >= 0 && j >= 0 && i < N && j < N) {
          full[j * N + i] = true;
        }
      }
    }
  }

  /**
   * How far another outline of the same side lies from this one: the area between them over the
   * length of this one, mm.
   */
  public double shiftMm(Silhouette other) {
    Geometry mine = polygon().buffer(0);
    return mine.symDifference(other.polygon().buffer(0)).getArea() / mine.getLength();
  }

  private Polygon polygon() {
    Coordinate[] c = new Coordinate[xMm.length];
    for (int i = 0; i < c.length; i++) {
      c[i] = new Coordinate(xMm[i], yMm[i]);
    }
    return new GeometryFactory().createPolygon(c);
  }

  /** How wide the outline is at a height, mm; 0 where it is not. */
  public double widthMm(double atMm) {
    double least = Double.MAX_VALUE;
    double most = -Double.MAX_VALUE;
    for (int i = 1; i < xMm.length; i++) {
      double a = yMm[i - 1] - atMm;
      double b = yMm[i] - atMm;
      if (a * b <= 0 && a != b) {
        double x = xMm[i - 1] + a / (a - b) * (xMm[i] - xMm[i - 1]);
        least = Math.min(least, x);
        most = Math.max(most, x);
      }
    }
    return Math.max(0, most - least);
  }
}
