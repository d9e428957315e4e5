package kitetail.formats.answer;

import java.util.List;
import kitetail.head.Place;
import kitetail.planning.Outgrown;

/**
 * When to come back.
 *
 * @param returnFromWeek when it begins to make sense
 * @param returnToWeek by when most would
 * @param signs what grows out, and when it shows
 */
public record OutgrownView(double returnFromWeek, double returnToWeek, List<Sign> signs) {

  /**
   * What grows out.
   *
   * @param growMm how far it may grow
   */
  public record Sign(Outgrown.What what, Place place, double growMm, WeeksView weeks) {}

  public static OutgrownView of(Outgrown o) {
    return new OutgrownView(
        Rounded.tenth(o.returnFrom()),
        Rounded.tenth(o.returnTo()),
        o.signs().stream()
            .map(
                s ->
                    new Sign(
                        s.what(), s.place(), Rounded.tenth(s.growMm()), WeeksView.of(s.weeks())))
            .toList());
  }
}
