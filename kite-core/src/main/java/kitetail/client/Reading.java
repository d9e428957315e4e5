package kitetail.client;

import java.util.List;
import java.util.function.ToDoubleFunction;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * How far today's hair is from one wish, mm dry and straight.
 *
 * @param offMm how much comes off; 0 when there is too little
 * @param shortMm how much is missing; 0 when it can be had
 * @param weeks until it has grown
 */
public record Reading(
    Wish wish, double needMm, double haveMm, double offMm, double shortMm, double weeks) {
  public static Reading of(Wish wish, Head head, Hair hair, double haveMm) {
    double need = wish.needMm(head, hair);
    double missing = Math.max(0, need - haveMm);
    return new Reading(
        wish,
        need,
        haveMm,
        Math.max(0, haveMm - need),
        missing,
        missing / hair.growthMmPerDay() / 7);
  }

  /**
   * @param lengthAtMm today's length at a place
   */
  public static List<Reading> all(
      Wishes wishes, Head head, Hair hair, ToDoubleFunction<Place> lengthAtMm) {
    return wishes.points().stream()
        .map(w -> of(w, head, hair, lengthAtMm.applyAsDouble(w.place())))
        .toList();
  }
}
