package kitetail.formats.answer;

import java.util.List;
import java.util.stream.Stream;
import kitetail.check.CheckRound;
import kitetail.head.Place;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * One thing to look at when the cut is done.
 *
 * @param expectMm what should be there
 * @param otherMm what should be at the place it is compared with
 * @param toleranceMm how far apart they may be
 * @param levelOffMm how far from level
 * @param sections it is about
 * @param at where it is looked at: one place, or both sides of one
 */
public record CheckItem(
    CheckRound.Kind kind,
    Place place,
    CheckRound.Way way,
    double expectMm,
    double otherMm,
    double toleranceMm,
    double levelOffMm,
    List<String> sections,
    List<At> at) {
  /**
   * @param move that cut there last, slips left out; null where none did
   */
  public record At(Place place, @Nullable String move) {
    private static At of(Place place, Outcome o) {
      return new At(
          place,
          o.allAt(o.scalp().root(place)).stream()
              .filter(m -> m.job() != Job.SLIP)
              .map(Move::id)
              .findFirst()
              .orElse(null));
    }
  }

  /**
   * @param o what comes of the plan the round is about
   */
  public static List<CheckItem> of(CheckRound r, Outcome o) {
    return r.items().stream()
        .map(
            i ->
                new CheckItem(
                    i.kind(),
                    i.place(),
                    i.way(),
                    Rounded.tenth(i.expectMm()),
                    Rounded.tenth(i.otherMm()),
                    Rounded.tenth(i.toleranceMm()),
                    Rounded.tenth(i.levelOffMm()),
                    i.sections(),
                    (i.kind() == CheckRound.Kind.BALANCE
                            ? Stream.of(i.place(), i.place().mirrored())
                            : Stream.of(i.place()))
                        .map(p -> At.of(p, o))
                        .toList()))
        .toList();
  }
}
