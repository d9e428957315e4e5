package kitetail.practice;

import java.util.Random;
import kitetail.hair.Hair;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;

/** A head nobody has, the same from the same seed on any machine. */
final class MadeUp {
  private static final double USUAL_GIRTH_MM = 570;
  private static final double GIRTH_SPREAD_MM = 18;

  private MadeUp() {}

  /** The numbers of a drill: each seed, drill and level has its own. */
  static Random numbers(Drill drill, long seed, int level) {
    return new Random(seed * 1_000_003 + drill.ordinal() * 31L + level);
  }

  /**
   * @param odd 0 for the usual shape, 1 for as odd as heads are
   */
  static HeadSpec.Measured head(Random r, double odd) {
    double girth = USUAL_GIRTH_MM + GIRTH_SPREAD_MM * (2 * r.nextDouble() - 1) * (0.5 + odd);
    HeadShape shape =
        new HeadShape(
            within(r, 0.8 * odd),
            within(r, 0.8 * odd),
            within(r, 0.8 * odd),
            within(r, 0.8 * odd),
            within(r, 18 * odd),
            within(r, 6 * odd),
            within(r, 6 * odd));
    return new HeadSpec.Measured(Math.round(girth), null, null, null, null, shape, null, null);
  }

  private static double within(Random r, double reach) {
    return Math.round(reach * (2 * r.nextDouble() - 1) * 100) / 100.0;
  }

  /** A whole number of mm between two, both included. */
  static double mm(Random r, int least, int most) {
    return least + r.nextInt(most - least + 1);
  }

  /** Straight hair of usual thickness. */
  static Hair hair() {
    return Hair.DEFAULT;
  }
}
