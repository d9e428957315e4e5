package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Check;
import kitetail.check.Remedy;
import kitetail.cut.Guard;
import kitetail.edit.MoveEdit;
import kitetail.plan.Finding;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * What answers a finding with one touch: the plan changed as its words advise. A change is offered
 * only when, run, it makes the finding go or grow smaller and brings no other that is worse.
 */
public final class Remedies {
  /** Guards are set half a number apart. */
  private static final double HALF = 0.5;

  private static final double LONGEST_GUARD = 12;

  private final Plan plan;
  private final Workbench bench;
  private final Outcome outcome;
  private final List<Finding> before;

  /**
   * @param bench of some sites of the plan's head
   */
  public Remedies(Plan plan, Workbench bench) {
    this.plan = plan;
    this.bench = bench;
    this.outcome = PlanEngine.run(plan, bench);
    this.before = Check.of(plan, outcome);
  }

  /** The plan with a finding answered; null when no single change does. */
  public Plan of(Finding f) {
    return Check.remedy(plan, outcome, f)
        .map(this::carriedOut)
        .filter(changed -> !changed.equals(plan) && helps(f, changed))
        .orElse(null);
  }

  /** A finding about the fall is not asked again here: it takes a fall to tell. */
  private boolean helps(Finding f, Plan changed) {
    List<Finding> after = Check.of(changed, PlanEngine.run(changed, bench));
    boolean known = before.stream().anyMatch(b -> same(b, f));
    boolean less =
        !known
            || after.stream()
                .filter(a -> same(a, f))
                .allMatch(a -> Math.abs(a.amount()) < Math.abs(f.amount()) - 0.2);
    return less && weight(after) <= weight(before);
  }

  static boolean same(Finding a, Finding b) {
    return a.rule().equals(b.rule())
        && (a.move() == null ? b.move() == null : a.move().equals(b.move()))
        && (a.place() == b.place() || a.move() != null);
  }

  static long weight(List<Finding> all) {
    long stops = all.stream().filter(a -> a.severity() == Finding.Severity.STOP).count();
    long warns =
        all.stream()
            .filter(a -> a.meant() == null && a.severity() == Finding.Severity.WARN)
            .count();
    return 100 * stops + warns;
  }

  private Plan carriedOut(Remedy r) {
    if (r instanceof Remedy.Worked w) {
      return w.plan();
    }
    if (r instanceof Remedy.Recut c) {
      return c.plan();
    }
    if (r instanceof Remedy.LengthAt l) {
      return Shaping.length(plan, bench, bench.scalp().root(l.place()), l.mm()).plan();
    }
    return guardFirst((Remedy.GuardFirst) r);
  }

  /** The shortest guard that leaves enough; none that there is leaves the plan as it was. */
  private Plan guardFirst(Remedy.GuardFirst g) {
    double number = Math.ceil(g.leavesMm() / Guard.MM_PER_NUMBER / HALF) * HALF;
    if (number > LONGEST_GUARD) {
      return plan;
    }
    Move before = plan.move(g.move());
    int at = plan.moves().indexOf(before);
    Plan with = MoveEdit.add(plan, bench, MoveEdit.Kind.GUARD, before.section(), at);
    List<Move> moves = new ArrayList<>(with.moves());
    moves.set(at, moves.get(at).with(new Guard(number, 0, Guard.Grain.AGAINST, null)).as(Job.BULK));
    return with.withMoves(moves);
  }
}
