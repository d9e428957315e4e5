package kitetail.hair;

/** The fine hair of the neck below the hairline: not head hair, it is cleaned or left. */
public enum NeckHair {
  CLEANED,
  LEFT;

  /** Hairs a mm² and their thickness just below the hairline; from memory. */
  public static final double PER_MM2 = 0.6;

  public static final double DIAMETER_MM = 0.045;

  /** It grows more slowly than the head's hair, and no longer than this; assumptions. */
  private static final double GROWS = 0.6;

  private static final double MOST_MM = 9;

  /**
   * @param mmPerWeek of the head's hair
   * @param weeks since it was last looked after
   */
  public double lengthMm(double mmPerWeek, double weeks) {
    return this == LEFT ? MOST_MM : Math.min(MOST_MM, GROWS * mmPerWeek * weeks);
  }
}
