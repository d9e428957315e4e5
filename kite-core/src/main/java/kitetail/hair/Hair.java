package kitetail.hair;

/**
 * The hair of one client, as far as the cut needs it.
 *
 * @param exitDeg angle at which hair leaves the skin, 10 to 90
 * @param growthMmPerDay 0.1 to 0.8
 */
public record Hair(double exitDeg, double growthMmPerDay) {
  /** An assumption; the stylist may put in the client's own. */
  public static final Hair DEFAULT = new Hair(60, 0.36);

  public Hair {
    if (!(exitDeg >= 10 && exitDeg <= 90)) {
      throw new IllegalArgumentException("exitDeg must be 10 to 90, was " + exitDeg);
    }
    if (!(growthMmPerDay >= 0.1 && growthMmPerDay <= 0.8)) {
      throw new IllegalArgumentException(
          "growthMmPerDay must be 0.1 to 0.8, was " + growthMmPerDay);
    }
  }
}
