package kitetail.planning;

import java.util.List;
import kitetail.client.Wish;
import kitetail.hair.Stock;
import kitetail.plan.Family;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;

/** The shape a client was given last, for the hair of today: taken back to where it was. */
public final class LastShape {
  private LastShape() {}

  /**
   * @param cut the plan as it was cut; what slipped in it is not cut again
   * @param then a bench of the named places of that plan's head
   * @return the same moves on the client of today; what they left then is what the shape wishes, so
   *     that only what is asked for anew moves them
   */
  public static Plan of(SitDown client, Plan cut, Workbench then) {
    Plan last = Slip.without(cut);
    List<Stock> states = PlanEngine.states(last, then);
    Stock left = states.get(states.size() - 1);
    Plan today = client.planOf(last);
    Family f = last.family();
    if (f == null) {
      return today;
    }
    List<Wish> was =
        f.wishes().stream()
            .map(Wish::place)
            .distinct()
            .map(p -> new Wish(p, left.endMm(then.scalp().root(p))))
            .toList();
    return today.withFamily(new Family(f.id(), f.about(), f.mark(), f.knobs(), was, f.needs()));
  }
}
