package kitetail.head;

import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/** What a tape or a calliper reads on a head. */
enum Measure {
  GIRTH("girthMm"),
  EAR_TO_EAR("earToEarMm"),
  FRONT_TO_NAPE("frontToNapeMm"),
  BREADTH("breadthMm"),
  LENGTH("lengthMm");

  /**
   * The girth is taped over the brow and the farthest point of the back; these heights are the
   * default head's.
   */
  private static final double BROW_Z = 46;

  private static final double BACK_Z = 26;

  /** The tape starts at the notch above the ear's front flap, a little over the ear canal. */
  private static final double EAR_Z = 6;

  static final double FRONT_Z = 98;
  static final double NAPE_Z = -36;

  /** The name of its field in a {@link HeadSpec.Measured}. */
  final String field;

  Measure(String field) {
    this.field = field;
  }

  Double givenIn(HeadSpec.Measured m) {
    return switch (this) {
      case GIRTH -> Double.valueOf(m.girthMm());
      case EAR_TO_EAR -> m.earToEarMm();
      case FRONT_TO_NAPE -> m.frontToNapeMm();
      case BREADTH -> m.breadthMm();
      case LENGTH -> m.lengthMm();
    };
  }

  double of(HeadBody b) {
    StarSurface s = b.surface();
    return switch (this) {
      case GIRTH -> Tape.girthMm(s, b.centreLine(BROW_Z, 1), b.centreLine(BACK_Z, -1));
      case EAR_TO_EAR ->
          Tape.arcMm(
              s,
              b.side(EAR_Z + b.shape().earLeftMm(), -1),
              s.onto(s.centreMm().plus(UnitVec.UP.times(1))),
              b.side(EAR_Z + b.shape().earRightMm(), 1));
      case FRONT_TO_NAPE ->
          Tape.arcMm(s, b.front(), s.onto(s.centreMm().plus(UnitVec.UP.times(1))), b.nape());
      case BREADTH -> {
        double right = reach(s, new Vec3(1, 0, 0), Math.toRadians(95), Math.toRadians(78));
        // Only what a scan found besides differs from side to side.
        yield b.spec().relief() == null
            ? 2 * right
            : right + reach(s, new Vec3(-1, 0, 0), Math.toRadians(-95), Math.toRadians(78));
      }
      case LENGTH ->
          reach(s, new Vec3(0, 1, 0), 0, Math.toRadians(78))
              + reach(s, new Vec3(0, -1, 0), Math.PI, Math.toRadians(95));
    };
  }

  /**
   * Farthest reach of the skin along a direction, found from a place near it by ever finer steps.
   */
  private static double reach(StarSurface s, Vec3 along, double azimuth, double polar) {
    double best = Double.NEGATIVE_INFINITY;
    double a = azimuth;
    double p = polar;
    for (double step = 0.16; step > 0.001; step /= 2) {
      double ca = a;
      double cp = p;
      for (int i = -2; i <= 2; i++) {
        for (int k = -2; k <= 2; k++) {
          double ta = ca + i * step;
          double tp = Math.min(cp + k * step, Math.toRadians(105));
          Vec3 d = new Vec3(Math.sin(tp) * Math.sin(ta), Math.sin(tp) * Math.cos(ta), Math.cos(tp));
          double v = along.dot(s.onto(s.centreMm().plus(d)));
          if (v > best) {
            best = v;
            a = ta;
            p = tp;
          }
        }
      }
    }
    return best;
  }
}
