package kitetail.planning;

import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Stock;
import kitetail.head.BodyField;
import kitetail.head.Bust;
import kitetail.head.Scalp;
import kitetail.look.Look;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * A cut as it is worn some weeks after: what the plan left, grown, fallen and read.
 *
 * @param outcome of the plan on the fall's own scalp
 * @param stock the hair by then
 */
public record Worn(Plan plan, Outcome outcome, Stock stock, double week, Look look) {
  public static final double MOST_WEEKS = 52;

  /** A head to let hair fall on, with the work of earlier plans kept. Safe to share. */
  public record Stand(Workbench bench, Ground ground, float[] bustMm) {
    public static Stand of(Scalp scalp) {
      return of(scalp, BodyField.of(scalp.head()));
    }

    /**
     * @param body of the scalp's head
     */
    public static Stand of(Scalp scalp, BodyField body) {
      return new Stand(
          new Workbench(scalp), new Ground(scalp, body), Bust.of(scalp.head()).points());
    }
  }

  /**
   * @param week since the cut, 0 to 52
   */
  public static Worn of(Plan plan, Stand stand, double week) {
    return of(plan, stand, week, plan.styling());
  }

  public static Worn of(Plan plan, Stand stand, double week, Styling styling) {
    if (!(week >= 0 && week <= MOST_WEEKS)) {
      throw new IllegalArgumentException("week must be 0 to 52, was " + week);
    }
    Outcome o = PlanEngine.run(plan, stand.bench());
    Stock stock = grown(plan, o.after(), week);
    return of(plan, stand, o, stock, week, fall(plan, stand, stock, week, styling));
  }

  /** The hair before the first move, as it falls. */
  public static Worn before(Plan plan, Stand stand) {
    Outcome o = PlanEngine.run(plan, stand.bench());
    Fall fall = Fall.of(stand.ground(), plan.hair(), o.before(), Styling.NATURAL);
    return of(plan, stand, o, o.before(), 0, fall);
  }

  private static Worn of(Plan plan, Stand stand, Outcome o, Stock stock, double week, Fall fall) {
    return new Worn(plan, o, stock, week, Look.of(fall, stock, stand.bustMm()));
  }

  /** The fall alone, for a picture. */
  public static Fall fall(Plan plan, Stand stand, double week) {
    Outcome o = PlanEngine.run(plan, stand.bench());
    return fall(plan, stand, grown(plan, o.after(), week), week, plan.styling());
  }

  private static Fall fall(Plan plan, Stand stand, Stock stock, double week, Styling styling) {
    return Fall.of(stand.ground(), plan.hair(), stock, styling)
        .after(week)
        .pressed(Pressed.on(plan, stand.bench(), plan.moves().size()));
  }

  /** All hair longer by what grows in so many weeks. */
  public static Stock grown(Plan plan, Stock stock, double week) {
    return week == 0 ? stock : stock.grown(week * Rate.of(plan.hair()).mmPerWeek());
  }

  /** How much has grown since. */
  public double grownMm() {
    return week * Rate.of(plan.hair()).mmPerWeek();
  }

  public Fall fall() {
    return look.fall();
  }
}
