package kitetail.planning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;

/**
 * How far the result strays when hands err.
 *
 * @param spreadMm standard deviation of the length left, at each root of the scalp
 * @param places spread at the named places
 * @param moves which moves cause it, most first
 */
public record Risk(double[] spreadMm, Map<Place, Double> places, List<Blame> moves) {
  public static final int RUNS = 64;
  static final long SEED = 20_260_701;

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
    ErringRuns runs = new ErringRuns(plan, bench, hands, SEED, RUNS);
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

  /** The spread alone, without which moves cause it; at each root of the scalp, mm. */
  public static double[] spreadMm(Plan plan, Workbench bench, Hands hands) {
    ErringRuns runs = new ErringRuns(plan, bench, hands, SEED, RUNS);
    return spread(runs.with(m -> true), runs.nominal.longest().length);
  }

  /** The lengths at the end of cuts by hands that err, [cut][root], mm; for tests of inference. */
  public static double[][] cuts(Plan plan, Workbench bench, Hands hands, long seed, int cuts) {
    return new ErringRuns(plan, bench, hands, seed, cuts).with(m -> true);
  }

  /** The same move by other guides: how far each strays on this head. */
  public static List<Choice> guides(
      Plan plan, Workbench bench, Hands hands, String move, List<Guide> guides) {
    Fingers f = fingers(plan, move);
    return guides.stream().map(g -> choice(plan, bench, hands, move, f.with(g))).toList();
  }

  /** The same move by bites of other widths, the narrowest first: how far each strays. */
  public static List<Choice> bites(
      Plan plan, Workbench bench, Hands hands, String move, double... bitesMm) {
    Fingers f = fingers(plan, move);
    return Arrays.stream(bitesMm)
        .sorted()
        .mapToObj(b -> choice(plan, bench, hands, move, f.withBite(b)))
        .toList();
  }

  /**
   * The widest of some bites that keeps within a tolerance where the move cuts; null when none
   * does.
   */
  public static Choice widestBite(
      Plan plan, Workbench bench, Hands hands, String move, double toleranceMm, double... bitesMm) {
    return widest(bites(plan, bench, hands, move, bitesMm), toleranceMm);
  }

  /**
   * @param bites the narrowest first
   * @return the widest that keeps within a tolerance; null when none does
   */
  public static Choice widest(List<Choice> bites, double toleranceMm) {
    return bites.stream().filter(c -> c.straysMm() <= toleranceMm).reduce((a, b) -> b).orElse(null);
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
    ErringRuns runs = new ErringRuns(changed, bench, hands, SEED, RUNS);
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
}
