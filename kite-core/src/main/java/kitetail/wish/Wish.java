package kitetail.wish;

import kitetail.geom.TautPath;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * A length wished for at a place, as it is worn: dry and let go.
 *
 * @param lengthMm 0 to 1500; null when the place the ends should land at is given
 * @param landing null when the length is given
 */
public record Wish(Place place, Double lengthMm, Landing landing) {
  public Wish {
    if ((lengthMm == null) == (landing == null)) {
      throw new IllegalArgumentException(
          "a wish gives either lengthMm or landing, was " + lengthMm + " and " + landing);
    }
    if (lengthMm != null && !(lengthMm >= 0 && lengthMm <= 1500)) {
      throw new IllegalArgumentException("lengthMm must be 0 to 1500, was " + lengthMm);
    }
  }

  /** The same on the other side. */
  public Wish mirrored() {
    return new Wish(place.mirrored(), lengthMm, landing);
  }

  public Wish(Place place, double lengthMm) {
    this(place, lengthMm, null);
  }

  /**
   * The length hair must have at the place, mm dry and straight: the wish undone of its curl; for a
   * landing, over the head and the face to it. A calibration body has no face, and 0 comes out.
   */
  public double needMm(Head head, Hair hair) {
    double worn;
    if (landing == null) {
      worn = lengthMm;
    } else if (head.face().isEmpty()) {
      worn = 0;
    } else {
      Vec3 root = head.place(place);
      worn = new TautPath(head.surface()).lengthMm(root, landing.on(head, root));
    }
    return worn / hair.wetDry().curlRatio();
  }
}
