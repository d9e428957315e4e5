package kitetail.geom;

/** A point or an offset in the head frame, mm. Refuses anything that is not a finite number. */
public record Vec3(double x, double y, double z) {
  public Vec3 {
    if (!Double.isFinite(x + y + z)) {
      throw new IllegalArgumentException("a point must be finite, was " + x + ", " + y + ", " + z);
    }
  }

  public Vec3 plus(Vec3 o) {
    return new Vec3(x + o.x, y + o.y, z + o.z);
  }

  public Vec3 minus(Vec3 o) {
    return new Vec3(x - o.x, y - o.y, z - o.z);
  }

  public Vec3 times(double k) {
    return new Vec3(k * x, k * y, k * z);
  }

  public double dot(Vec3 o) {
    return x * o.x + y * o.y + z * o.z;
  }

  public Vec3 cross(Vec3 o) {
    return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
  }

  public double norm() {
    return Math.sqrt(x * x + y * y + z * z);
  }

  public double distanceTo(Vec3 o) {
    return minus(o).norm();
  }

  /** Component by component, for an axis-aligned stretch. */
  public Vec3 scaled(Vec3 k) {
    return new Vec3(k.x * x, k.y * y, k.z * z);
  }
}
