package kitetail.geom;

/**
 * The length of hair pulled taut from its root to the hand: straight when it clears the head,
 * otherwise over the head and then straight.
 *
 * <p>Found as the shortest of the plane cuts through both ends: in each plane the taut path is the
 * outer convex hull of the cut, as a tape would lie; the plane is turned about the line of the ends
 * until the path is shortest. On a ball this is exact but for the polyline (below 0.02 mm at head
 * size). On an ellipsoid it stays within 0.05 % of the geodesic (checked against a geodesic
 * library).
 *
 * <p>Not thread-safe: each holds its own scratch space.
 */
public final class TautPath {
  private static final int STEPS = 36;

  /** Some 17° off the skin. */
  private static final double CLEAR_SINE = 0.3;

  private final StarSurface surface;
  private final Vec3 c;
  private final double[] u = new double[STEPS + 2];
  private final double[] v = new double[STEPS + 2];
  private final int[] hull = new int[STEPS + 2];

  public TautPath(StarSurface surface) {
    this.surface = surface;
    this.c = surface.centreMm();
  }

  /** Length in mm from a root on the skin to a point on or outside the skin. */
  public double lengthMm(Vec3 rootMm, Vec3 toMm) {
    if (clears(rootMm, toMm)) {
      return rootMm.distanceTo(toMm);
    }
    return overHead(rootMm, toMm);
  }

  /**
   * The same where the normal of the skin at the root is known: hair that leaves the skin by more
   * than {@link #CLEAR_SINE} clears it, since the part of a head that carries hair bulges all over.
   */
  public double lengthMm(Vec3 rootMm, UnitVec normal, Vec3 toMm) {
    double x = toMm.x() - rootMm.x();
    double y = toMm.y() - rootMm.y();
    double z = toMm.z() - rootMm.z();
    double length = Math.sqrt(x * x + y * y + z * z);
    boolean clear = normal.x() * x + normal.y() * y + normal.z() * z > CLEAR_SINE * length;
    return clear ? length : lengthMm(rootMm, toMm);
  }

  /**
   * True when the straight line leaves the skin at the root and meets it nowhere before the end.
   */
  boolean clears(Vec3 p, Vec3 q) {
    int checks = 10;
    for (int i = 1; i < checks; i++) {
      // Closer together near the root, where a path that dives into the skin does so first.
      double t = (double) i * i / (checks * checks);
      double x = p.x() + t * (q.x() - p.x());
      double y = p.y() + t * (q.y() - p.y());
      double z = p.z() + t * (q.z() - p.z());
      if (surface.heightMm(x, y, z) < -1e-4) {
        return false;
      }
    }
    return true;
  }

  /** The path over the skin between two points, whichever plane makes it shortest. */
  double overHead(Vec3 p, Vec3 q) {
    Vec3 chord = q.minus(p);
    double chordMm = chord.norm();
    if (chordMm < 1e-9) {
      return 0;
    }
    UnitVec e = UnitVec.of(chord);
    Vec3 mid = p.plus(q).times(0.5).minus(c);
    UnitVec out = UnitVec.of(mid).alongSurface(e);
    UnitVec side =
        UnitVec.of(new Vec3(e.x(), e.y(), e.z()).cross(new Vec3(out.x(), out.y(), out.z())));
    double turn = 0.12;
    double l0 = inPlane(p, q, e, out, side, 0);
    double lm = inPlane(p, q, e, out, side, -turn);
    double lp = inPlane(p, q, e, out, side, turn);
    double bend = lm - 2 * l0 + lp;
    double best = Math.min(l0, Math.min(lm, lp));
    if (bend > 1e-9) {
      double t = 0.5 * turn * (lm - lp) / bend;
      if (Math.abs(t) > 1e-6 && Math.abs(t) < 0.8) {
        best = Math.min(best, inPlane(p, q, e, out, side, t));
      }
    }
    return best;
  }

  private double inPlane(Vec3 p, Vec3 q, UnitVec e, UnitVec out, UnitVec side, double turnRad) {
    double ct = Math.cos(turnRad);
    double st = Math.sin(turnRad);
    double wx = ct * out.x() + st * side.x();
    double wy = ct * out.y() + st * side.y();
    double wz = ct * out.z() + st * side.z();
    // The centre brought into the plane, seen from p along e and w.
    double cx = c.x() - p.x();
    double cy = c.y() - p.y();
    double cz = c.z() - p.z();
    double cu = cx * e.x() + cy * e.y() + cz * e.z();
    double cv = cx * wx + cy * wy + cz * wz;
    double end = e.dot(q.minus(p));
    double from = Math.atan2(-cv, -cu);
    double to = Math.atan2(-cv, end - cu);
    if (from < to) {
      from += 2 * Math.PI;
    }
    double r = Math.hypot(cu, cv);
    int n = 0;
    u[n] = 0;
    v[n++] = 0;
    for (int i = 1; i < STEPS; i++) {
      double a = from + (to - from) * i / STEPS;
      double du = Math.cos(a);
      double dv = Math.sin(a);
      double dx = du * e.x() + dv * wx;
      double dy = du * e.y() + dv * wy;
      double dz = du * e.z() + dv * wz;
      r = alongRay(p, e, wx, wy, wz, cu, cv, dx, dy, dz, r);
      u[n] = cu + r * du;
      v[n++] = cv + r * dv;
    }
    u[n] = end;
    v[n++] = 0;
    return tautLength(u, v, n, hull);
  }

  private double alongRay(
      Vec3 p,
      UnitVec e,
      double wx,
      double wy,
      double wz,
      double cu,
      double cv,
      double dx,
      double dy,
      double dz,
      double guess) {
    double ox = p.x() + cu * e.x() + cv * wx - c.x();
    double oy = p.y() + cu * e.y() + cv * wy - c.y();
    double oz = p.z() + cu * e.z() + cv * wz - c.z();
    double r = guess;
    for (int k = 0; k < 6; k++) {
      double x = ox + r * dx;
      double y = oy + r * dy;
      double z = oz + r * dz;
      double d = Math.sqrt(x * x + y * y + z * z);
      double h = d - surface.radiusMm(x, y, z);
      double slope = (x * dx + y * dy + z * dz) / d;
      r -= h / Math.max(slope, 0.3);
      if (Math.abs(h) < 1e-4) {
        break;
      }
    }
    return r;
  }

  /**
   * Length of a string pulled tight over the points of a polyline from its first to its last point:
   * the chain of its convex hull on the side of positive v.
   *
   * @param hull scratch space for n indices
   */
  public static double tautLength(double[] u, double[] v, int n, int[] hull) {
    int m = 0;
    for (int i = 0; i < n; i++) {
      while (m >= 2) {
        int a = hull[m - 2];
        int b = hull[m - 1];
        double turn = (u[b] - u[a]) * (v[i] - v[a]) - (v[b] - v[a]) * (u[i] - u[a]);
        if (turn < 0) {
          break;
        }
        m--;
      }
      hull[m++] = i;
    }
    double length = 0;
    for (int i = 1; i < m; i++) {
      length += Math.hypot(u[hull[i]] - u[hull[i - 1]], v[hull[i]] - v[hull[i - 1]]);
    }
    return length;
  }
}
