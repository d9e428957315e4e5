package kitetail.geom;

/**
 * An exact ellipsoid about the origin; with equal half axes, a ball. The engine is calibrated on
 * it.
 */
public record EllipsoidSurface(double aMm, double bMm, double cMm) implements StarSurface {
  private static final Vec3 CENTRE = new Vec3(0, 0, 0);

  public EllipsoidSurface {
    if (!(aMm > 0 && bMm > 0 && cMm > 0)) {
      throw new IllegalArgumentException(
          "half axes must be above 0, were " + aMm + ", " + bMm + ", " + cMm);
    }
  }

  @Override
  public Vec3 centreMm() {
    return CENTRE;
  }

  @Override
  public double radiusMm(double x, double y, double z) {
    double u = x / aMm;
    double v = y / bMm;
    double w = z / cMm;
    return Math.sqrt((x * x + y * y + z * z) / (u * u + v * v + w * w));
  }

  @Override
  public UnitVec normalAt(Vec3 p) {
    return UnitVec.of(p.x() / (aMm * aMm), p.y() / (bMm * bMm), p.z() / (cMm * cMm));
  }
}
