package kitetail.planning;

import java.util.List;
import kitetail.client.Reading;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import org.jspecify.annotations.Nullable;

/**
 * When there is hair enough for a shape.
 *
 * @param weeks from today; 0 when it is there
 * @param place the one it waits for; null when it does not wait
 */
public record Reach(double weeks, @Nullable Place place) {
  /** A shape that waits less is cut today, a little shorter. */
  private static final double SOON_WEEKS = 2;

  /** The last millimetres grow while the rest is looked at. */
  private static final double SPARE_WEEKS = 0.5;

  /**
   * @param fit of a family on the client
   * @param places a bench of the named places of the client's head
   */
  public static Reach of(Planner.Fit fit, Workbench places) {
    double weeks = 0;
    Place waits = null;
    for (Planner.Unmet u : fit.unmet()) {
      if (u.reason() == Planner.Reason.TOO_SHORT && u.weeks() > weeks) {
        weeks = u.weeks();
        waits = u.place();
      }
    }
    Plan plan = fit.plan();
    if (plan.family() == null) {
      return new Reach(weeks, waits);
    }
    Stock start = PlanEngine.start(plan, places);
    List<Reading> missing =
        Reading.all(
            Wishes.of(plan.family().needs().atLeast().toArray(Wish[]::new)),
            places.scalp().head(),
            plan.hair(),
            p -> start.endMm(places.scalp().root(p)));
    for (Reading r : missing) {
      if (r.weeks() > weeks) {
        weeks = r.weeks();
        waits = r.wish().place();
      }
    }
    return new Reach(weeks, waits);
  }

  /** Whether it is cut today. */
  public boolean now() {
    return weeks <= SOON_WEEKS;
  }

  /** The client when the hair is there, nothing cut until then. */
  public SitDown then(SitDown client) {
    double days = 7 * (weeks + SPARE_WEEKS);
    return client.startingFrom(client.start().later(days, client.hair().growthMmPerDay()));
  }
}
