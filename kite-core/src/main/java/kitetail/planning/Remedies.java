package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Check;
import kitetail.client.Reading;
import kitetail.cut.Comb;
import kitetail.cut.Dial;
import kitetail.cut.Guard;
import kitetail.edit.MoveEdit;
import kitetail.head.Place;
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

  /** A guard leaves this much over what the comb will, so that the comb still has hair to cut. */
  private static final double OVER_COMB_MM = 6;

  /**
   * A guide is shortened by half an inch at a time (common practice); hair shorter than that is let
   * grow.
   */
  private static final double AT_A_TIME_MM = 12.7;

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
    Plan changed = changed(f);
    return changed != null && !changed.equals(plan) && helps(f, changed) ? changed : null;
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

  private Plan changed(Finding f) {
    return switch (f.rule()) {
      case "bulk-before-comb" -> bulkFirst(f);
      case "does-not-reach" -> shorter(f);
      case "wish-too-short" -> wished(f.place());
      case "left-right" -> length(f.place(), end(f.place().mirrored()));
      case "front-shortest" -> length(Place.FRONT, end(Place.FRONT) + f.amount());
      case "fringe-lands" -> length(Place.FRONT, end(Place.FRONT) - f.amount());
      case "point-on-top" -> length(Place.APEX, end(Place.APEX) - f.amount());
      case "point-at-nape" -> length(Place.NAPE, end(Place.NAPE) - f.amount());
      default -> Changes.of(plan, outcome, f);
    };
  }

  private double end(Place p) {
    return Math.max(0, outcome.afterMm()[bench.scalp().root(p)]);
  }

  private Plan length(Place p, double mm) {
    return Shaping.length(plan, bench, bench.scalp().root(p), Math.max(0, mm)).plan();
  }

  private Plan wished(Place place) {
    return outcome.wishes().stream()
        .filter(w -> w.wish().place() == place)
        .findFirst()
        .map(Reading::needMm)
        .map(mm -> length(place, mm + 1))
        .orElse(null);
  }

  private Plan shorter(Finding f) {
    return f.amount() <= AT_A_TIME_MM
        ? Changes.turned(plan, f, Dial.LENGTH, v -> Math.max(0, Math.floor(v - f.amount())))
        : null;
  }

  /** A guard over the comb's section first, a little longer than the comb will leave. */
  private Plan bulkFirst(Finding f) {
    Outcome.Step step =
        outcome.steps().stream()
            .filter(s -> s.move().id().equals(f.move()) && s.cut() instanceof Comb)
            .findFirst()
            .orElse(null);
    if (step == null) {
      return null;
    }
    double most = 0;
    for (int i : step.roots()) {
      most = Math.max(most, step.leftMm()[i]);
    }
    double number = Math.ceil((most + OVER_COMB_MM) / Guard.MM_PER_NUMBER / HALF) * HALF;
    if (number > 12) {
      return null;
    }
    int at = plan.moves().indexOf(plan.move(f.move()));
    Plan with = MoveEdit.add(plan, bench, MoveEdit.Kind.GUARD, step.move().section(), at);
    List<Move> moves = new ArrayList<>(with.moves());
    moves.set(at, moves.get(at).with(new Guard(number, 0, Guard.Grain.AGAINST, null)).as(Job.BULK));
    return with.withMoves(moves);
  }
}
