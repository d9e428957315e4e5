package kitetail.cut;

import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * Roots cut over the fingers by the bands between partings they lie in, panel by panel.
 *
 * @param cell for each of the roots its band, in the order of the work
 * @param areaMm2 of each band; nothing where no root lies in it
 */
record BiteCells(int[] cell, double[] areaMm2, double biteMm) {
  private static final int MOST = 400;

  /**
   * @param roots of the zone, those whose hair is cut
   */
  static BiteCells of(Fingers f, Zone zone, int[] roots) {
    Scalp s = zone.scalp();
    int panels = f.parting().panels();
    double[] at = new double[roots.length];
    double from = Double.MAX_VALUE;
    double to = -Double.MAX_VALUE;
    double left = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    for (int k = 0; k < roots.length; k++) {
      at[k] = f.parting().atMm(s.head(), s.pointMm(roots[k]));
      from = Math.min(from, at[k]);
      to = Math.max(to, at[k]);
      left = Math.min(left, s.pointMm(roots[k]).x());
      right = Math.max(right, s.pointMm(roots[k]).x());
    }
    int bands = (int) Math.min(MOST, Math.max(1, Math.ceil((to - from) / f.biteMm())));
    int[] cell = new int[roots.length];
    double[] areas = new double[roots.length == 0 ? 0 : bands * panels];
    for (int k = 0; k < roots.length; k++) {
      int band = (int) Math.min(bands - 1.0, (at[k] - from) / f.biteMm());
      double x = s.pointMm(roots[k]).x();
      int panel = (int) Math.min(panels - 1.0, panels * (x - left) / (right - left + 1e-9));
      cell[k] = panel * bands + band;
      areas[cell[k]] += s.areaMm2(roots[k]);
    }
    return new BiteCells(cell, areas, f.biteMm());
  }

  /** In how many goes a hand cuts a band: past a hand's line it takes more than one. */
  int bites(int band, double handMm) {
    return (int) Math.ceil(areaMm2[band] / (biteMm * handMm));
  }
}
