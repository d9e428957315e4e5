package kitetail.geom;

/**
 * A closed surface every point of which is seen from one inner point, its centre: so one number,
 * the radius, by direction. The part of a head that carries hair is such a surface.
 */
public interface StarSurface {
  Vec3 centreMm();

  /**
   * Distance from the centre to the skin along the direction (x, y, z), which need not have length
   * 1.
   */
  double radiusMm(double x, double y, double z);

  /** Outward normal of the skin at a point on it. */
  UnitVec normalAt(Vec3 onSkinMm);

  /** The point of the skin seen from the centre in the direction of {@code p}. */
  default Vec3 onto(Vec3 p) {
    Vec3 c = centreMm();
    Vec3 d = p.minus(c);
    return c.plus(d.times(radiusMm(d.x(), d.y(), d.z()) / d.norm()));
  }

  /** How far p stands above (positive) or under the skin, along the line to the centre. */
  default double heightMm(double px, double py, double pz) {
    Vec3 c = centreMm();
    double x = px - c.x();
    double y = py - c.y();
    double z = pz - c.z();
    return Math.sqrt(x * x + y * y + z * z) - radiusMm(x, y, z);
  }

  /** Normal from central differences of {@link #heightMm}, good to about 1e-6. */
  static UnitVec normalByDifferences(StarSurface s, Vec3 p, double stepMm) {
    double h = stepMm;
    return UnitVec.of(
        s.heightMm(p.x() + h, p.y(), p.z()) - s.heightMm(p.x() - h, p.y(), p.z()),
        s.heightMm(p.x(), p.y() + h, p.z()) - s.heightMm(p.x(), p.y() - h, p.z()),
        s.heightMm(p.x(), p.y(), p.z() + h) - s.heightMm(p.x(), p.y(), p.z() - h));
  }
}
