package kitetail.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.care.Cautions;
import kitetail.cut.Comb;
import kitetail.cut.Fingers;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;
import kitetail.wish.Reading;

/** The first rules. Each has a stable id; wording lives with the reader. */
final class Findings {
  /** A bite of an inch is bold, common practice. */
  private static final double BOLD_BITE_MM = 25.4;

  private static final double SKIN_MM = 2;

  /**
   * Hair much longer than this falls over the comb and hides the line; common practice, the figure
   * an assumption.
   */
  private static final double HIDES_COMB_MM = 60;

  private Findings() {}

  static List<Finding> of(Plan plan, Outcome outcome) {
    List<Finding> all = new ArrayList<>();
    double[] before = outcome.beforeMm();
    for (Outcome.Step step : outcome.steps()) {
      bulk(outcome.scalp(), step, before, all);
      reach(step, all);
      bites(outcome.scalp(), step, all);
      skin(outcome.scalp(), step, before, all);
      if (step.cutAreaMm2() == 0) {
        all.add(
            new Finding(
                "takes-nothing", Severity.NOTE, step.move().id(), where(outcome.scalp(), step), 0));
      }
      before = step.leftMm();
    }
    for (Reading w : outcome.wishes()) {
      if (w.shortMm() > 1) {
        all.add(new Finding("wish-too-short", Severity.WARN, null, w.wish().place(), w.shortMm()));
      }
    }
    for (Cautions.Caution c : plan.cautions().all()) {
      if (c.near() != null) {
        all.add(new Finding(c.id(), c.stops() ? Severity.STOP : Severity.WARN, null, c.near(), 0));
      }
    }
    leftAlone(plan, outcome, all);
    all.sort(
        Comparator.comparing(Finding::severity)
            .thenComparing(Finding::amountMm, Comparator.reverseOrder()));
    return List.copyOf(all);
  }

  /** The first move that shortens hair at a place to be left alone. */
  private static void leftAlone(Plan plan, Outcome outcome, List<Finding> all) {
    for (Place place : plan.wishes().leaveAlone().stream().sorted().toList()) {
      int root = Sampling.nearestRoot(outcome.scalp(), outcome.scalp().head().place(place));
      double before = outcome.beforeMm()[root];
      for (Outcome.Step step : outcome.steps()) {
        double off = before - step.leftMm()[root];
        if (off > 1) {
          all.add(new Finding("leave-alone", Severity.WARN, step.move().id(), place, off));
          break;
        }
      }
    }
  }

  private static void bulk(Scalp s, Outcome.Step step, double[] before, List<Finding> all) {
    int at = -1;
    for (int i : step.roots()) {
      if (step.move().cut() instanceof Comb
          && before[i] > HIDES_COMB_MM
          && step.leftMm()[i] < before[i] - 10
          && (at < 0 || before[i] > before[at])) {
        at = i;
      }
    }
    if (at >= 0) {
      all.add(
          new Finding(
              "bulk-before-comb",
              Severity.WARN,
              step.move().id(),
              PlanEngine.nearest(s, at),
              before[at]));
    }
  }

  private static void reach(Outcome.Step step, List<Finding> all) {
    if (step.shortfallMm() > 10) {
      all.add(
          new Finding(
              "does-not-reach",
              Severity.NOTE,
              step.move().id(),
              step.shortfallPlace(),
              step.shortfallMm()));
    }
  }

  private static void bites(Scalp s, Outcome.Step step, List<Finding> all) {
    if (step.move().cut() instanceof Fingers f && f.biteMm() >= BOLD_BITE_MM) {
      all.add(
          new Finding("bite-wide", Severity.WARN, step.move().id(), where(s, step), f.biteMm()));
    }
  }

  private static void skin(Scalp s, Outcome.Step step, double[] before, List<Finding> all) {
    int at = -1;
    for (int i : step.roots()) {
      if (step.move().cut() instanceof Fingers
          && step.leftMm()[i] < SKIN_MM
          && before[i] > SKIN_MM) {
        at = at < 0 || step.leftMm()[i] < step.leftMm()[at] ? i : at;
      }
    }
    if (at >= 0) {
      all.add(
          new Finding(
              "line-meets-skin",
              Severity.STOP,
              step.move().id(),
              PlanEngine.nearest(s, at),
              step.leftMm()[at]));
    }
  }

  private static Place where(Scalp s, Outcome.Step step) {
    return PlanEngine.nearest(
        s, step.roots().length == 0 ? 0 : step.roots()[step.roots().length / 2]);
  }
}
