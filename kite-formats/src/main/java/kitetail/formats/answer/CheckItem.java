package kitetail.formats.answer;

import java.util.List;
import kitetail.check.CheckRound;
import kitetail.head.Place;

/**
 * One thing to look at when the cut is done.
 *
 * @param expectMm what should be there
 * @param otherMm what should be at the place it is compared with
 * @param toleranceMm how far apart they may be
 * @param levelOffMm how far from level
 * @param sections it is about
 */
public record CheckItem(
    CheckRound.Kind kind,
    Place place,
    CheckRound.Way way,
    double expectMm,
    double otherMm,
    double toleranceMm,
    double levelOffMm,
    List<String> sections) {

  public static List<CheckItem> of(CheckRound r) {
    return r.items().stream()
        .map(
            i ->
                new CheckItem(
                    i.kind(),
                    i.place(),
                    i.way(),
                    Rounded.tenth(i.expectMm()),
                    Rounded.tenth(i.otherMm()),
                    Rounded.tenth(i.toleranceMm()),
                    Rounded.tenth(i.levelOffMm()),
                    i.sections()))
        .toList();
  }
}
