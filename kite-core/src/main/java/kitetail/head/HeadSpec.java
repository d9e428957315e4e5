package kitetail.head;

/**
 * What is known of a head: tape measures, or one of the two exact bodies the engine is calibrated
 * on.
 */
public sealed interface HeadSpec {
  /**
   * Tape measures in mm. Ear to ear runs over the apex from ear canal to ear canal; front to nape
   * runs along the centre from hairline to hairline. Either may be null: it is then taken in
   * proportion to the girth.
   */
  record Measured(double girthMm, Double earToEarMm, Double frontToNapeMm) implements HeadSpec {
    public Measured {
      if (!(girthMm > 0)) {
        throw new IllegalArgumentException("girthMm must be above 0, was " + girthMm);
      }
    }
  }

  /** Calibration: a ball about the origin, hair on its upper half. */
  record Ball(double radiusMm) implements HeadSpec {}

  /**
   * Calibration: an ellipsoid about the origin (half axes across, forward, up), hair on its upper
   * half.
   */
  record Ellipsoid(double acrossMm, double forwardMm, double upMm) implements HeadSpec {}
}
