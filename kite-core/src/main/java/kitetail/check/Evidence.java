package kitetail.check;

import kitetail.fall.Rod;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.look.Look;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * What rules look at.
 *
 * @param look how the hair falls; null while only lengths are known
 */
record Evidence(Plan plan, Outcome outcome, @Nullable Look look) {
  private static final double ROUND_MM = 16;

  Scalp scalp() {
    return outcome.scalp();
  }

  /** The longest hair before a step. */
  double[] beforeMm(int step) {
    return step == 0 ? outcome.beforeMm() : outcome.steps().get(step - 1).leftMm();
  }

  Stock before(int step) {
    return step == 0 ? outcome.before() : outcome.steps().get(step - 1).left();
  }

  Place where(Outcome.Step step) {
    return near(step.roots().length == 0 ? 0 : step.roots()[step.roots().length / 2]);
  }

  Place near(int root) {
    return scalp().head().nearestPlace(scalp().pointMm(root));
  }

  /** Where the ends are at a place when all is done, mm. */
  double endMm(Place place) {
    return outcome.endMm(place);
  }

  /** The longest hair at a place when all is done, mm. */
  double longestMm(Place place) {
    return outcome.afterMm()[scalp().root(place)];
  }

  /** Where the ends are round a place, mean; at one spot the edge of a section may run. */
  double meanEndMm(Place place) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < scalp().sites(); i++) {
      if (scalp().pointMm(i).distanceTo(scalp().head().place(place)) < ROUND_MM) {
        sum += outcome.after().endMm(i);
        n++;
      }
    }
    return n == 0 ? endMm(place) : sum / n;
  }

  /** Ends along a walk: the one nearest to a distance from its start. */
  double endMm(Walk w, double atMm) {
    int best = 0;
    for (int i = 1; i < w.size(); i++) {
      best = Math.abs(w.distanceMm()[i] - atMm) < Math.abs(w.distanceMm()[best] - atMm) ? i : best;
    }
    return outcome.after().endMm(w.firstRoot() + best);
  }

  /** True when a step works on a place. */
  boolean holds(Outcome.Step step, Place place) {
    int root = scalp().root(place);
    for (int i : step.roots()) {
      if (i == root) {
        return true;
      }
    }
    return false;
  }

  /** How much a step takes off at a place. */
  double takenMm(int step, Place place) {
    int root = scalp().root(place);
    return beforeMm(step)[root] - outcome.steps().get(step).leftMm()[root];
  }

  /** A hair of this client shorter than this stands off. */
  double bendingLengthMm() {
    return rod(0).bendingLengthMm();
  }

  /**
   * A dry hair of this client.
   *
   * @param product its weight over that of the hair
   */
  Rod rod(double product) {
    return Rod.of(plan.hair().diameterUm(), plan.hair().wetDry().curlRatio(), false, product);
  }
}
