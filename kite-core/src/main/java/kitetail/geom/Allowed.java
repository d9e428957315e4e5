package kitetail.geom;

/** Numbers held to their range, and told so in a sentence where they are not. */
public final class Allowed {
  private Allowed() {}

  /**
   * @throws IllegalArgumentException when the value is not from the least to the most, both
   *     included, or no number
   */
  public static void within(String name, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(
          name + " must be " + plain(least) + " to " + plain(most) + ", was " + plain(value));
    }
  }

  private static String plain(double v) {
    return v == Math.rint(v) && Math.abs(v) < 1e15 ? Long.toString((long) v) : Double.toString(v);
  }
}
