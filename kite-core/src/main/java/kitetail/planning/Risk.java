package kitetail.planning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.cut.Aside;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Texture;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Zone;
import kitetail.work.Deadline;

/**
 * How far the result strays when hands err.
 *
 * @param spreadMm standard deviation of the length left, at each root of the scalp
 * @param places spread at the named places
 * @param moves which moves cause it, most first
 */
public record Risk(double[] spreadMm, Map<Place, Double> places, List<Blame> moves) {
  public static final int RUNS = 64;
  private static final long SEED = 20_260_701;

  /** Sites are plenty for a spread, and keep 64 runs under a second. */
  public static final int SITES = 600;

  /**
   * @param spreadMm over the places it cuts, with only this move's errors
   * @param share of all the moves' variance
   */
  public record Blame(String move, double spreadMm, double share) {}

  /** A choice and how far it makes the result stray where it cuts: 19 times in 20 no more. */
  public record Choice(Guide guide, double biteMm, double straysMm) {}

  /**
   * @param bench of a scalp with few sites
   */
  public static Risk of(Plan plan, Workbench bench, Hands hands) {
    Runs runs = new Runs(plan, bench, hands);
    double[][] all = runs.with(m -> true);
    double[] spread = spread(all, runs.nominal.longest().length);
    Scalp s = bench.scalp();
    Map<Place, Double> places = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      places.put(p, spread[s.root(p)]);
    }
    List<Blame> blame = new ArrayList<>();
    double[] variance = new double[plan.moves().size()];
    for (int m = 0; m < variance.length; m++) {
      int only = m;
      double[] own = spread(runs.with(k -> k == only), spread.length);
      variance[m] =
          Arrays.stream(runs.zones.get(m).roots()).mapToDouble(i -> own[i] * own[i]).sum();
    }
    double total = Arrays.stream(variance).sum();
    for (int m = 0; m < variance.length; m++) {
      int n = Math.max(1, runs.zones.get(m).roots().length);
      blame.add(
          new Blame(
              plan.moves().get(m).id(),
              Math.sqrt(variance[m] / n),
              total == 0 ? 0 : variance[m] / total));
    }
    blame.sort(Comparator.comparingDouble(Blame::share).reversed());
    return new Risk(spread, Map.copyOf(places), List.copyOf(blame));
  }

  /** The same move by other guides: how far each strays on this head. */
  public static List<Choice> guides(
      Plan plan, Workbench bench, Hands hands, String move, List<Guide> guides) {
    Fingers f = fingers(plan, move);
    return guides.stream().map(g -> choice(plan, bench, hands, move, f.with(g))).toList();
  }

  /**
   * The widest of some bites that keeps within a tolerance where the move cuts; null when none
   * does.
   */
  public static Choice widestBite(
      Plan plan, Workbench bench, Hands hands, String move, double toleranceMm, double... bitesMm) {
    Fingers f = fingers(plan, move);
    return Arrays.stream(bitesMm)
        .sorted()
        .mapToObj(b -> choice(plan, bench, hands, move, f.withBite(b)))
        .filter(c -> c.straysMm() <= toleranceMm)
        .reduce((a, b) -> b)
        .orElse(null);
  }

  private static Fingers fingers(Plan plan, String move) {
    if (plan.move(move).cut() instanceof Fingers f) {
      return f;
    }
    throw new IllegalArgumentException("move " + move + " is not cut over the fingers");
  }

  private static Choice choice(
      Plan plan, Workbench bench, Hands hands, String move, Fingers instead) {
    Plan changed =
        plan.withMoves(
            plan.moves().stream().map(m -> m.id().equals(move) ? m.with(instead) : m).toList());
    Runs runs = new Runs(changed, bench, hands);
    int at = changed.moves().indexOf(changed.move(move));
    double[][] own = runs.with(k -> k == at);
    List<Double> strays = new ArrayList<>();
    for (int i : runs.zones.get(at).roots()) {
      if (runs.nominalAfter(at)[i] < runs.before(at)[i] - 0.05) {
        for (double[] run : own) {
          strays.add(Math.abs(run[i] - runs.nominal.longest()[i]));
        }
      }
    }
    strays.sort(null);
    double most = strays.isEmpty() ? 0 : strays.get((int) (0.95 * (strays.size() - 1)));
    return new Choice(instead.guide(), instead.biteMm(), most);
  }

  private static double[] spread(double[][] runs, int n) {
    double[] out = new double[n];
    for (int i = 0; i < n; i++) {
      double mean = 0;
      for (double[] r : runs) {
        mean += r[i] / runs.length;
      }
      double sum = 0;
      for (double[] r : runs) {
        sum += (r[i] - mean) * (r[i] - mean);
      }
      out[i] = Math.sqrt(sum / runs.length);
    }
    return out;
  }

  /**
   * What every move leaves in every run, worked out once; a run with the errors of some moves only
   * is then a matter of taking the smaller length.
   */
  private static final class Runs {
    final List<Zone> zones;
    final Stock nominal;
    private final Plan plan;
    private final List<Stock> states;
    private final double[][] steady;
    private final double[][][] unsteady = new double[RUNS][][];

    Runs(Plan plan, Workbench bench, Hands of) {
      this.plan = plan;
      Hands hands = plan.lively() ? of.onAMovingHead() : of;
      Outcome o = PlanEngine.run(plan, bench);
      states = new ArrayList<>();
      states.add(o.before());
      o.steps().forEach(s -> states.add(s.left()));
      nominal = o.after();
      zones = plan.moves().stream().map(m -> bench.zone(plan.region(m.section()))).toList();
      List<Cut> cuts = o.steps().stream().map(Outcome.Step::cut).toList();
      steady = new double[cuts.size()][];
      for (int m = 0; m < steady.length; m++) {
        steady[m] = cuts.get(m).leaves(zones.get(m), plan.hair());
      }
      Deadline until = Deadline.current();
      IntStream.range(0, RUNS)
          .parallel()
          .forEach(
              run -> {
                until.check();
                double[][] leaves = new double[cuts.size()][];
                for (int m = 0; m < leaves.length; m++) {
                  Random r = new Random(SEED + 1_000L * run + m);
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

    /** The lengths at the end of every run, with the errors of some moves. */
    double[][] with(java.util.function.IntPredicate errs) {
      double[][] out = new double[RUNS][];
      for (int run = 0; run < RUNS; run++) {
        double[] left = states.get(0).longest().clone();
        for (int m = 0; m < steady.length; m++) {
          Move move = plan.moves().get(m);
          double ratio = move.handRatio(plan.hair());
          double[] leaves = errs.test(m) ? unsteady[run][m] : steady[m];
          int[] roots = zones.get(m).roots();
          for (int k = 0; k < roots.length; k++) {
            left[roots[k]] = Math.min(left[roots[k]], leaves[k] / ratio);
          }
        }
        out[run] = left;
      }
      return out;
    }
  }
}
