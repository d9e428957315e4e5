package kitetail.server.fall;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.check.CheckRound;
import kitetail.formats.answer.CheckItem;
import kitetail.formats.answer.GrowOutView;
import kitetail.formats.words.FinishWords;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.plan.Plan;
import kitetail.planning.GrowOut;
import kitetail.planning.Outgrown;
import kitetail.server.advice.Advice;
import kitetail.server.error.FieldException;
import kitetail.server.head.Heads;
import kitetail.shopday.Finishing;
import org.springframework.stereotype.Component;

/** What comes after the last cut: checking, drying and styling, coming back, growing out. */
@Component
class AfterTheCut {
  private final Heads heads;
  private final Advice advice;

  AfterTheCut(Heads heads, Advice advice) {
    this.heads = heads;
    this.advice = advice;
  }

  /** What to look at when the cut is done, and each in words. */
  record Round(List<CheckItem> items, List<String> words) {}

  /** Visits on the way to a shape, and the whole in words. */
  record GrowingOut(@JsonUnwrapped GrowOutView visits, String words) {}

  /**
   * @param damp how the hair should be when the step begins
   */
  record FinishStep(Damp damp, String words) {}

  /**
   * @param returnFrom weeks until coming back makes sense, and by which most would
   */
  record Finish(
      List<FinishStep> steps,
      List<String> home,
      double returnFrom,
      double returnTo,
      String returnWords) {}

  Finish finish(Plan plan, Units units) {
    Outgrown grown = Outgrown.of(plan, heads.run(plan));
    return new Finish(
        Finishing.of(plan).steps().stream()
            .map(s -> new FinishStep(s.damp(), FinishWords.step(s, plan)))
            .toList(),
        FinishWords.home(plan),
        grown.returnFrom(),
        grown.returnTo(),
        said(units).outgrown(grown));
  }

  Round check(Plan plan, Units units) {
    CheckRound round = CheckRound.of(plan, heads.run(plan));
    LookWords said = said(units);
    return new Round(
        CheckItem.of(round), round.items().stream().map(i -> said.item(i, plan)).toList());
  }

  /**
   * From today's starting hair to a shape, over several visits.
   *
   * @throws FieldException when the visits are out of range
   */
  GrowingOut growOut(Plan today, Plan shape, double everyWeeks, Units units) {
    FieldException.within("everyWeeks", everyWeeks, 1, 26);
    Plan target =
        shape.on(today.head(), today.hair(), today.start(), shape.wishes(), today.cautions());
    GrowOut g = GrowOut.of(today, target, advice.places(today.head()), everyWeeks);
    return new GrowingOut(GrowOutView.of(g), said(units).growOut(g));
  }

  private static LookWords said(Units units) {
    return new LookWords(new Words(units));
  }
}
