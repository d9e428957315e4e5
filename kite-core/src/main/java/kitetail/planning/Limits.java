package kitetail.planning;

import kitetail.client.Wishes;

/**
 * How far a client lets a cut grow; defaults are assumptions.
 *
 * @param edgeMm hair past the outline
 * @param contrastKept share of the taper's contrast that must be left, 0 to 1
 * @param fringeOverEyeMm how far above the eye the fringe must stay
 * @param weightShare how much heavier the ridge may get
 * @param standsMm length at which short thick bands stand out
 */
public record Limits(
    double edgeMm,
    double contrastKept,
    double fringeOverEyeMm,
    double weightShare,
    double standsMm) {
  public static final Limits USUAL = new Limits(8, 0.6, 4, 0.4, 22);

  /** Clients who do much at home bear less, those who do nothing more. */
  public static Limits of(Wishes w) {
    if (w.upkeep() == null) {
      return USUAL;
    }
    return switch (w.upkeep()) {
      case NOTHING -> new Limits(12, 0.5, 0, 0.55, 25);
      case HANDS -> USUAL;
      case DRYER, PRODUCT_AND_DRYER -> new Limits(7, 0.65, 6, 0.35, 22);
    };
  }
}
