package kitetail.cut;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.section.Zone;

/** A planned comb led by a hand that does everything right. */
public final class LedAsPlanned {
  private static final int POINTS = 60;

  private LedAsPlanned() {}

  /**
   * Up a column.
   *
   * @param heightMm how far up its track
   * @param seconds it takes
   */
  public static Strokes.Stroke stroke(
      Comb comb, Zone zone, double azimuth, double heightMm, double seconds) {
    Head head = zone.head();
    // A planned comb goes straight: its ends tell all of it.
    List<Vec3> path = comb.path(zone, azimuth, heightMm);
    double[] foot = seen(head, azimuth, path.get(0));
    double[] top = seen(head, azimuth, path.get(path.size() - 1));
    double hairline = head.hairlineFromApexMm(azimuth);
    List<Strokes.At> track = new ArrayList<>();
    for (int k = 0; k <= POINTS; k++) {
      double t = (double) k / POINTS;
      double[] at = {foot[0] + t * (top[0] - foot[0]), foot[1] + t * (top[1] - foot[1])};
      // Where on the skin it is over: its foot, square to the head.
      double a = 0;
      double b = zone.lowerEdgeFromApexMm(azimuth) + 40;
      for (int half = 0; half < 50; half++) {
        double mid = (a + b) / 2;
        if (past(head, azimuth, mid, at)) {
          b = mid;
        } else {
          a = mid;
        }
      }
      double[] skin = Comb.offSkin(head, azimuth, a, 0);
      double gap = Math.hypot(at[0] - skin[0], at[1] - skin[1]);
      track.add(
          new Strokes.At(
              seconds * t, Math.toDegrees(azimuth), a / hairline, Math.min(120, gap), true));
    }
    return new Strokes.Stroke(track);
  }

  /** In the column's upright plane: out from the line through the apex, and up. */
  private static double[] seen(Head head, double azimuth, Vec3 p) {
    Vec3 c = head.surface().centreMm();
    double out = (p.x() - c.x()) * Math.sin(azimuth) + (p.y() - c.y()) * Math.cos(azimuth);
    return new double[] {out, p.z()};
  }

  /** True when a place lies farther down the head than the foot of a point off it. */
  private static boolean past(Head head, double azimuth, double fromApex, double[] at) {
    double[] skin = Comb.offSkin(head, azimuth, fromApex, 0);
    double[] off = Comb.offSkin(head, azimuth, fromApex, 1);
    double nOut = off[0] - skin[0];
    double nUp = off[1] - skin[1];
    return (at[0] - skin[0]) * nUp - (at[1] - skin[1]) * nOut < 0;
  }
}
