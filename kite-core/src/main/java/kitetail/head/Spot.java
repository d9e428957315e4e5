package kitetail.head;

import kitetail.geom.Vec3;

/**
 * A place of the scalp that follows the head when it changes.
 *
 * @param azimuthDeg round the head from the front, positive to the client's right, −180 to 180
 * @param share of the way from the apex to the hairline, 0 to 1
 */
public record Spot(double azimuthDeg, double share) {
  public Spot {
    HeadShape.within("azimuthDeg", azimuthDeg, 180);
    if (!(share >= 0 && share <= 1)) {
      throw new IllegalArgumentException("share must be 0 to 1, was " + share);
    }
  }

  public Spot mirrored() {
    return new Spot(0 - azimuthDeg, share);
  }

  public Vec3 on(Head head) {
    double a = Math.toRadians(azimuthDeg);
    return head.point(a, share * head.hairlineFromApexMm(a));
  }

  /** The spot of a point of the skin. */
  public static Spot of(Head head, Vec3 p) {
    double a = head.azimuthRad(p);
    return new Spot(
        Math.toDegrees(a), Math.min(1, head.fromApexMm(p) / head.hairlineFromApexMm(a)));
  }
}
