package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import kitetail.cut.Aside;
import kitetail.cut.Cut;
import kitetail.cut.Texture;
import kitetail.hair.Stock;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Zone;
import kitetail.work.Deadline;

/**
 * A plan cut again and again by hands that err. What every move leaves in every run is worked out
 * once; a run with the errors of some moves only is then a matter of taking the smaller length.
 */
final class ErringRuns {
  final List<Zone> zones;
  final Stock nominal;
  private final Plan plan;
  private final List<Cut> cuts;
  private final List<Stock> states;
  private final double[][] steady;
  private final double[][][] unsteady;

  /**
   * @param seed the same one gives the same runs
   * @param runs how many
   */
  ErringRuns(Plan plan, Workbench bench, Hands of, long seed, int runs) {
    this.plan = plan;
    Hands hands = plan.lively() ? of.onAMovingHead() : of;
    Outcome o = PlanEngine.run(plan, bench);
    states = new ArrayList<>();
    states.add(o.before());
    o.steps().forEach(s -> states.add(s.left()));
    nominal = o.after();
    zones = plan.moves().stream().map(m -> bench.zone(plan.region(m.section()))).toList();
    cuts = o.steps().stream().map(Outcome.Step::cut).toList();
    steady = new double[cuts.size()][];
    for (int m = 0; m < steady.length; m++) {
      steady[m] = cuts.get(m).leaves(zones.get(m), plan.hair());
    }
    unsteady = new double[runs][][];
    Deadline until = Deadline.current();
    IntStream.range(0, runs)
        .parallel()
        .forEach(
            run -> {
              until.check();
              double[][] leaves = new double[cuts.size()][];
              for (int m = 0; m < leaves.length; m++) {
                Random r = new Random(seed + 1_000L * run + m);
                leaves[m] =
                    cuts.get(m) instanceof Aside || cuts.get(m) instanceof Texture
                        ? steady[m]
                        : Unsteady.leaves(cuts.get(m), zones.get(m), plan.hair(), hands, r);
              }
              unsteady[run] = leaves;
            });
  }

  double[] before(int move) {
    return states.get(move).longest();
  }

  double[] nominalAfter(int move) {
    return states.get(move + 1).longest();
  }

  /** The lengths at the end of every run, with the errors of some moves; [run][root], mm. */
  double[][] with(IntPredicate errs) {
    double[][] out = new double[unsteady.length][];
    for (int run = 0; run < out.length; run++) {
      double[] left = states.get(0).longest().clone();
      for (int m = 0; m < steady.length; m++) {
        Move move = plan.moves().get(m);
        double ratio = move.handRatio(plan.hair());
        int[] roots = zones.get(m).roots();
        double[] leaves = errs.test(m) ? unsteady[run][m] : steady[m];
        if (cuts.get(m).follows()) {
          // It goes by the hair that is there and the errors in it, and adds none.
          Zone zone = zones.get(m);
          leaves = cuts.get(m).following(zone, Cut.held(zone, ratio, left));
        }
        for (int k = 0; k < roots.length; k++) {
          left[roots[k]] = Math.min(left[roots[k]], leaves[k] / ratio);
        }
      }
      out[run] = left;
    }
    return out;
  }
}
