package kitetail.planning;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * The few places at which measuring tells most of how a cut has come out everywhere, chosen from
 * cuts by hands that err: one by one, each the place after whose measure the least is left unknown
 * over the head. What was not measured is then inferred from what was.
 *
 * <p>Lengths over many runs are taken as jointly normal, so that inference is linear: with the
 * covariance K of the runs and the measures y of places S, {@code μ + K_S (K_SS + σ²)⁻¹ (y − μ_S)},
 * σ what a comb is read by. Greedy choice by variance left is common for sensors (Krause, Singh and
 * Guestrin, Journal of Machine Learning Research 9, 2008, from memory).
 */
public final class Telling {
  /** A length is read off a comb to about a millimetre; an assumption. */
  private static final double READ_MM = 1;

  private static final long SEED = 20_261_129;
  private static final int RUNS = 64;

  private final Scalp scalp;
  private final List<Place> places;
  private final double[] shares;
  private final double[] mean;

  /** Of every root with every named place, mm². */
  private final double[][] with;

  private Telling(
      Scalp scalp, List<Place> places, double[] shares, double[] mean, double[][] with) {
    this.scalp = scalp;
    this.places = places;
    this.shares = shares;
    this.mean = mean;
    this.with = with;
  }

  /**
   * @param bench of a scalp with few sites
   * @param count how many places, 0 to the number of named ones
   */
  public static Telling of(Plan plan, Workbench bench, Hands hands, int count) {
    Scalp s = bench.scalp();
    double[][] runs = new ErringRuns(plan, bench, hands, SEED, RUNS).with(m -> true);
    double[] mean = mean(runs);
    double[][] with = covariances(runs, mean, s);
    double[][] left = new double[with.length][];
    double[] variance = new double[s.sites()];
    for (int i = 0; i < left.length; i++) {
      left[i] = with[i].clone();
    }
    double all = 0;
    for (int i = 0; i < variance.length; i++) {
      for (double[] r : runs) {
        variance[i] += (r[i] - mean[i]) * (r[i] - mean[i]) / runs.length;
      }
      all += variance[i] * s.areaMm2(i);
    }
    List<Place> chosen = new ArrayList<>();
    double[] shares = new double[Math.min(count, Place.values().length)];
    for (int n = 0; n < shares.length; n++) {
      Place best = null;
      double most = -1;
      for (Place p : Place.values()) {
        double tells = chosen.contains(p) ? -1 : tells(p, left, s);
        if (tells > most) {
          most = tells;
          best = p;
        }
      }
      chosen.add(best);
      shares[n] = all == 0 ? 0 : most / all;
      known(best, left, s);
    }
    return new Telling(s, List.copyOf(chosen), shares, mean, with);
  }

  /** The same with places chosen by hand. */
  public Telling at(List<Place> others) {
    return new Telling(scalp, List.copyOf(others), new double[others.size()], mean, with);
  }

  private static double[] mean(double[][] runs) {
    double[] mean = new double[runs[0].length];
    for (double[] r : runs) {
      for (int i = 0; i < mean.length; i++) {
        mean[i] += r[i] / runs.length;
      }
    }
    return mean;
  }

  private static double[][] covariances(double[][] runs, double[] mean, Scalp s) {
    Place[] places = Place.values();
    double[][] out = new double[mean.length][places.length];
    for (double[] r : runs) {
      for (int k = 0; k < places.length; k++) {
        int at = s.root(places[k]);
        double off = (r[at] - mean[at]) / runs.length;
        for (int i = 0; i < mean.length; i++) {
          out[i][k] += off * (r[i] - mean[i]);
        }
      }
    }
    return out;
  }

  /** How much less is unknown over the head once a place is measured. */
  private static double tells(Place p, double[][] left, Scalp s) {
    int k = p.ordinal();
    double own = Math.max(0, left[s.root(p)][k]) + READ_MM * READ_MM;
    double sum = 0;
    for (int i = 0; i < s.sites(); i++) {
      sum += left[i][k] * left[i][k] / own * s.areaMm2(i);
    }
    return sum;
  }

  /** What is left to be known of every place with every other once one is measured. */
  private static void known(Place p, double[][] left, Scalp s) {
    int k = p.ordinal();
    double[] row = left[s.root(p)].clone();
    double own = Math.max(0, row[k]) + READ_MM * READ_MM;
    for (double[] of : left) {
      double by = of[k] / own;
      for (int j = 0; j < row.length; j++) {
        of[j] -= by * row[j];
      }
    }
  }

  /** The one that tells most first. */
  public List<Place> places() {
    return places;
  }

  /** What of all that is unknown each of them tells besides those before it, 0 to 1. */
  public Map<Place, Double> shares() {
    Map<Place, Double> out = new EnumMap<>(Place.class);
    for (int n = 0; n < places.size(); n++) {
      out.put(places.get(n), shares[n]);
    }
    return out;
  }

  /**
   * The lengths everywhere, as those measured let them be inferred.
   *
   * @param measuredMm by place, dry and straight; those of {@link #places} that were measured
   * @return at every root of the scalp, mm
   */
  public double[] inferredMm(Map<Place, Double> measuredMm) {
    List<Place> seen = places.stream().filter(measuredMm::containsKey).toList();
    double[] out = mean.clone();
    if (seen.isEmpty()) {
      return out;
    }
    int n = seen.size();
    double[][] among = new double[n][n];
    double[] off = new double[n];
    for (int a = 0; a < n; a++) {
      int root = scalp.root(seen.get(a));
      off[a] = measuredMm.get(seen.get(a)) - mean[root];
      for (int b = 0; b < n; b++) {
        among[a][b] = with[root][seen.get(b).ordinal()] + (a == b ? READ_MM * READ_MM : 0);
      }
    }
    RealVector weights =
        new CholeskyDecomposition(new Array2DRowRealMatrix(among), 1e-9, 1e-12)
            .getSolver()
            .solve(new ArrayRealVector(off));
    for (int i = 0; i < out.length; i++) {
      for (int a = 0; a < n; a++) {
        out[i] += with[i][seen.get(a).ordinal()] * weights.getEntry(a);
      }
    }
    return out;
  }
}
