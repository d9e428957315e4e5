package kitetail.geom;

/** Steps without corners. */
public final class Smooth {
  private Smooth() {}

  /** From 0 at 0 to 1 at 1, level at both ends: {@code t²(3 − 2t)}. */
  public static double step(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }
}
