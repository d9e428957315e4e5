package kitetail.formats.answer;

import java.util.ArrayList;
import java.util.List;
import kitetail.look.Look;
import kitetail.look.Silhouette;

/**
 * The outline of the worn hair from one side.
 *
 * @param points across and up of each, mm
 */
public record OutlineView(Silhouette.From from, List<double[]> points) {

  /** The five outlines. */
  public static List<OutlineView> of(Look l) {
    return l.silhouettes().stream().map(OutlineView::of).toList();
  }

  private static OutlineView of(Silhouette s) {
    List<double[]> points = new ArrayList<>();
    for (int i = 0; i < s.xMm().length; i++) {
      points.add(new double[] {Rounded.tenth(s.xMm()[i]), Rounded.tenth(s.yMm()[i])});
    }
    return new OutlineView(s.from(), points);
  }
}
