package kitetail.cut;

import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * The bites a section falls into: bands between partings, each cut a hand's line at a time, and the
 * turns of the chair or steps of the feet they take.
 *
 * @param count in all
 * @param partings bands, panel by panel
 * @param longestLineMm the longest band; past a hand's line it is cut in more than one go
 * @param turns how often feet or chair are moved, so that the stylist stands in front of the bite
 */
public record Bites(int count, int partings, double longestLineMm, int turns) {
  private static final int MOST = 400;

  /** So far round the head hands reach from where they stand; an assumption. */
  private static final double REACH_DEG = 80;

  /** So near the apex every bite is reached from anywhere; an assumption. */
  private static final double TOP_MM = 60;

  private static final int SECTORS = 36;

  public static Bites of(Fingers f, Zone zone) {
    return of(f, zone, Fingers.HAND_MM);
  }

  /**
   * @param handMm usable length of a hand's line
   */
  public static Bites of(Fingers f, Zone zone, double handMm) {
    return of(f, zone, zone.roots(), handMm);
  }

  /**
   * @param roots those of the zone whose hair reaches the line; where none does no bite is cut
   */
  public static Bites of(Fingers f, Zone zone, int[] roots, double handMm) {
    Scalp s = zone.scalp();
    int panels = f.parting().panels();
    double from = Double.MAX_VALUE;
    double to = -Double.MAX_VALUE;
    double left = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double area = 0;
    for (int i : roots) {
      double at = f.parting().atMm(s.head(), s.pointMm(i));
      from = Math.min(from, at);
      to = Math.max(to, at);
      left = Math.min(left, s.pointMm(i).x());
      right = Math.max(right, s.pointMm(i).x());
      area += s.areaMm2(i);
    }
    if (area == 0) {
      return new Bites(0, 0, 0, 0);
    }
    int bands = (int) Math.min(MOST, Math.max(1, Math.ceil((to - from) / f.biteMm())));
    double[] areas = new double[bands * panels];
    for (int i : roots) {
      double at = f.parting().atMm(s.head(), s.pointMm(i));
      int band = (int) Math.min(bands - 1.0, (at - from) / f.biteMm());
      int panel =
          (int) Math.min(panels - 1.0, panels * (s.pointMm(i).x() - left) / (right - left + 1e-9));
      areas[panel * bands + band] += s.areaMm2(i);
    }
    int count = 0;
    int partings = 0;
    double longest = 0;
    for (double a : areas) {
      count += (int) Math.ceil(a / (f.biteMm() * handMm));
      partings += a > 0 ? 1 : 0;
      longest = Math.max(longest, a / f.biteMm());
    }
    return new Bites(count, partings, longest, turns(s, roots));
  }

  private static int turns(Scalp s, int[] roots) {
    boolean[] worked = new boolean[SECTORS];
    for (int i : roots) {
      if (s.fromApexMm(i) > TOP_MM) {
        double turn = (s.azimuthRad(i) + Math.PI) / (2 * Math.PI);
        worked[Math.min(SECTORS - 1, (int) (turn * SECTORS))] = true;
      }
    }
    int sectors = 0;
    for (boolean w : worked) {
      sectors += w ? 1 : 0;
    }
    return Math.max(0, (int) Math.ceil(sectors * 360.0 / SECTORS / REACH_DEG) - 1);
  }
}
