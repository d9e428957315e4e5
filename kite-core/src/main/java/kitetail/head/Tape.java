package kitetail.head;

import kitetail.geom.StarSurface;
import kitetail.geom.TautPath;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Lengths as a tape gives them: on the convex hull of the cut through the skin, so hollows are
 * bridged.
 */
public final class Tape {
  private static final int ROUND_STEPS = 240;
  private static final int ARC_STEPS = 160;

  private Tape() {}

  /**
   * Once round the head in the plane through two points of its centre line, front and back.
   *
   * @return girth in mm; on the default head 0.01 % below the smooth curve (polyline of 240 points)
   */
  public static double girthMm(StarSurface s, Vec3 frontMm, Vec3 backMm) {
    UnitVec forward = UnitVec.of(frontMm.minus(backMm));
    Vec3 mid = frontMm.plus(backMm).times(0.5);
    Coordinate[] at = new Coordinate[ROUND_STEPS];
    double r = frontMm.distanceTo(mid);
    for (int i = 0; i < ROUND_STEPS; i++) {
      double a = 2 * Math.PI * i / ROUND_STEPS;
      double across = Math.sin(a);
      double along = Math.cos(a);
      Vec3 d = forward.times(along).plus(UnitVec.RIGHT.times(across));
      r = fromInside(s, mid, UnitVec.of(d), r);
      at[i] = new Coordinate(r * across, r * along);
    }
    return new ConvexHull(at, new GeometryFactory()).getConvexHull().getLength();
  }

  /**
   * From one skin point to another in the plane that also holds {@code via}, over the side of
   * {@code via}.
   */
  public static double arcMm(StarSurface s, Vec3 from, Vec3 via, Vec3 to) {
    UnitVec e = UnitVec.of(to.minus(from));
    UnitVec w = UnitVec.of(via.minus(from)).alongSurface(e);
    Vec3 c = from.plus(to).times(0.5).plus(w.times(0.3 * w.dot(via.minus(from))));
    double a0 = Math.atan2(w.dot(from.minus(c)), e.dot(from.minus(c)));
    double a1 = Math.atan2(w.dot(to.minus(c)), e.dot(to.minus(c)));
    a0 = a0 < 0 ? a0 + 2 * Math.PI : a0;
    double r = from.distanceTo(c);
    double[] u = new double[ARC_STEPS + 1];
    double[] v = new double[ARC_STEPS + 1];
    for (int i = 0; i <= ARC_STEPS; i++) {
      double a = a0 + (a1 - a0) * i / ARC_STEPS;
      UnitVec d = UnitVec.of(e.times(Math.cos(a)).plus(w.times(Math.sin(a))));
      r = fromInside(s, c, d, r);
      u[i] = r * Math.cos(a);
      v[i] = r * Math.sin(a);
    }
    return TautPath.tautLength(u, v, ARC_STEPS + 1, new int[ARC_STEPS + 1]);
  }

  /** Distance to the skin from any inner point. */
  static double fromInside(StarSurface s, Vec3 from, UnitVec d) {
    return fromInside(s, from, d, s.centreMm().distanceTo(s.onto(from.plus(d.times(1)))));
  }

  private static double fromInside(StarSurface s, Vec3 from, UnitVec d, double guessMm) {
    Vec3 c = s.centreMm();
    double r = guessMm;
    double before = 0;
    double rBefore = 0;
    for (int k = 0; k < 30; k++) {
      double x = from.x() + r * d.x();
      double y = from.y() + r * d.y();
      double z = from.z() + r * d.z();
      double h = s.heightMm(x, y, z);
      if (Math.abs(h) < 1e-7) {
        break;
      }
      double slope;
      if (k == 0) {
        double dist = Math.sqrt(sq(x - c.x()) + sq(y - c.y()) + sq(z - c.z()));
        slope = ((x - c.x()) * d.x() + (y - c.y()) * d.y() + (z - c.z()) * d.z()) / dist;
      } else {
        // Where the skin leans away, as at the nape, its height grows faster than the way to it.
        slope = (h - before) / (r - rBefore);
      }
      before = h;
      rBefore = r;
      r -= h / Math.max(slope, 0.4);
    }
    return r;
  }

  private static double sq(double x) {
    return x * x;
  }
}
