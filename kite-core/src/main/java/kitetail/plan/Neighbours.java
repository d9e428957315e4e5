package kitetail.plan;

import java.util.Arrays;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;

/**
 * Pairs of sites that lie side by side: nearer than one and a half times the spacing of the sites.
 *
 * @param pairs two indices a pair, the lower first
 */
record Neighbours(int[] pairs) {
  private static final double NEAR = 1.5;

  static Neighbours of(Scalp s) {
    return within(s, 0);
  }

  /** Pairs no farther apart than that, or side by side where sites are few. */
  static Neighbours within(Scalp s, double mm) {
    int n = s.sites();
    return n == 0
        ? new Neighbours(new int[0])
        : new Grid(s, Math.max(mm, NEAR * Math.sqrt(s.totalAreaMm2() / n))).pairs();
  }

  /** Sites sorted into cubes as wide as neighbours are apart. */
  private static final class Grid {
    private final Scalp s;
    private final double reach;
    private final double[] low = {1e9, 1e9, 1e9};
    private final int[] cubes = new int[3];
    private final int[] first;
    private final int[] sorted;

    Grid(Scalp s, double reach) {
      this.s = s;
      this.reach = reach;
      double[] high = {-1e9, -1e9, -1e9};
      for (int i = 0; i < s.sites(); i++) {
        Vec3 p = s.pointMm(i);
        for (int k = 0; k < 3; k++) {
          double v = k == 0 ? p.x() : k == 1 ? p.y() : p.z();
          low[k] = Math.min(low[k], v);
          high[k] = Math.max(high[k], v);
        }
      }
      for (int k = 0; k < 3; k++) {
        cubes[k] = 3 + (int) ((high[k] - low[k]) / reach);
      }
      first = new int[cubes[0] * cubes[1] * cubes[2] + 1];
      sorted = new int[s.sites()];
      for (int i = 0; i < s.sites(); i++) {
        first[cube(i) + 1]++;
      }
      for (int c = 1; c < first.length; c++) {
        first[c] += first[c - 1];
      }
      int[] next = first.clone();
      for (int i = 0; i < s.sites(); i++) {
        sorted[next[cube(i)]++] = i;
      }
    }

    /** One cube of room on every side, so that a neighbour's index never leaves the grid. */
    private int cube(int i) {
      Vec3 p = s.pointMm(i);
      int x = 1 + (int) ((p.x() - low[0]) / reach);
      int y = 1 + (int) ((p.y() - low[1]) / reach);
      int z = 1 + (int) ((p.z() - low[2]) / reach);
      return (z * cubes[1] + y) * cubes[0] + x;
    }

    Neighbours pairs() {
      int[] out = new int[24 * s.sites()];
      int n = 0;
      for (int i = 0; i < s.sites(); i++) {
        int c = cube(i);
        // Half of the cubes around, and its own: each pair is met once.
        for (int k = 13; k < 27; k++) {
          int by = c + k % 3 - 1 + cubes[0] * (k / 3 % 3 - 1 + cubes[1] * (k / 9 - 1));
          if (by < 0 || by + 1 >= first.length) {
            continue;
          }
          for (int at = first[by]; at < first[by + 1]; at++) {
            int j = sorted[at];
            if ((k > 13 || j > i) && near(i, j)) {
              if (n + 2 > out.length) {
                out = Arrays.copyOf(out, 2 * out.length);
              }
              out[n++] = Math.min(i, j);
              out[n++] = Math.max(i, j);
            }
          }
        }
      }
      return new Neighbours(Arrays.copyOf(out, n));
    }

    private boolean near(int i, int j) {
      Vec3 a = s.pointMm(i);
      Vec3 b = s.pointMm(j);
      double x = a.x() - b.x();
      double y = a.y() - b.y();
      double z = a.z() - b.z();
      return x * x + y * y + z * z < reach * reach;
    }
  }
}
