package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * A level round part of the head at which ends pile up.
 *
 * @param heightMm z of it, mean
 * @param fromDeg azimuth at which it begins, from the front over the right; toDeg may pass 360
 * @param share of the ends round there that lie within its width, 0 to 1: its strength
 * @param aboveEdgeMm how far above the outline's lowest ends it lies
 */
public record WeightLine(
    Place near, double heightMm, double fromDeg, double toDeg, double share, double aboveEdgeMm) {
  private static final int SECTORS = 18;
  private static final double WINDOW_MM = 16;

  /** A line shows when so many ends lie in it, and so many times more than even layers have. */
  private static final double LEAST_SHARE = 0.2;

  private static final double LEAST_TIMES = 2;
  private static final double SAME_LINE_MM = 16;

  /** Ends of shorter hair do not build weight. */
  private static final double LEAST_MM = 12;

  private record Peak(double height, double share, double edge) {}

  static List<WeightLine> all(Fall f) {
    Peak[] peaks = new Peak[SECTORS];
    for (int k = 0; k < SECTORS; k++) {
      peaks[k] = peak(f, 360.0 * k / SECTORS, 360.0 * (k + 1) / SECTORS);
    }
    return joined(f.ground().scalp().head(), peaks);
  }

  /** The heaviest level of the ends that fall into one slice of the head. */
  private static Peak peak(Fall f, double fromDeg, double toDeg) {
    Scalp s = f.ground().scalp();
    Vec3 c = s.head().surface().centreMm();
    double width = 10;
    int bins = 60;
    double low = -260;
    double[] ends = new double[bins];
    double all = 0;
    double rootsLow = Double.MAX_VALUE;
    double rootsHigh = -Double.MAX_VALUE;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 tip = f.tip(i);
      double az = Math.toDegrees(Math.atan2(tip.x() - c.x(), tip.y() - c.y()));
      az = az < 0 ? az + 360 : az;
      if (az < fromDeg || az >= toDeg || f.lengthMm(i) < LEAST_MM) {
        continue;
      }
      double at = (tip.z() - low) / width;
      int b = (int) Math.floor(at);
      if (b < 0 || b + 1 >= bins) {
        continue;
      }
      ends[b] += f.hairs(i) * (1 - (at - b));
      ends[b + 1] += f.hairs(i) * (at - b);
      all += f.hairs(i);
      rootsLow = Math.min(rootsLow, s.pointMm(i).z());
      rootsHigh = Math.max(rootsHigh, s.pointMm(i).z());
    }
    if (all < 300) {
      return null;
    }
    int best = -1;
    double most = 0;
    for (int b = 1; b + 1 < bins; b++) {
      double window = 0.3 * ends[b - 1] + ends[b] + 0.3 * ends[b + 1];
      if (window > most) {
        most = window;
        best = b;
      }
    }
    double share = most / all;
    double even = WINDOW_MM / Math.max(60, rootsHigh - rootsLow);
    if (share < LEAST_SHARE || share < LEAST_TIMES * even) {
      return null;
    }
    double edge = 0;
    double reached = 0;
    for (int b = 0; b < bins && reached < 0.03 * all; b++) {
      reached += ends[b];
      edge = low + b * width;
    }
    double mean =
        (ends[best - 1] * (best - 1) + ends[best] * best + ends[best + 1] * (best + 1))
            / (ends[best - 1] + ends[best] + ends[best + 1]);
    return new Peak(low + mean * width, share, edge);
  }

  private static List<WeightLine> joined(Head head, Peak[] peaks) {
    int start = 0;
    for (int k = 0; k < SECTORS; k++) {
      if (!same(peaks[(k + SECTORS - 1) % SECTORS], peaks[k])) {
        start = k;
        break;
      }
    }
    List<WeightLine> out = new ArrayList<>();
    int k = 0;
    while (k < SECTORS) {
      int from = k;
      double height = 0;
      double share = 0;
      double edge = 0;
      while (k < SECTORS
          && peaks[(start + k) % SECTORS] != null
          && (k == from || same(peaks[(start + k - 1) % SECTORS], peaks[(start + k) % SECTORS]))) {
        Peak p = peaks[(start + k) % SECTORS];
        height += p.height;
        share += p.share;
        edge += p.edge;
        k++;
      }
      int n = k - from;
      // One slice alone is chance.
      if (n >= 2) {
        double a = 360.0 * (start + from) / SECTORS;
        double b = 360.0 * (start + k) / SECTORS;
        double mid = Math.toRadians((a + b) / 2);
        Vec3 at = new Vec3(80 * Math.sin(mid), 80 * Math.cos(mid), height / n);
        out.add(
            new WeightLine(
                head.nearestPlace(at), height / n, a, b, share / n, (height - edge) / n));
      }
      k = Math.max(k, from + 1);
    }
    return List.copyOf(out);
  }

  private static boolean same(Peak a, Peak b) {
    return a != null && b != null && Math.abs(a.height - b.height) < SAME_LINE_MM;
  }
}
