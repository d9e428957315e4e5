package kitetail.formats.answer;

import java.util.List;
import kitetail.check.Handled;
import kitetail.check.Heed;
import kitetail.formats.words.CareWords;
import kitetail.formats.words.HandlingWords;
import kitetail.formats.words.Words;
import kitetail.head.Place;
import kitetail.plan.Dose;
import kitetail.plan.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * What one move does.
 *
 * @param turns how often feet or chair are moved
 * @param takenMaxMm the longest piece that falls
 * @param shortfallMm by how much hair misses the line where it misses it most
 * @param shortfallPlace where that is; missing when it misses nowhere
 * @param gramsTextured of a texture move, what it takes in all
 * @param doses of a texture move, what it takes of each column
 * @param heeds what is to be heeded while it is done: ears, skin, blades
 * @param handling how it is done beside its cut: mist, tilt of the head, ear, stroke, shears
 */
public record MoveResult(
    String id,
    int bites,
    int turns,
    double minutes,
    double cutAreaMm2,
    double takenMaxMm,
    double shortfallMm,
    @Nullable Place shortfallPlace,
    @Nullable Double gramsTextured,
    @Nullable List<DoseView> doses,
    List<String> heeds,
    List<String> handling) {

  /**
   * What texture takes of one column.
   *
   * @param aroundDeg where it stands around the head
   * @param percent of its weight
   * @param mostPercent at the place it takes most
   */
  public record DoseView(
      double aroundDeg, int passes, double percent, double grams, double mostPercent) {
    static DoseView of(Dose d) {
      return new DoseView(
          Rounded.thousandth(d.aroundDeg()),
          d.passes(),
          Rounded.thousandth(d.percent()),
          Rounded.thousandth(d.grams()),
          Rounded.thousandth(d.mostPercent()));
    }
  }

  static MoveResult of(Outcome.Step s, List<Heed> heeds, @Nullable Handled handled, Words words) {
    boolean textured = !s.doses().isEmpty();
    return new MoveResult(
        s.move().id(),
        s.bites(),
        s.turns(),
        Rounded.thousandth(s.minutes()),
        Rounded.thousandth(s.cutAreaMm2()),
        Rounded.thousandth(s.takenMaxMm()),
        Rounded.thousandth(s.shortfallMm()),
        s.shortfallPlace(),
        textured ? Rounded.thousandth(s.gramsTextured()) : null,
        textured ? s.doses().stream().map(DoseView::of).toList() : null,
        CareWords.of(heeds, words),
        handled == null ? List.of() : HandlingWords.of(handled, s.move().stand()));
  }
}
