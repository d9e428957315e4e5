package kitetail.formats.answer;

import java.util.List;
import kitetail.formats.words.AdviceWords;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.planning.Repairs;

/**
 * What can be done about a slip, least hair first.
 *
 * @param shortMm by how much the place comes out shorter than without the slip
 * @param weeks until that has grown
 */
public record RepairsView(
    Place place, double shortMm, double weeks, String words, List<RepairRow> repairs) {

  /**
   * One way out.
   *
   * @param minutes more than leaving it
   * @param mostMm what it takes besides, at most anywhere
   * @param ledgeMm the highest step it leaves; 0 for none that shows
   * @param apartMm by how much more the two sides differ than without the slip
   * @param document the plan that goes on with it
   */
  public record RepairRow(
      Repairs.Kind kind,
      double minutes,
      double mostMm,
      double ledgeMm,
      double apartMm,
      String words,
      Plan document) {}

  public static RepairsView of(Repairs r, AdviceWords words) {
    return new RepairsView(
        r.place(),
        Rounded.thousandth(r.shortMm()),
        Rounded.thousandth(r.weeks()),
        words.slipped(r),
        r.all().stream()
            .map(
                x ->
                    new RepairRow(
                        x.kind(),
                        Rounded.thousandth(x.minutes()),
                        Rounded.thousandth(x.mostMm()),
                        Rounded.thousandth(x.ledgeMm()),
                        Rounded.thousandth(x.apartMm()),
                        words.repair(r, x),
                        x.plan()))
            .toList());
  }
}
