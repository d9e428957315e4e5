package kitetail.section;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;

/**
 * The partings of a section as lines on the skin: level lines of the parting's number, a bite
 * apart, found on a web of triangles over the scalp.
 */
public final class PartingLines {
  private static final int SPOKES = 144;
  private static final int RINGS = 36;
  private static final int MOST = 200;

  /** Where a number leaps, as at the start of a turn about a point, there is no line. */
  private static final double LEAP_MM = 60;

  private PartingLines() {}

  /**
   * One stretch of a parting.
   *
   * @param bite how many bites lie before it, from 1
   */
  public record Line(int bite, List<Vec3> pointsMm) {}

  /**
   * @param biteMm 3 to 60
   */
  public static List<Line> of(Zone zone, Parting parting, double biteMm) {
    if (!(biteMm >= 3 && biteMm <= 60)) {
      throw new IllegalArgumentException("biteMm must be 3 to 60, was " + biteMm);
    }
    Web web = new Web(zone, parting);
    double first = zone.firstMm(parting);
    List<Line> out = new ArrayList<>();
    for (int bite = 1; bite <= MOST; bite++) {
      double level = first + bite * biteMm;
      if (level >= web.most) {
        break;
      }
      for (List<Vec3> line : joined(web.cut(level))) {
        out.add(new Line(bite, List.copyOf(line)));
      }
    }
    return List.copyOf(out);
  }

  /** Puts stretches that share an end together. */
  private static List<List<Vec3>> joined(List<Vec3[]> stretches) {
    List<List<Vec3>> out = new ArrayList<>();
    List<Vec3[]> left = new ArrayList<>(stretches);
    while (!left.isEmpty()) {
      Vec3[] start = left.remove(left.size() - 1);
      List<Vec3> line = new ArrayList<>(List.of(start));
      while (grown(line, left)) {
        // one stretch more at either end
      }
      out.add(line);
    }
    return out;
  }

  private static boolean grown(List<Vec3> line, List<Vec3[]> left) {
    for (int i = left.size() - 1; i >= 0; i--) {
      for (int end = 0; end < 2; end++) {
        Vec3 at = left.get(i)[end];
        Vec3 on = left.get(i)[1 - end];
        if (at.distanceTo(line.get(line.size() - 1)) < 1e-6) {
          line.add(on);
          left.remove(i);
          return true;
        }
        if (at.distanceTo(line.get(0)) < 1e-6) {
          line.add(0, on);
          left.remove(i);
          return true;
        }
      }
    }
    return false;
  }

  /** The scalp as rings of points about the apex. */
  private static final class Web {
    private final Vec3[] points = new Vec3[SPOKES * (RINGS + 1)];
    private final double[] at = new double[points.length];
    private final boolean[] in = new boolean[points.length];
    private double most = -Double.MAX_VALUE;

    Web(Zone zone, Parting parting) {
      Head h = zone.head();
      for (int i = 0; i < SPOKES; i++) {
        double a = 2 * Math.PI * (i + 0.5) / SPOKES - Math.PI;
        double edge = h.hairlineFromApexMm(a);
        for (int k = 0; k <= RINGS; k++) {
          int v = i * (RINGS + 1) + k;
          points[v] = h.point(a, Math.max(0.5, edge * k / RINGS));
          at[v] = parting.atMm(h, points[v]);
          in[v] = zone.holds(points[v]);
          most = in[v] ? Math.max(most, at[v]) : most;
        }
      }
    }

    List<Vec3[]> cut(double level) {
      List<Vec3[]> out = new ArrayList<>();
      for (int i = 0; i < SPOKES; i++) {
        int here = i * (RINGS + 1);
        int next = (i + 1) % SPOKES * (RINGS + 1);
        for (int k = 0; k < RINGS; k++) {
          triangle(here + k, next + k, next + k + 1, level, out);
          triangle(here + k, next + k + 1, here + k + 1, level, out);
        }
      }
      return out;
    }

    private void triangle(int a, int b, int c, double level, List<Vec3[]> out) {
      if (!(in[a] && in[b] && in[c])) {
        return;
      }
      double low = Math.min(at[a], Math.min(at[b], at[c]));
      double high = Math.max(at[a], Math.max(at[b], at[c]));
      if (level <= low || level > high || high - low > LEAP_MM) {
        return;
      }
      List<Vec3> ends = new ArrayList<>(2);
      crossing(a, b, level, ends);
      crossing(b, c, level, ends);
      crossing(c, a, level, ends);
      if (ends.size() == 2) {
        out.add(new Vec3[] {ends.get(0), ends.get(1)});
      }
    }

    /** In the same order whichever triangle asks, so that neighbours share their ends. */
    private void crossing(int a, int b, double level, List<Vec3> ends) {
      int p = Math.min(a, b);
      int q = Math.max(a, b);
      if (at[p] < level != at[q] < level) {
        double t = (level - at[p]) / (at[q] - at[p]);
        ends.add(points[p].plus(points[q].minus(points[p]).times(t)));
      }
    }
  }
}
