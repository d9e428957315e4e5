package kitetail.formats.answer;

import java.util.List;
import kitetail.head.Place;
import kitetail.planning.GrowOut;

/**
 * From hair as it is to a shape, over several visits.
 *
 * @param last the place that is ready last
 */
public record GrowOutView(WeeksView reachableWeeks, Place last, List<Visit> visits) {

  /** One visit. */
  public record Visit(double week, List<Step> steps) {}

  /**
   * What is done at one place.
   *
   * @param cutMm what comes off; 0 when it is left
   * @param mayTrimMm what may come off and still be there in time
   */
  public record Step(Place place, double haveMm, double targetMm, double cutMm, double mayTrimMm) {
    private static Step of(GrowOut.Step s) {
      return new Step(
          s.place(),
          Rounded.tenth(s.haveMm()),
          Rounded.tenth(s.targetMm()),
          Rounded.tenth(s.cutMm()),
          Rounded.tenth(s.mayTrimMm()));
    }
  }

  public static GrowOutView of(GrowOut g) {
    return new GrowOutView(
        WeeksView.of(g.reachable()),
        g.last(),
        g.visits().stream()
            .map(v -> new Visit(Rounded.tenth(v.week()), v.steps().stream().map(Step::of).toList()))
            .toList());
  }
}
