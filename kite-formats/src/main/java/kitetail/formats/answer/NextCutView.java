package kitetail.formats.answer;

import java.util.List;
import kitetail.head.Place;
import kitetail.planning.NextCut;

/** How much may come off next, without passing what the plan needs. */
public record NextCutView(List<Safe> places) {

  /**
   * At one place.
   *
   * @param safeMm the most that may come off, as it lies in the hand; 0 when none
   * @param haveMm what is there
   * @param needMm what the plan needs at the end
   * @param reserveMm what is kept for shrinking and for the hand
   */
  public record Safe(Place place, double safeMm, double haveMm, double needMm, double reserveMm) {}

  public static NextCutView of(List<NextCut> cuts) {
    return new NextCutView(
        cuts.stream()
            .map(
                c ->
                    new Safe(
                        c.place(),
                        Rounded.thousandth(c.safeMm()),
                        Rounded.thousandth(c.haveMm()),
                        Rounded.thousandth(c.needMm()),
                        Rounded.thousandth(c.reserveMm())))
            .toList());
  }
}
