package kitetail.practice;

import java.util.List;
import kitetail.cut.Strokes;

/** Straight-line fits of what a comb left, column by column. */
final class Columns {
  private Columns() {}

  /** Fewer roots tell nothing of a column. */
  private static final int LEAST = 6;

  /** Less wide a stretch up the head tells nothing of a lean, mm. */
  private static final double LEAST_UP_MM = 15;

  /**
   * One column.
   *
   * @param roots in it
   * @param atFootMm what is off where it begins
   * @param leanDeg how much farther the comb leaned out than meant
   * @param dipMm the most that is missing beyond what start and lean explain, below 0
   */
  record Fit(int roots, double atFootMm, double leanDeg, double dipMm) {
    boolean tells() {
      return roots >= LEAST;
    }
  }

  /**
   * @param aroundDeg the middle of the column
   * @param halfDeg how far it reaches to either side
   */
  static Fit fit(Compared c, double aroundDeg, double halfDeg) {
    double n = 0;
    double sx = 0;
    double sy = 0;
    double sxx = 0;
    double sxy = 0;
    double least = Double.MAX_VALUE;
    double most = -Double.MAX_VALUE;
    List<Integer> in =
        java.util.Arrays.stream(c.zone.roots())
            .filter(i -> i < c.scalp().sites() && c.asked(i))
            .filter(
                i -> {
                  double off = Math.toDegrees(c.scalp().azimuthRad(i)) - aroundDeg;
                  return Math.abs(Math.IEEEremainder(off, 360)) <= halfDeg;
                })
            .boxed()
            .toList();
    for (int i : in) {
      double up = up(c, i);
      double off = c.gotMm()[i] - c.wantMm()[i];
      n++;
      sx += up;
      sy += off;
      sxx += up * up;
      sxy += up * off;
      least = Math.min(least, up);
      most = Math.max(most, up);
    }
    double across = n * sxx - sx * sx;
    boolean leans = most - least >= LEAST_UP_MM && across > 1e-9;
    double slope = leans ? (n * sxy - sx * sy) / across : 0;
    double foot = n == 0 ? 0 : (sy - slope * sx) / n;
    double dip = 0;
    for (int i : in) {
      dip = Math.min(dip, c.gotMm()[i] - c.wantMm()[i] - foot - slope * up(c, i));
    }
    return new Fit(in.size(), foot, Math.toDegrees(Math.atan(slope)), dip);
  }

  private static double up(Compared c, int root) {
    return c.zone.lowerEdgeFromApexMm(c.scalp().azimuthRad(root)) - c.scalp().fromApexMm(root);
  }

  /** The middle of a stroke round the head. */
  static double aroundDeg(Strokes.Stroke s) {
    double x = 0;
    double y = 0;
    for (Strokes.At a : s.track()) {
      x += Math.cos(Math.toRadians(a.aroundDeg()));
      y += Math.sin(Math.toRadians(a.aroundDeg()));
    }
    return Math.toDegrees(Math.atan2(y, x));
  }
}
