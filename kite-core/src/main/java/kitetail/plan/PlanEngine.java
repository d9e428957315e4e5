package kitetail.plan;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.wish.Reading;

/**
 * Runs a plan on a scalp: each move leaves the smaller of what was there and what its cut leaves.
 * The same plan on the same scalp gives the same numbers to the last bit.
 */
public final class PlanEngine {
  /** Changes whenever the same plan may give other numbers. */
  public static final String VERSION = "0.2.0";

  private static final double TOUCHED_MM = 0.05;

  private PlanEngine() {}

  /** Fits the head, lays out the sites and runs the plan. */
  public static Outcome run(Plan plan) {
    return run(plan, Scalp.of(Head.of(plan.head()), Scalp.DEFAULT_SITES));
  }

  /** Runs a plan on a scalp made earlier for the same head. */
  public static Outcome run(Plan plan, Scalp scalp) {
    return run(plan, new Workbench(scalp));
  }

  /** Runs a plan where earlier runs on the same scalp left their work. */
  public static Outcome run(Plan plan, Workbench bench) {
    Scalp scalp = bench.scalp();
    double[] before = bench.start(plan.start(), plan.hair());
    double[][] leaves = new double[plan.moves().size()][];
    // What a move would leave does not depend on the moves before it, so they are worked out side
    // by side.
    java.util.stream.IntStream.range(0, leaves.length)
        .parallel()
        .forEach(
            m -> {
              Move move = plan.moves().get(m);
              leaves[m] = bench.leaves(move.cut(), plan.section(move.section()), plan.hair());
            });
    List<Outcome.Step> steps = new ArrayList<>();
    double[] state = before;
    for (int m = 0; m < leaves.length; m++) {
      Outcome.Step step =
          apply(
              plan,
              scalp,
              plan.moves().get(m),
              bench.roots(plan.section(plan.moves().get(m).section())),
              leaves[m],
              state);
      steps.add(step);
      state = step.leftMm();
    }
    Outcome bare =
        new Outcome(scalp, before, List.copyOf(steps), wishes(plan, scalp, state), List.of());
    return new Outcome(scalp, before, bare.steps(), bare.wishes(), Findings.of(plan, bare));
  }

  private static Outcome.Step apply(
      Plan plan, Scalp scalp, Move move, int[] roots, double[] leaves, double[] state) {
    double[] left = state.clone();
    double area = 0;
    double taken = 0;
    double shortfall = 0;
    int at = -1;
    int set = lineSetAt(scalp, move);
    for (int k = 0; k < roots.length; k++) {
      int i = roots[k];
      double off = state[i] - leaves[k];
      if (off > 0) {
        left[i] = leaves[k];
      }
      if (off > TOUCHED_MM) {
        area += scalp.areaMm2(i);
        taken = Math.max(taken, off);
      } else if (-off > shortfall && Double.isFinite(leaves[k]) && asks(move, i, set)) {
        shortfall = -off;
        at = i;
      }
    }
    int bites = move.cut().bites(scalp, roots);
    return new Outcome.Step(
        move,
        roots,
        left,
        bites,
        bites * plan.pace().secondsFor(move.cut()) / 60,
        area,
        taken,
        shortfall,
        at < 0 ? null : nearest(scalp, at));
  }

  private static boolean asks(Move move, int root, int lineSetAt) {
    return move.cut() instanceof Fingers f && (f.line().asksEverywhere() || root == lineSetAt);
  }

  private static int lineSetAt(Scalp scalp, Move move) {
    return move.cut() instanceof Fingers f && f.line() instanceof CutLine.Flat flat
        ? Sampling.nearestRoot(scalp, scalp.head().place(flat.place()))
        : -1;
  }

  private static List<Reading> wishes(Plan plan, Scalp scalp, double[] state) {
    return plan.wishes().points().stream()
        .map(
            w ->
                Reading.of(
                    w,
                    scalp.head(),
                    plan.hair(),
                    state[Sampling.nearestRoot(scalp, scalp.head().place(w.place()))]))
        .toList();
  }

  static Place nearest(Scalp scalp, int root) {
    Place best = Place.APEX;
    for (Place p : Place.values()) {
      if (scalp.head().place(p).distanceTo(scalp.pointMm(root))
          < scalp.head().place(best).distanceTo(scalp.pointMm(root))) {
        best = p;
      }
    }
    return best;
  }
}
