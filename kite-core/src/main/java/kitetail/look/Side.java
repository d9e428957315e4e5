package kitetail.look;

import kitetail.fall.Fall;
import kitetail.head.Scalp;

/** The parts of the outline a stylist speaks of. Left and right are the client's. */
public enum Side {
  FRINGE(-36, 36, 48),
  RIGHT(58, 112, 60),
  LEFT(-112, -58, 60),
  NAPE(148, 212, 90);

  private final double fromDeg;
  private final double toDeg;
  private final double deepMm;

  Side(double fromDeg, double toDeg, double deepMm) {
    this.fromDeg = fromDeg;
    this.toDeg = toDeg;
    this.deepMm = deepMm;
  }

  /** True when a root belongs to it: near enough to its stretch of the hairline. */
  boolean has(Scalp s, int root) {
    double az = Math.toDegrees(s.azimuthRad(root));
    double turned = az < fromDeg ? az + 360 : az;
    return turned <= toDeg && s.aboveHairlineMm(root) < deepMm;
  }

  /** Its strands that have hair. */
  int[] strands(Fall f) {
    Scalp s = f.ground().scalp();
    return java.util.stream.IntStream.range(0, f.strands())
        .filter(i -> f.lengthMm(i) > 1 && has(s, i))
        .toArray();
  }
}
