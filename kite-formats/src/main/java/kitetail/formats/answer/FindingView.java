package kitetail.formats.answer;

import java.util.List;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Meant;
import org.jspecify.annotations.Nullable;

/**
 * Something a stylist should know before cutting.
 *
 * @param rule stable id
 * @param move what it is about; missing when it concerns the whole plan
 * @param place the named place nearest to it
 * @param with the other moves or sections it is about, where there are any
 * @param meant the answer that it is meant, where it was given
 */
public record FindingView(
    String rule,
    Finding.Severity severity,
    @Nullable String move,
    Place place,
    double amount,
    Finding.Unit unit,
    @Nullable List<String> with,
    @Nullable Meant meant) {

  public static List<FindingView> of(List<Finding> found) {
    return found.stream().map(FindingView::of).toList();
  }

  private static FindingView of(Finding f) {
    return new FindingView(
        f.rule(),
        f.severity(),
        f.move(),
        f.place(),
        Rounded.thousandth(f.amount()),
        f.unit(),
        f.with().isEmpty() ? null : f.with(),
        f.meant());
  }
}
