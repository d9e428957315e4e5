package kitetail.plan;

import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * How much skin a section holds and how long its hair is.
 *
 * @param section id
 * @param areaMm2 0 when no root lies in it; then the lengths are 0 too
 * @param meanMm by area
 */
public record Extent(String section, double areaMm2, double minMm, double meanMm, double maxMm) {
  static Extent of(String section, Zone zone, double[] lengthMm) {
    Scalp scalp = zone.scalp();
    double area = 0;
    double sum = 0;
    double min = Double.MAX_VALUE;
    double max = 0;
    for (int i : zone.roots()) {
      area += scalp.areaMm2(i);
      sum += scalp.areaMm2(i) * lengthMm[i];
      min = Math.min(min, lengthMm[i]);
      max = Math.max(max, lengthMm[i]);
    }
    return area > 0
        ? new Extent(section, area, min, sum / area, max)
        : new Extent(section, 0, 0, 0, 0);
  }
}
