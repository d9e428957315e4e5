package kitetail.server.fall;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Set;
import kitetail.check.CheckRound;
import kitetail.formats.answer.CheckItem;
import kitetail.formats.words.FinishWords;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.Hands;
import kitetail.planning.Outgrown;
import kitetail.planning.Risk;
import kitetail.planning.RoundByRisk;
import kitetail.server.advice.Advice;
import kitetail.server.head.Heads;
import kitetail.shopday.Finishing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What comes after the last cut: checking, drying and styling, coming back. */
@Component
public class AfterTheCut {
  private final Heads heads;
  private final Advice advice;

  AfterTheCut(Heads heads, Advice advice) {
    this.heads = heads;
    this.advice = advice;
  }

  /**
   * @param measured where a length was measured while it was cut
   */
  record Cut(@NotNull Plan document, @Nullable Set<Place> measured) {}

  /**
   * A part of the head to look at from one stand.
   *
   * @param items numbers in the round, the riskiest first
   */
  record RoundPart(RoundByRisk.Part part, List<Integer> items) {}

  /**
   * What to look at when the cut is done, and each in words.
   *
   * @param parts all of it by the part of the head, the riskiest first
   * @param own by what is known of the hand of who asks
   */
  record Round(List<CheckItem> items, List<String> words, List<RoundPart> parts, boolean own) {}

  /**
   * @param damp how the hair should be when the step begins
   */
  public record FinishStep(Damp damp, String words) {}

  /**
   * @param returnFrom weeks until coming back makes sense, and by which most would
   */
  public record Finish(
      List<FinishStep> steps,
      List<String> home,
      double returnFrom,
      double returnTo,
      String returnWords) {}

  public Finish finish(Plan plan, Units units) {
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

  Round check(Cut cut, Units units, Hands hands) {
    Plan plan = cut.document();
    Outcome outcome = heads.run(plan);
    CheckRound round = CheckRound.of(plan, outcome);
    LookWords said = said(units);
    RoundByRisk parts =
        RoundByRisk.of(
            round,
            Risk.of(plan, advice.few(plan.head()), hands).places(),
            cut.measured() == null ? Set.of() : cut.measured());
    return new Round(
        CheckItem.of(round, outcome),
        round.items().stream().map(i -> said.item(i, plan)).toList(),
        parts.groups().stream().map(g -> new RoundPart(g.part(), g.items())).toList(),
        !hands.equals(Hands.USUAL));
  }

  private static LookWords said(Units units) {
    return new LookWords(new Words(units));
  }
}
