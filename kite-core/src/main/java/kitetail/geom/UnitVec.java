package kitetail.geom;

/** A direction: a vector of length 1. Made by {@link #of}, which refuses a vector of no length. */
public record UnitVec(double x, double y, double z) {
  public static final UnitVec RIGHT = new UnitVec(1, 0, 0);
  public static final UnitVec FORWARD = new UnitVec(0, 1, 0);
  public static final UnitVec UP = new UnitVec(0, 0, 1);

  public UnitVec {
    double n = x * x + y * y + z * z;
    if (!(Math.abs(n - 1) < 1e-9)) {
      throw new IllegalArgumentException("a direction must have length 1, was " + Math.sqrt(n));
    }
  }

  public static UnitVec of(double x, double y, double z) {
    double n = Math.sqrt(x * x + y * y + z * z);
    if (!(n > 0) || Double.isInfinite(n)) {
      throw new IllegalArgumentException("no direction in " + x + ", " + y + ", " + z);
    }
    return new UnitVec(x / n, y / n, z / n);
  }

  public static UnitVec of(Vec3 v) {
    return of(v.x(), v.y(), v.z());
  }

  public Vec3 times(double lengthMm) {
    return new Vec3(lengthMm * x, lengthMm * y, lengthMm * z);
  }

  public double dot(Vec3 v) {
    return x * v.x() + y * v.y() + z * v.z();
  }

  public double dot(UnitVec v) {
    return x * v.x + y * v.y + z * v.z;
  }

  public UnitVec opposite() {
    return new UnitVec(-x, -y, -z);
  }

  /** This direction with its part along {@code n} taken out, e.g. "down" as it lies on the skin. */
  public UnitVec alongSurface(UnitVec n) {
    double d = dot(n);
    double ax = x - d * n.x;
    double ay = y - d * n.y;
    double az = z - d * n.z;
    if (ax * ax + ay * ay + az * az < 1e-18) {
      // Straight up from the apex there is no "down the head": any tangent serves, forward is
      // taken.
      return Math.abs(n.y) < 0.9 ? FORWARD.alongSurface(n) : RIGHT.alongSurface(n);
    }
    return of(ax, ay, az);
  }
}
