package kitetail.hair;

/** The state the hair is cut in. */
public enum Damp {
  WET,
  DAMP,
  DRY;

  /**
   * Length of hair in the hand over its length dry and just pulled straight. Under tension wet hair
   * is longer by its stretch and damp hair by half of it; without tension dry hair is as short as
   * its curl makes it, damp hair half way there, and wet hair hangs straight under its own water.
   * Half ways are assumptions.
   *
   * @param tensed held firmly
   */
  public double handRatio(WetDry hair, boolean tensed) {
    return switch (this) {
      case WET -> tensed ? 1 + hair.stretchShare() : 1;
      case DAMP -> tensed ? 1 + hair.stretchShare() / 2 : (1 + hair.curlRatio()) / 2;
      case DRY -> tensed ? 1 : hair.curlRatio();
    };
  }
}
