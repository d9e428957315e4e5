package kitetail.hair;

/**
 * How a client's hair answers to water and to the hand. Every length inside the engine is that of
 * the hair dry and just pulled straight; this converts.
 *
 * @param stretchShare how much longer wet hair is when held firmly, 0 to 0.3; 0.03 is an assumption
 * @param curlRatio length dry and let go over length dry and straight, 0.2 to 1
 */
public record WetDry(double stretchShare, double curlRatio) {
  public static final WetDry STRAIGHT = new WetDry(0.03, 1);

  public WetDry {
    if (!(stretchShare >= 0 && stretchShare <= 0.3)) {
      throw new IllegalArgumentException("stretchShare must be 0 to 0.3, was " + stretchShare);
    }
    if (!(curlRatio >= 0.2 && curlRatio <= 1)) {
      throw new IllegalArgumentException("curlRatio must be 0.2 to 1, was " + curlRatio);
    }
  }

  /** In what state a length was taken. */
  public enum State {
    DRY_STRAIGHT,
    DRY_RELAXED,
    WET_PULLED
  }

  /**
   * From one strand measured twice. The two numbers cannot both be told from one ratio: the stretch
   * is taken as usual and the curl takes the rest; hair that shortens less than it was stretched is
   * straight and stretches less.
   *
   * @throws IllegalArgumentException when the relaxed strand is longer than the pulled one, or less
   *     than a sixth of it
   */
  public static WetDry ofStrand(double wetPulledMm, double dryRelaxedMm) {
    double ratio = dryRelaxedMm / wetPulledMm;
    if (!(wetPulledMm > 0 && dryRelaxedMm > 0 && ratio <= 1)) {
      throw new IllegalArgumentException(
          "dryRelaxedMm must be above 0 and no longer than the wet strand of "
              + wetPulledMm
              + " mm, was "
              + dryRelaxedMm);
    }
    double curl = ratio * (1 + STRAIGHT.stretchShare);
    return curl <= 1
        ? new WetDry(STRAIGHT.stretchShare, curl)
        : new WetDry(Math.min(0.3, 1 / ratio - 1), 1);
  }

  public double straightMm(double lengthMm, State taken) {
    return switch (taken) {
      case DRY_STRAIGHT -> lengthMm;
      case DRY_RELAXED -> lengthMm / curlRatio;
      case WET_PULLED -> lengthMm / (1 + stretchShare);
    };
  }

  public double shownMm(double straightMm, State as) {
    return switch (as) {
      case DRY_STRAIGHT -> straightMm;
      case DRY_RELAXED -> straightMm * curlRatio;
      case WET_PULLED -> straightMm * (1 + stretchShare);
    };
  }
}
