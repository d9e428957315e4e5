package kitetail.cut;

import kitetail.hair.Ends;

/**
 * What a line is cut with, and so how its ends lie. That each makes such an end is common practice;
 * the amounts and what they cost in time are assumptions.
 */
public enum Blade {
  /** Closed shears: a solid line. */
  BLUNT(Ends.BLUNT, 1),
  /** Tips into the ends: softens. */
  POINTS_SHALLOW(Ends.even(6, 4), 1.25),
  /** Deep points: takes weight. */
  POINTS_DEEP(Ends.even(18, 4), 1.4),
  /** Razor before the fingers, short strokes. */
  RAZOR_SHORT(Ends.even(10, 4), 1.1),
  /** Razor before the fingers, broad strokes: the same length, more texture. */
  RAZOR_BROAD(Ends.even(25, 4), 1.1),
  /** Razor behind the fingers: spaces in part of the hair, which moves. */
  RAZOR_BEHIND(Ends.of(new double[] {0.64, 0.12, 0.12, 0.12}, new double[] {0, 10, 20, 30}), 1.3),
  /** Wide-toothed shears moved out with each close: a shape within the shape. */
  WIDE_TOOTHED(Ends.of(new double[] {0.5, 0.2, 0.15, 0.15}, new double[] {0, 12, 24, 36}), 1.3),
  /** Thinning shears pointed into the ends: soft, safe on dry coloured hair. */
  THINNING_SHEARS(
      Ends.of(new double[] {2.0 / 3, 1.0 / 9, 1.0 / 9, 1.0 / 9}, new double[] {0, 5, 10, 15}), 1.1),
  /** Broken off by a razor in dry hair: some as long as the line, the rest far apart. */
  TORN_DRY(Ends.of(new double[] {0.3, 0.2, 0.2, 0.15, 0.15}, new double[] {0, 6, 13, 22, 32}), 1.4);

  private final Ends ends;
  private final double paceShare;

  Blade(Ends ends, double paceShare) {
    this.ends = ends;
    this.paceShare = paceShare;
  }

  public Ends ends() {
    return ends;
  }

  /** How much longer a bite takes than a blunt one. */
  public double paceShare() {
    return paceShare;
  }

  /** True when it is a razor: a new blade for every client. */
  public boolean razor() {
    return this == RAZOR_SHORT || this == RAZOR_BROAD || this == RAZOR_BEHIND || this == TORN_DRY;
  }
}
