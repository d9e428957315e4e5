package kitetail.plan;

import java.util.Arrays;
import kitetail.head.Scalp;
import kitetail.head.Walk;

/** Where a walk passes a {@link Ledge}: the same rule on the hairs that grow along it. */
public final class LedgesOnWalk {
  /** Steps so near each other are one. */
  private static final double APART_MM = 12;

  private LedgesOnWalk() {}

  /** How far along the walk each is, mm, at the middle of its step. */
  public static double[] of(Walk walk, Outcome o) {
    double[] mm = new double[walk.size()];
    Arrays.setAll(mm, k -> o.after().endMm(walk.firstRoot() + k));
    return of(walk, o.scalp(), mm);
  }

  static double[] of(Walk walk, Scalp scalp, double[] mm) {
    double[] at = walk.distanceMm();
    double[] out = new double[mm.length];
    int n = 0;
    for (int i = 0; i < mm.length; i++) {
      for (int j = i + 1; j < mm.length && at[j] - at[i] <= Ledge.REACH_MM; j++) {
        double off = Math.abs(mm[i] - mm[j]);
        double longer = Math.max(mm[i], mm[j]);
        double middle = (at[i] + at[j]) / 2;
        if (Ledge.stands(off, longer)
            && Ledge.inside(scalp, walk.firstRoot() + (mm[i] < mm[j] ? i : j))
            && Ledge.stands(off - explained(at, mm, i, j), longer)
            && (n == 0 || middle - out[n - 1] > APART_MM)) {
          out[n++] = middle;
        }
      }
    }
    return Arrays.copyOf(out, n);
  }

  /** What they would differ anyway, by how the lengths change before and after the two. */
  private static double explained(double[] at, double[] mm, int i, int j) {
    double before = slope(at, mm, i, -1);
    double after = slope(at, mm, j, 1);
    double way = Math.signum(mm[j] - mm[i]);
    return Math.max(0, Math.min(way * before, way * after)) * (at[j] - at[i]);
  }

  /** Mean change of length a mm of the walk, of the points within reach on one side of a point. */
  private static double slope(double[] at, double[] mm, int from, int step) {
    double sum = 0;
    int n = 0;
    for (int k = from + step;
        k >= 0 && k < mm.length && Math.abs(at[k] - at[from]) <= Ledge.REACH_MM;
        k += step) {
      sum += (mm[k] - mm[from]) / (at[k] - at[from]);
      n++;
    }
    return n == 0 ? 0 : sum / n;
  }
}
