package kitetail.practice;

import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Around;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Zone;

/** What a try left of a section, root by root, against what it was to become. */
final class Compared {
  /** Less than this was not asked to come off. */
  private static final double ASKED_MM = 0.5;

  /** Less than this share of what was to go is gone: it was not cut. */
  private static final double NEARLY = 0.3;

  final Zone zone;
  final Outcome left;
  final Outcome wished;
  private final double[] start;
  private final double[] want;
  private final double[] got;
  private final Around around;

  Compared(Plan wished, Plan tried, String section, Workbench bench) {
    zone = bench.zone(wished.region(section));
    this.wished = PlanEngine.run(wished, bench);
    left = PlanEngine.run(tried, bench);
    start = this.wished.beforeMm();
    want = this.wished.afterMm();
    got = left.afterMm();
    around = left.around();
  }

  Scalp scalp() {
    return zone.scalp();
  }

  /** What is off at a root and right about it, mm; longer than wished is above 0. */
  double offMm(int root) {
    double sum = got[root] - want[root];
    int n = 1;
    for (int k = around.from(root); root < scalp().sites() && k < around.from(root + 1); k++) {
      int j = around.root(k);
      if (asked(j)) {
        sum += got[j] - want[j];
        n++;
      }
    }
    return sum / n;
  }

  /** Whether anything was to come off there. */
  boolean asked(int root) {
    return start[root] - want[root] > ASKED_MM;
  }

  double[] gotMm() {
    return got;
  }

  double[] wantMm() {
    return want;
  }

  double[] startMm() {
    return start;
  }

  /**
   * What is done of what was to be done: 1 less what is still off, over what there was to take, by
   * area; never below 0.
   */
  double share() {
    double off = 0;
    double all = 0;
    for (int i : zone.roots()) {
      if (i < scalp().sites() && asked(i)) {
        double mm2 = scalp().areaMm2(i);
        off += mm2 * Math.abs(got[i] - want[i]);
        all += mm2 * (start[i] - want[i]);
      }
    }
    return all == 0 ? 0 : Math.max(0, 1 - off / all);
  }

  /** The share of what was to be cut that is still as long as it was, or nearly. */
  double untouched() {
    double bare = 0;
    double all = 0;
    for (int i : zone.roots()) {
      if (i < scalp().sites() && asked(i)) {
        all += scalp().areaMm2(i);
        bare += start[i] - got[i] < NEARLY * (start[i] - want[i]) ? scalp().areaMm2(i) : 0;
      }
    }
    return all == 0 ? 0 : bare / all;
  }

  /** The place that is farthest off, by what is off about it. */
  Off worst() {
    int at = -1;
    double most = -1;
    for (int i : zone.roots()) {
      if (i < scalp().sites() && asked(i) && Math.abs(offMm(i)) > most) {
        most = Math.abs(offMm(i));
        at = i;
      }
    }
    if (at < 0) {
      throw new IllegalStateException("nothing was to be cut in this section");
    }
    return new Off(
        scalp().head().nearestPlace(scalp().pointMm(at)),
        Spot.of(scalp().head(), scalp().pointMm(at)),
        want[at],
        want[at] + offMm(at));
  }

  /** Mean and standard deviation of what is off, by area. */
  double[] meanAndSpread() {
    double sum = 0;
    double squares = 0;
    double all = 0;
    for (int i : zone.roots()) {
      if (i < scalp().sites() && asked(i)) {
        double mm2 = scalp().areaMm2(i);
        double off = got[i] - want[i];
        sum += mm2 * off;
        squares += mm2 * off * off;
        all += mm2;
      }
    }
    double mean = all == 0 ? 0 : sum / all;
    return new double[] {mean, all == 0 ? 0 : Math.sqrt(Math.max(0, squares / all - mean * mean))};
  }
}
