package kitetail.formats.answer;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import kitetail.check.Check;
import kitetail.check.CheckRound;
import kitetail.plan.Plan;
import kitetail.planning.Outgrown;
import kitetail.planning.Worn;

/** All that {@code compute --look} tells of a plan worn so many weeks after it was cut. */
public record WornResult(
    @JsonUnwrapped LookResult look,
    List<OutlineView> silhouettes,
    OutgrownView outgrown,
    List<CheckItem> checkRound,
    List<FindingView> findings) {

  public static WornResult of(Plan plan, Worn w) {
    return new WornResult(
        LookResult.of(w),
        OutlineView.of(w.look()),
        OutgrownView.of(Outgrown.of(plan, w.outcome())),
        CheckItem.of(CheckRound.of(plan, w.outcome()), w.outcome()),
        FindingView.of(Check.of(plan, w.outcome(), w.look())));
  }
}
