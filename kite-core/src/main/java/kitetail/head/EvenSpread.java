package kitetail.head;

import java.util.ArrayList;
import java.util.List;
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
    double[][] byRing = new double[RINGS][SECTORS + 1];
    double[] upTo = new double[RINGS + 1];
    double inside = 0;
    for (int k = 0; k < RINGS; k++) {
      double p0 = lowest * k / RINGS;
      double p1 = lowest * (k + 1) / RINGS;
      for (int i = 0; i < SECTORS; i++) {
        double a0 = 2 * Math.PI * i / SECTORS - Math.PI;
        double a1 = 2 * Math.PI * (i + 1) / SECTORS - Math.PI;
        Vec3 d0 = m.point(a1, p1).minus(m.point(a0, p0));
        Vec3 d1 = m.point(a0, p1).minus(m.point(a1, p0));
        double area = d0.cross(d1).norm() / 2;
        byRing[k][i + 1] = byRing[k][i] + area;
        if ((p0 + p1) / 2 < head.hairlinePolarRad((a0 + a1) / 2)) {
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
