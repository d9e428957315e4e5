package kitetail.planning;

/**
 * How far hands stray. All are assumptions until a stylist's own are known.
 *
 * @param sinkDeg how far the elbow sinks on average as the arm goes up
 * @param elevationDeg spread of the elevation about that
 * @param lengthMm spread of a guide's length
 * @param creepMm spread of what a travelling guide creeps from bite to bite
 * @param eyeMm spread of hair cut by eye, place to place
 * @param gapMm spread of the comb's start
 * @param leanDeg spread of its lean
 * @param tensionShare spread of the stretch in the hand, as a share of the length
 */
public record Hands(
    double sinkDeg,
    double elevationDeg,
    double lengthMm,
    double creepMm,
    double eyeMm,
    double gapMm,
    double leanDeg,
    double tensionShare) {
  public static final Hands STEADY = new Hands(1, 1.5, 0.6, 0.12, 2, 0.5, 0.8, 0.004);
  public static final Hands USUAL = new Hands(2, 3, 1, 0.25, 4, 1, 1.5, 0.008);
  public static final Hands LEARNING = new Hands(5, 6, 2, 0.6, 8, 2, 3, 0.015);

  /** How much farther hands stray on a head that moves; an assumption. */
  private static final double LIVELY = 1.6;

  /** Nobody strays farther: what such hands leave tells nothing of a plan. */
  public static final double MOST = 60;

  /** A head's radius where bites are taken, mm: half the breadth and length of the usual head. */
  private static final double HEAD_MM = 90;

  public Hands {
    for (double v :
        new double[] {
          sinkDeg, elevationDeg, lengthMm, creepMm, eyeMm, gapMm, leanDeg, tensionShare
        }) {
      if (!(v >= 0 && v <= MOST)) {
        throw new IllegalArgumentException("what hands stray must be 0 to 60, was " + v);
      }
    }
  }

  /** What a straight line over a round head gives away in a bite at the most, mm. */
  public static double scallopMm(double biteMm) {
    return biteMm * biteMm / (8 * HEAD_MM);
  }

  /** The same hands on a client who moves a lot. */
  Hands onAMovingHead() {
    return new Hands(
        sinkDeg,
        elevationDeg * LIVELY,
        lengthMm * LIVELY,
        creepMm * LIVELY,
        eyeMm * LIVELY,
        gapMm * LIVELY,
        leanDeg * LIVELY,
        tensionShare * LIVELY);
  }
}
