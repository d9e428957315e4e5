package kitetail.server.fall;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.check.Check;
import kitetail.fall.Fall;
import kitetail.formats.answer.FindingView;
import kitetail.formats.answer.HairInk;
import kitetail.formats.answer.LookResult;
import kitetail.formats.answer.OutgrownView;
import kitetail.formats.words.LookWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.planning.Outgrown;
import kitetail.planning.Worn;

/**
 * What is said of fallen hair, before its strands.
 *
 * @param coarse of few strands: asked for so, or because others waited
 * @param findings of the plan, those that need the fall among them
 * @param findingWords each of them in words
 * @param words the reading in sentences
 * @param returnWords when to come back, in words
 */
public record FallAnswer(
    @JsonUnwrapped LookResult look,
    @JsonUnwrapped HairInk ink,
    boolean coarse,
    OutgrownView outgrown,
    List<FindingView> findings,
    List<String> findingWords,
    List<String> words,
    String returnWords) {

  static FallAnswer of(Plan plan, Worn w, Units units) {
    Words words = new Words(units);
    LookWords said = new LookWords(words);
    Outgrown grown = Outgrown.of(plan, w.outcome());
    List<Finding> found = Check.of(plan, w.outcome(), w.look());
    return new FallAnswer(
        LookResult.of(w),
        HairInk.of(w.fall()),
        w.fall().strands() < Fall.STRANDS / 2,
        OutgrownView.of(grown),
        FindingView.of(found),
        found.stream().map(f -> words.finding(f, plan)).toList(),
        said.of(w),
        said.outgrown(grown));
  }
}
