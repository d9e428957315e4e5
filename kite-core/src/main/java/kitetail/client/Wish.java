package kitetail.client;

import java.util.Objects;
import java.util.stream.Stream;
import kitetail.geom.TautPath;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * A length wished for at a place, as it is worn: dry and let go. One of the three is given.
 *
 * @param lengthMm 0 to 1500, or null
 * @param landing where the ends should land, or null
 * @param standMm how high it should stand over the place when it is worn up, 5 to 300, or null
 */
public record Wish(
    Place place, @Nullable Double lengthMm, @Nullable Landing landing, @Nullable Double standMm) {
  public Wish {
    long given = Stream.of(lengthMm, landing, standMm).filter(Objects::nonNull).count();
    if (given != 1) {
      throw new IllegalArgumentException(
          String.format(
              "a wish gives one of lengthMm, landing and standMm, was %s, %s and %s",
              lengthMm, landing, standMm));
    }
    if (standMm != null && !(standMm >= 5 && standMm <= 300)) {
      throw new IllegalArgumentException("standMm must be 5 to 300, was " + standMm);
    }
    if (lengthMm != null && !(lengthMm >= 0 && lengthMm <= 1500)) {
      throw new IllegalArgumentException("lengthMm must be 0 to 1500, was " + lengthMm);
    }
  }

  /** The same on the other side. */
  public Wish mirrored() {
    return new Wish(place.mirrored(), lengthMm, landing, standMm);
  }

  public Wish(Place place, double lengthMm) {
    this(place, lengthMm, null, null);
  }

  public Wish(Place place, Landing landing) {
    this(place, null, landing, null);
  }

  /** So high over the place when it is worn up. */
  public static Wish standing(Place place, double mm) {
    return new Wish(place, null, null, mm);
  }

  /**
   * The length hair must have at the place, mm dry and straight: the wish undone of its curl; for a
   * landing, over the head and the face to it. A calibration body has no face, and 0 comes out.
   * Hair that stands stands as high as it is long; whether it bears itself is the rod of the fall
   * to say.
   */
  public double needMm(Head head, Hair hair) {
    double worn;
    if (landing == null) {
      worn = lengthMm == null ? standMm : lengthMm;
    } else if (head.face().isEmpty()) {
      worn = 0;
    } else {
      Vec3 root = head.place(place);
      worn = new TautPath(head.surface()).lengthMm(root, landing.on(head, root));
    }
    return worn / hair.wetDry().curlRatio();
  }
}
