package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Course;
import kitetail.plan.Finding;
import kitetail.plan.Knob;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * Fits the knobs of a family so that the wishes are met with least error: damped least squares with
 * every knob inside its own range, from the family's own numbers, then polished one knob at a time,
 * since a place may change from one move's hand to another's on the way. It never asks for hair
 * that is not there: a place with too little hair counts as met by all that is there.
 */
public final class Planner {
  /** A family's own lengths give way to what the client asked for. */
  private static final double FAMILY_WEIGHT = 0.45;

  /** Draws every knob weakly to where the family has it, mm or degrees a mm of error. */
  private static final double STAY = 0.004;

  /** A fit that misses by more is tried again from settings so much longer. */
  private static final double MISSED_MM = 1.5;

  private static final double LONGER = 1.25;

  private static final double CLOSE_MM = 0.5;

  private Planner() {}

  /**
   * One number of the fitted plan and where it came from.
   *
   * @param because the wished place it was fitted to most; null when no wish moves it
   */
  public record Setting(Knob knob, double from, double to, Place because) {}

  /** Why a wish is not met. */
  public enum Reason {
    /** The hair is not there yet. */
    TOO_SHORT,
    /** No move of the family reaches there, or only together with other places. */
    SHAPE,
    /** A knob that decides it stands at the end of its range. */
    RANGE
  }

  /**
   * A wish that cannot be met.
   *
   * @param needMm wished, dry and straight
   * @param getsMm what comes out
   * @param weeks until it has grown, when the hair is too short; else 0
   * @param asked true when the client asked for it
   */
  public record Unmet(
      Place place, double needMm, double getsMm, Reason reason, double weeks, boolean asked) {}

  /**
   * A fitted plan.
   *
   * @param worstMm farthest a reachable wish is missed
   * @param rmsMm over the wishes that hair is there for
   * @param answered what would be found of it and was answered by the way it is worked
   */
  public record Fit(
      Plan plan,
      List<Setting> settings,
      List<Unmet> unmet,
      double worstMm,
      double rmsMm,
      List<Finding> answered) {
    public Fit {
      settings = List.copyOf(settings);
      unmet = List.copyOf(unmet);
      answered = List.copyOf(answered);
    }

    /** The same, with what was answered on the way to it. */
    public Fit answering(List<Finding> found) {
      return new Fit(plan, settings, unmet, worstMm, rmsMm, found);
    }
  }

  public static Fit fit(Plan plan) {
    return fit(plan, new Workbench(Scalp.ofPlaces(Head.of(plan.head()))));
  }

  /**
   * @param places a bench of the named places of the plan's head
   */
  public static Fit fit(Plan plan, Workbench places) {
    return new Work(plan, places).fit();
  }

  private static final class Work {
    private final Plan plan;
    private final Workbench bench;
    private final Course course;
    private final List<Knob> knobs;
    private final List<Target> targets;
    private final double[] have;
    private final double[] home;

    Work(Plan plan, Workbench bench) {
      this.plan = plan;
      this.bench = bench;
      this.course = new Course(plan, bench);
      this.knobs = plan.family() == null ? List.of() : plan.family().knobs();
      Stock start = PlanEngine.start(plan, bench);
      double most = plan.wishes().mostOffMm();
      this.targets =
          Target.of(plan, bench.scalp().head()).stream()
              .map(t -> t.atLeast(start.endMm(bench.scalp().root(t.place())) - most))
              .toList();
      this.have =
          targets.stream().mapToDouble(t -> start.endMm(bench.scalp().root(t.place()))).toArray();
      this.home = knobs.stream().mapToDouble(k -> k.on(plan)).toArray();
    }

    private List<Move> at(double[] x) {
      List<Move> moves = plan.moves();
      for (int i = 0; i < x.length; i++) {
        moves = knobs.get(i).set(moves, x[i]);
      }
      return moves;
    }

    /** What comes out at each target. */
    double[] gets(double[] x) {
      Stock last = course.after(at(x));
      return targets.stream().mapToDouble(t -> last.endMm(bench.scalp().root(t.place()))).toArray();
    }

    double[] residuals(double[] x) {
      double[] gets = gets(x);
      double[] r = new double[gets.length + x.length];
      for (int i = 0; i < gets.length; i++) {
        double want = Math.min(have[i], targets.get(i).needMm());
        r[i] = (targets.get(i).asked() ? 1 : FAMILY_WEIGHT) * (gets[i] - want);
      }
      for (int i = 0; i < x.length; i++) {
        r[gets.length + i] = STAY * (x[i] - home[i]);
      }
      return r;
    }

