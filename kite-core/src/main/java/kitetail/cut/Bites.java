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
    BiteCells cells = BiteCells.of(f, zone, roots);
    int count = 0;
    int partings = 0;
    double longest = 0;
    for (int band = 0; band < cells.areaMm2().length; band++) {
      count += cells.bites(band, handMm);
      partings += cells.areaMm2()[band] > 0 ? 1 : 0;
      longest = Math.max(longest, cells.areaMm2()[band] / f.biteMm());
    }
    return new Bites(count, partings, longest, turns(zone.scalp(), roots));
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
