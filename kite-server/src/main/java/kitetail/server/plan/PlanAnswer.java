package kitetail.server.plan;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.check.Check;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.answer.WalkView;
import kitetail.formats.words.EditWords;
import kitetail.formats.words.SaidPart;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/**
 * What is said of a plan, before its lengths.
 *
 * @param words of each move
 * @param why of each move, why its numbers are what they are
 * @param findingWords each finding in words
 */
public record PlanAnswer(
    @JsonUnwrapped PlanResult result,
    double growthMmPerWeek,
    List<MoveWords> words,
    List<String> why,
    List<String> findingWords) {

  /**
   * A move in words.
   *
   * @param parts of its sentence; those that say a number or a choice carry its path in the cut
   */
  public record MoveWords(String id, String headline, List<SaidPart> parts) {
    private static MoveWords of(Outcome.Step s, Words words) {
      return new MoveWords(
          s.move().id(), words.headline(s.move().with(s.cut())), words.parts(s.move()));
    }
  }

  /**
   * @param walks where they lie; what is left along them goes as bytes
   */
  static PlanAnswer of(Plan plan, Outcome o, List<WalkView> walks, Units units) {
    Words words = new Words(units);
    EditWords edits = new EditWords(words);
    List<Finding> found = Check.of(plan, o);
    return new PlanAnswer(
        PlanResult.of(plan, o, found, walks, words),
        7 * plan.hair().growthMmPerDay(),
        o.steps().stream().map(s -> MoveWords.of(s, words)).toList(),
        o.steps().stream().map(s -> edits.why(s.move(), plan, o, s)).toList(),
        found.stream().map(f -> words.finding(f, plan)).toList());
  }
}
