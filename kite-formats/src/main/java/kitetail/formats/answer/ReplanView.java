package kitetail.formats.answer;

import java.util.List;
import kitetail.cut.Dial;
import kitetail.formats.words.AdviceWords;
import kitetail.plan.Plan;
import kitetail.planning.Replan;

/**
 * What else has to change after a slip.
 *
 * @param restored whether the shape can be had as it was
 * @param offMm how far from it what is there is
 * @param leftMm how far from it what is done about it leaves
 * @param shorterMm how much shorter the whole becomes
 * @param weeks until it has grown back
 * @param document the plan that goes on with it
 */
public record ReplanView(
    boolean restored,
    double offMm,
    double leftMm,
    double shorterMm,
    double weeks,
    String words,
    List<Change> changes,
    Plan document) {

  /**
   * One number changed.
   *
   * @param again whether the move is done once more
   */
  public record Change(String move, Dial dial, double from, double to, boolean again) {
    private static Change of(Replan.Change c) {
      return new Change(
          c.move(), c.dial(), Rounded.thousandth(c.from()), Rounded.thousandth(c.to()), c.again());
    }
  }

  /**
   * @param done how many moves of the plan are done
   */
  public static ReplanView of(Replan r, Plan plan, int done, AdviceWords words) {
    return new ReplanView(
        r.restored(),
        Rounded.thousandth(r.offMm()),
        Rounded.thousandth(r.leftMm()),
        Rounded.thousandth(r.shorterMm()),
        Rounded.thousandth(r.weeks()),
        words.replan(r, plan),
        r.changes().stream().map(Change::of).toList(),
        r.applied(plan, done));
  }
}
