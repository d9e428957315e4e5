package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;

/**
 * Hair lies in locks: some roots lead one, and the hairs about them draw toward it along their
 * length, the more the curlier the hair and the more is in it. Lengths stay as they are.
 */
final class Locks {
  /** How strongly straight hair of some length draws together, and the most any does. */
  private static final double PULL = 0.42;

  private static final double CURL_PULL = 0.8;
  private static final double PRODUCT_PULL = 0.5;
  private static final double MOST_PULL = 0.85;

  /** Shorter hair draws together less. */
  private static final double FULL_MM = 45;

  /** Hairs that lie farther apart do not find each other. */
  private static final double APART_MM = 20;

  private Locks() {}

  /** Of so many roots one leads: smaller locks of curls than of straight hair; assumptions. */
  static int size(double curlRatio) {
    return curlRatio > 0.8 ? 9 : curlRatio > 0.55 ? 7 : 5;
  }

  /** For each site the one that leads its lock: the nearest of every {@code size}-th. */
  static int[] leaders(Scalp scalp, int size) {
    int n = scalp.sites();
    int led = (n + size - 1) / size;
    Vec3[] at = new Vec3[led];
    for (int k = 0; k < led; k++) {
      at[k] = scalp.pointMm(k * size);
    }
    int[] out = new int[n];
    IntStream.range(0, n)
        .parallel()
        .forEach(
            i -> {
              Vec3 p = scalp.pointMm(i);
              double best = Double.MAX_VALUE;
              for (int k = 0; k < led; k++) {
                double d = p.minus(at[k]).norm();
                if (d < best) {
                  best = d;
                  out[i] = k * size;
                }
              }
            });
    return out;
  }

  static double pull(double lengthMm, double curlRatio, double productShare) {
    double full = PULL + CURL_PULL * (1 - curlRatio) + PRODUCT_PULL * productShare;
    return Math.min(MOST_PULL, full) * Math.min(1, lengthMm / FULL_MM);
  }

  /**
   * Draws one strand toward the one that leads it.
   *
   * @param xyz all strands as they lie alone
   * @param out filled with the strand's points; its root and its length stay
   * @param pull 0 to 1, at the tip
   */
  static void draw(
      float[] xyz,
      int strand,
      int leader,
      int points,
      double length,
      double led,
      double pull,
      float[] out) {
    int n = points - 1;
    int at = 3 * strand * points;
    int lead = 3 * leader * points;
    double h = length / n;
    double x = xyz[at];
    double y = xyz[at + 1];
    double z = xyz[at + 2];
    double wx = x;
    double wy = y;
    double wz = z;
    // Where the root stands beside the leader's it stays beside it, drawn in along the way.
    double ox = x - xyz[lead];
    double oy = y - xyz[lead + 1];
    double oz = z - xyz[lead + 2];
    out[at] = (float) x;
    out[at + 1] = (float) y;
    out[at + 2] = (float) z;
    for (int k = 1; k <= n; k++) {
      int q = at + 3 * k;
      double along = Math.min(1, k * h / led) * n;
      int b = Math.min(n - 1, (int) along);
      double u = along - b;
      int l = lead + 3 * b;
      double dx = xyz[l] + u * (xyz[l + 3] - xyz[l]) - xyz[q];
      double dy = xyz[l + 1] + u * (xyz[l + 4] - xyz[l + 1]) - xyz[q + 1];
      double dz = xyz[l + 2] + u * (xyz[l + 5] - xyz[l + 2]) - xyz[q + 2];
      double t = (double) k / n;
      double apart = Math.sqrt(sq(dx + ox) + sq(dy + oy) + sq(dz + oz));
      double w = pull * t * (2 - t) * Math.exp(-sq(apart / APART_MM));
      double gx = xyz[q] + w * dx;
      double gy = xyz[q + 1] + w * dy;
      double gz = xyz[q + 2] + w * dz;
      // Along the way to the drawn-in point from the one before it, but no longer than it was.
      double s = h / (Math.sqrt(sq(gx - wx) + sq(gy - wy) + sq(gz - wz)) + 1e-9);
      x += s * (gx - wx);
      y += s * (gy - wy);
      z += s * (gz - wz);
      wx = gx;
      wy = gy;
      wz = gz;
      out[q] = (float) x;
      out[q + 1] = (float) y;
      out[q + 2] = (float) z;
    }
  }

  private static double sq(double v) {
    return v * v;
  }
}