    Fit fit() {
      double[] x = knobs.isEmpty() ? home : best();
      double[] gets = gets(x);
      double worst = 0;
      double sum = 0;
      int n = 0;
      List<Unmet> unmet = new ArrayList<>();
      double[][] slopes = slopes(x, gets);
      for (int i = 0; i < gets.length; i++) {
        Target t = targets.get(i);
        boolean there = have[i] >= t.needMm() - CLOSE_MM;
        double off = gets[i] - t.needMm();
        if (there) {
          worst = Math.max(worst, Math.abs(off));
          sum += off * off;
          n++;
        }
        if (Math.abs(off) > (there ? 3 : CLOSE_MM)) {
          double weeks = there ? 0 : (t.needMm() - have[i]) / plan.hair().growthMmPerDay() / 7;
          unmet.add(
              new Unmet(
                  t.place(),
                  t.needMm(),
                  gets[i],
                  there ? reason(i, x, slopes, off) : Reason.TOO_SHORT,
                  weeks,
                  t.asked()));
        }
      }
      List<Setting> settings = new ArrayList<>();
      for (int k = 0; k < x.length; k++) {
        settings.add(new Setting(knobs.get(k), home[k], x[k], because(k, slopes)));
      }
      return new Fit(
          plan.withMoves(at(x)),
          settings,
          unmet,
          worst,
          Math.sqrt(sum / Math.max(1, n)),
          List.of());
    }

    /**
     * Where two moves leave the same at a place, letting one out alone changes nothing; from longer
     * settings each is then taken down to the wish.
     */
    private double[] best() {
      double[] x = rounded(Descent.within(this::residuals, home, low(), high()));
      if (missed(x) < MISSED_MM) {
        return x;
      }
      double[] longer = new double[home.length];
      for (int k = 0; k < longer.length; k++) {
        longer[k] = Math.min(knobs.get(k).max(), LONGER * home[k]);
      }
      double[] y = rounded(Descent.within(this::residuals, longer, low(), high()));
      return missed(y) < missed(x) ? y : x;
    }

    /** The farthest a wish that hair is there for is missed. */
    private double missed(double[] x) {
      double[] gets = gets(x);
      double worst = 0;
      for (int i = 0; i < gets.length; i++) {
        double want = Math.min(have[i], targets.get(i).needMm());
        double weight = targets.get(i).asked() ? 1 : FAMILY_WEIGHT;
        worst = Math.max(worst, weight * Math.abs(gets[i] - want));
      }
      return worst;
    }

    /** To what a hand can set: whole mm and degrees, half mm over a comb, half guard numbers. */
    private double[] rounded(double[] x) {
      double[] out = new double[x.length];
      for (int k = 0; k < x.length; k++) {
        Knob knob = knobs.get(k);
        double step = knob.dial().handStep();
        double r = Math.rint(x[k] / step) * step;
        out[k] = Math.max(knob.min(), Math.min(knob.max(), r));
      }
      return out;
    }

    private double[] low() {
      return knobs.stream().mapToDouble(Knob::min).toArray();
    }

    private double[] high() {
      return knobs.stream().mapToDouble(Knob::max).toArray();
    }

    /** By how much each target moves with each knob. */
    private double[][] slopes(double[] x, double[] gets) {
      double[][] out = new double[x.length][];
      for (int k = 0; k < x.length; k++) {
        double step = x[k] + 1 > knobs.get(k).max() ? -1 : 1;
        double[] y = x.clone();
        y[k] += step;
        double[] moved = gets(y);
        out[k] = new double[moved.length];
        for (int i = 0; i < moved.length; i++) {
          out[k][i] = (moved[i] - gets[i]) / step;
        }
      }
      return out;
    }

    private Reason reason(int target, double[] x, double[][] slopes, double off) {
      for (int k = 0; k < x.length; k++) {
        double way = -off * slopes[k][target];
        boolean atEnd =
            way > 0 && x[k] > knobs.get(k).max() - 1e-6
                || way < 0 && x[k] < knobs.get(k).min() + 1e-6;
        if (atEnd) {
          return Reason.RANGE;
        }
      }
      return Reason.SHAPE;
    }

    private Place because(int knob, double[][] slopes) {
      Place best = null;
      double most = 0.05;
      for (int i = 0; i < targets.size(); i++) {
        double moves = Math.abs(slopes[knob][i]) * (targets.get(i).asked() ? 1 : FAMILY_WEIGHT);
        if (moves > most) {
          most = moves;
          best = targets.get(i).place();
        }
      }
      return best;
    }
  }
}
