package kitetail.geom;

/** Another star surface stretched about the origin by one factor along each axis. */
public record StretchedSurface(StarSurface base, Vec3 factors, Vec3 centreMm)
    implements StarSurface {
  public StretchedSurface {
    if (!(factors.x() > 0 && factors.y() > 0 && factors.z() > 0)) {
      throw new IllegalArgumentException("factors must be above 0, were " + factors);
    }
  }

  public static StretchedSurface of(StarSurface base, Vec3 factors) {
    return new StretchedSurface(base, factors, base.centreMm().scaled(factors));
  }

  @Override
  public double radiusMm(double x, double y, double z) {
    double bx = x / factors.x();
    double by = y / factors.y();
    double bz = z / factors.z();
    return base.radiusMm(bx, by, bz)
        * Math.sqrt((x * x + y * y + z * z) / (bx * bx + by * by + bz * bz));
  }

  @Override
  public UnitVec normalAt(Vec3 p) {
    UnitVec n =
        base.normalAt(new Vec3(p.x() / factors.x(), p.y() / factors.y(), p.z() / factors.z()));
    return UnitVec.of(n.x() / factors.x(), n.y() / factors.y(), n.z() / factors.z());
  }
}
