package kitetail.check;

import java.util.List;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;

/**
 * The places stylists compare left with right: over the ears, temples, sideburns, corners, back.
 */
final class Balance {
  static final List<Place> PAIRS =
      List.of(
          Place.EAR_TOP_LEFT,
          Place.TEMPLE_LEFT,
          Place.SIDEBURN_LEFT,
          Place.RIDGE_LEFT,
          Place.RECESSION_LEFT,
          Place.BEHIND_EAR_LEFT,
          Place.NAPE_CORNER_LEFT);

  private Balance() {}

  /** How much higher the right ear sits than the left, mm; ears are no level to go by then. */
  static double earsMm(Head head) {
    return head.spec() instanceof HeadSpec.Measured m
        ? m.shape().earRightMm() - m.shape().earLeftMm()
        : 0;
  }

  static boolean atTheEar(Place p) {
    return p == Place.EAR_TOP_LEFT || p == Place.SIDEBURN_LEFT || p == Place.BEHIND_EAR_LEFT;
  }
}
