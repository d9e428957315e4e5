package kitetail.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.care.Cautions;
import kitetail.cut.Comb;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Outline;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.section.Cover;
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
      doses(outcome.scalp(), step, all);
      hand(outcome.scalp(), step, all);
      if (step.cutAreaMm2() == 0 && shortens(step.move().job())) {
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
    cover(outcome, all);
    jumps(outcome, all);
    order(plan, outcome, all);
    school(plan, outcome, all);
    all.sort(
        Comparator.comparing(Finding::severity)
            .thenComparing(Finding::amount, Comparator.reverseOrder()));
    return List.copyOf(all);
  }

  private static boolean shortens(Job j) {
    return switch (j) {
      case TEXTURE, MIST, DRY, APPROVE, CHECK, NECK, PRODUCT -> false;
      default -> true;
    };
  }

  /** The first move that shortens hair at a place to be left alone. */
  private static void leftAlone(Plan plan, Outcome outcome, List<Finding> all) {
    for (Place place : plan.wishes().leaveAlone().stream().sorted().toList()) {
      int root = outcome.scalp().root(place);
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
      if (step.cut() instanceof Comb
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
              s.head().nearestPlace(s.pointMm(at)),
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
    if (step.cut() instanceof Fingers f && f.biteMm() >= BOLD_BITE_MM) {
      all.add(
          new Finding("bite-wide", Severity.WARN, step.move().id(), where(s, step), f.biteMm()));
    }
  }

  /** What the hand does that the trade does not, or that the hair bears badly. */
  private static void hand(Scalp s, Outcome.Step step, List<Finding> all) {
    Place where = where(s, step);
    if (step.cut() instanceof Fingers f && f.guide() instanceof Guide.NewBite) {
      all.add(new Finding("old-to-new", Severity.WARN, step.move().id(), where, 0));
    }
    if (step.cut() instanceof Edge e
        && e.outline() instanceof Outline.HalfMoon m
        && m.raiseMm() > 6) {
      all.add(new Finding("hairline-pushed", Severity.WARN, step.move().id(), where, m.raiseMm()));
    }
    if (step.move().job() == Job.HARD_LINE && !step.move().askFirst()) {
      all.add(new Finding("ask-first", Severity.WARN, step.move().id(), where, 0));
    }
    if (step.move().job() == Job.FRINGE
        && !step.move().askFirst()
        && step.move().damp() != Damp.DRY) {
      all.add(new Finding("ask-first", Severity.NOTE, step.move().id(), where, 0));
    }
  }

  private static void doses(Scalp s, Outcome.Step step, List<Finding> all) {
    step.doses().stream()
        .filter(d -> d.percent() > d.mostPercent())
        .max(Comparator.comparing(d -> d.percent() - d.mostPercent()))
        .ifPresent(
            d ->
                all.add(
                    new Finding(
                        "texture-over",
                        Severity.WARN,
                        step.move().id(),
                        nearColumn(s, step, d.aroundDeg()),
                        d.percent(),
                        Unit.PERCENT,
                        List.of())));
  }

  private static Place nearColumn(Scalp s, Outcome.Step step, double aroundDeg) {
    int best = step.roots()[0];
    double off = Double.MAX_VALUE;
    for (int i : step.roots()) {
      double d = Math.abs(Math.IEEEremainder(Math.toDegrees(s.azimuthRad(i)) - aroundDeg, 360));
      if (d < off) {
        off = d;
        best = i;
      }
    }
    return s.head().nearestPlace(s.pointMm(best));
  }

  private static void skin(Scalp s, Outcome.Step step, double[] before, List<Finding> all) {
    int at = -1;
    for (int i : step.roots()) {
      if (step.cut() instanceof Fingers && step.leftMm()[i] < SKIN_MM && before[i] > SKIN_MM) {
        at = at < 0 || step.leftMm()[i] < step.leftMm()[at] ? i : at;
      }
    }
    if (at >= 0) {
      all.add(
          new Finding(
              "line-meets-skin",
              Severity.STOP,
              step.move().id(),
              s.head().nearestPlace(s.pointMm(at)),
              step.leftMm()[at]));
    }
  }

  private static void cover(Outcome outcome, List<Finding> all) {
    for (Cover.Patch g : outcome.cover().gaps()) {
      all.add(
          new Finding(
              "section-gap", Severity.WARN, null, g.near(), g.areaMm2(), Unit.MM2, g.sections()));
    }
    for (Cover.Patch o : outcome.cover().overlaps()) {
      all.add(
          new Finding(
              "section-overlap",
              Severity.NOTE,
              null,
              o.near(),
              o.areaMm2(),
              Unit.MM2,
              o.sections()));
    }
  }

  private static void jumps(Outcome outcome, List<Finding> all) {
    for (Jumps j : outcome.jumps()) {
      if (!j.meant()) {
        all.add(
            new Finding(
                "jump",
                Severity.NOTE,
                null,
                j.near(),
                j.mm(),
                Unit.MM,
                List.of(j.one(), j.other())));
      }
    }
  }

  private static void order(Plan plan, Outcome outcome, List<Finding> all) {
    Order order = Order.of(plan);
    for (Order.Rule r : order.broken()) {
      Outcome.Step step =
          outcome.steps().stream()
              .filter(s -> s.move().id().equals(r.then()))
              .findFirst()
              .orElseThrow();
      all.add(
          new Finding(
              "order-" + r.id(),
              Severity.WARN,
              r.then(),
              where(outcome.scalp(), step),
              0,
              Unit.MM,
              List.of(r.before())));
    }
    if (!order.circle().isEmpty()) {
      all.add(
          new Finding(
              "order-circle",
              Severity.STOP,
              order.circle().get(0),
              Place.APEX,
              0,
              Unit.MM,
              order.circle()));
    }
  }

  /** What the stylist's own school asks of every plan. */
  private static void school(Plan plan, Outcome outcome, List<Finding> all) {
    if (plan.school().knuckle() == School.Knuckle.PAST) {
      outcome.steps().stream()
          .filter(s -> s.cut() instanceof Fingers)
          .findFirst()
          .ifPresent(
              s ->
                  all.add(
                      new Finding(
                          "past-knuckle",
                          Severity.NOTE,
                          s.move().id(),
                          where(outcome.scalp(), s),
                          plan.school().handMm())));
    }
    boolean checks = plan.moves().stream().anyMatch(m -> m.job() == Job.CHECK);
    if (plan.school().crossCheck() == School.Check.EVERY_SECTION && !checks) {
      all.add(new Finding("cross-check-missing", Severity.NOTE, null, Place.CROWN, 0));
    }
  }

  private static Place where(Scalp s, Outcome.Step step) {
    return s.head()
        .nearestPlace(
            s.pointMm(step.roots().length == 0 ? 0 : step.roots()[step.roots().length / 2]));
  }
}
