package kitetail.planning;

import java.util.Arrays;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;

/** How long hair still has to grow until it is what a plan starts from. */
public final class HairToGo {
  /** Less lies within how well hair is taped and how evenly it grows; an assumption. */
  private static final double LEAST_WEEKS = 1;

  private HairToGo() {}

  /**
   * By the middle one of the named places.
   *
   * @param today the hair that is there
   * @param places a bench of the named places of the plan's head
   * @return weeks from today; 0 when it is there
   */
  public static double weeks(Plan plan, StartingHair today, Workbench places) {
    Scalp s = places.scalp();
    double[] then = StartingLengths.spread(s, plan.start(), plan.hair());
    double[] now = StartingLengths.spread(s, today, plan.hair());
    double[] missing =
        Arrays.stream(Place.values())
            .mapToInt(s::root)
            .mapToDouble(i -> then[i] - now[i])
            .sorted()
            .toArray();
    double weeks = missing[missing.length / 2] / (7 * plan.hair().growthMmPerDay());
    return weeks < LEAST_WEEKS ? 0 : weeks;
  }
}
