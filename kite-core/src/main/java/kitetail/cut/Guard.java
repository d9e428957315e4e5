package kitetail.cut;

import kitetail.hair.Hair;
import kitetail.head.Scalp;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * Clipper with a guard: number × 1/8 in (common practice) and the lever's offset. With the grain
 * the hair lies over and {@code guard / sin(exit angle)} is left; against it, the guard itself.
 *
 * @param number 0 to 12; 0 is the bare blade
 * @param leverMm what the open lever adds, 0 to 5
 * @param rockOut where the clipper leaves the head; null when it runs on to the section's edge
 */
public record Guard(double number, double leverMm, Grain grain, RockOut rockOut) implements Cut {
  public static final double MM_PER_NUMBER = 25.4 / 8;
  private static final double BLADE_MM = 40;
  private static final double PASS_MM = 45;

  /** Which way the clipper runs against the growth. */
  public enum Grain {
    WITH,
    AGAINST
  }

  /**
   * The clipper rocks off the head on an arc: {@code r − √(r² − s²)} more at s past the point of
   * leaving, and nothing is cut from s = r on.
   *
   * @param by the scalar that grows past the point of leaving
   * @param radiusMm 5 to 300
   */
  public record RockOut(Scalar by, double atMm, double radiusMm) {
    public RockOut {
      if (!(radiusMm >= 5 && radiusMm <= 300)) {
        throw new IllegalArgumentException("radiusMm must be 5 to 300, was " + radiusMm);
      }
    }

    double addsMm(double pastMm) {
      if (pastMm <= 0) {
        return 0;
      }
      return pastMm >= radiusMm
          ? Double.POSITIVE_INFINITY
          : radiusMm - Math.sqrt(radiusMm * radiusMm - pastMm * pastMm);
    }
  }

  public Guard {
    if (!(number >= 0 && number <= 12)) {
      throw new IllegalArgumentException("number must be 0 to 12, was " + number);
    }
    if (!(leverMm >= 0 && leverMm <= 5)) {
      throw new IllegalArgumentException("leverMm must be 0 to 5, was " + leverMm);
    }
  }

  /** Height of the cutting edge off the skin. */
  public double heightMm() {
    return Math.max(0.3, number * MM_PER_NUMBER + leverMm);
  }

  @Override
  public double[] leaves(Scalp scalp, Section section, int[] roots, Hair hair) {
    double grown = grain == Grain.WITH ? Math.sin(Math.toRadians(hair.exitDeg())) : 1;
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      double past = rockOut == null ? 0 : rockOut.by().of(scalp, roots[k]) - rockOut.atMm();
      out[k] = (heightMm() + (rockOut == null ? 0 : rockOut.addsMm(past))) / grown;
    }
    return out;
  }

  @Override
  public int bites(Scalp scalp, int[] roots) {
    return (int) Math.ceil(scalp.areaMm2(roots) / (BLADE_MM * PASS_MM));
  }
}
