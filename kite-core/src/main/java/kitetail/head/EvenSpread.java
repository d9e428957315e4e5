package kitetail.head;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.geom.Vec3;

/**
 * Points of equal area: a spiral in equal-area coordinates of the whole head, of which those inside
 * the hairline stay.
 */
final class EvenSpread {
  private static final int RINGS = 160;
  private static final int SECTORS = 180;

  private EvenSpread() {}

  static List<Vec3> over(Head head, int wanted, double golden) {
    Meridians m = head.meridians();
    double lowest = 0;
    for (int i = 0; i < SECTORS; i++) {
      lowest = Math.max(lowest, head.hairlinePolarRad(2 * Math.PI * i / SECTORS));
    }
    lowest = Math.min(Meridians.MAX_POLAR_RAD, lowest + 0.03);
    double bottom = lowest;
    Vec3[][] grid = new Vec3[RINGS + 1][SECTORS + 1];
    IntStream.rangeClosed(0, RINGS)
        .parallel()
        .forEach(
            k -> {
              for (int i = 0; i < SECTORS; i++) {
                grid[k][i] = m.point(2 * Math.PI * i / SECTORS - Math.PI, bottom * k / RINGS);
              }
              grid[k][SECTORS] = grid[k][0];
            });
    double[] edge = new double[SECTORS];
    for (int i = 0; i < SECTORS; i++) {
      edge[i] = head.hairlinePolarRad(2 * Math.PI * (i + 0.5) / SECTORS - Math.PI);
    }
    double[][] byRing = new double[RINGS][SECTORS + 1];
    double[] upTo = new double[RINGS + 1];
    double inside = 0;
    for (int k = 0; k < RINGS; k++) {
      for (int i = 0; i < SECTORS; i++) {
        Vec3 d0 = grid[k + 1][i + 1].minus(grid[k][i]);
        Vec3 d1 = grid[k + 1][i].minus(grid[k][i + 1]);
        double area = d0.cross(d1).norm() / 2;
        byRing[k][i + 1] = byRing[k][i] + area;
        if (lowest * (k + 0.5) / RINGS < edge[i]) {
          inside += area;
        }
      }
      upTo[k + 1] = upTo[k] + byRing[k][SECTORS];
    }
    int candidates = (int) Math.round(wanted * upTo[RINGS] / inside);
    List<Vec3> kept = new ArrayList<>(wanted + 64);
    int ring = 0;
    for (int i = 0; i < candidates; i++) {
      double want = (i + 0.5) / candidates * upTo[RINGS];
      while (upTo[ring + 1] < want) {
        ring++;
      }
      double polar = lowest * (ring + (want - upTo[ring]) / (upTo[ring + 1] - upTo[ring])) / RINGS;
      double turn = i * golden % 1;
      double azimuth = 2 * Math.PI * sector(byRing[ring], turn) / SECTORS - Math.PI;
      if (polar < head.hairlinePolarRad(azimuth)) {
        kept.add(m.point(azimuth, polar));
      }
    }
    return kept;
  }

  /** The sector, with its fraction, by which a share of the ring's area has been passed. */
  private static double sector(double[] areaUpTo, double share) {
    double want = share * areaUpTo[SECTORS];
    int lo = 0;
    int hi = SECTORS;
    while (hi - lo > 1) {
      int mid = (lo + hi) >>> 1;
      if (areaUpTo[mid] <= want) {
        lo = mid;
      } else {
        hi = mid;
      }
    }
    return lo + (want - areaUpTo[lo]) / (areaUpTo[lo + 1] - areaUpTo[lo]);
  }
}
