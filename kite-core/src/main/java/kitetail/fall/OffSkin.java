package kitetail.fall;

import kitetail.geom.Vec3;
import kitetail.head.BodyField;

/** Keeps points of strands out of the body; what was caught in a thin part is set on its skin. */
final class OffSkin {
  private static final int TRIES = 40;

  /** After so many the distance has led round in a hollow. */
  private static final int ROUND = 4;

  private static final double OVER_MM = 0.1;

  private OffSkin() {}

  /**
   * Up the distance; where that leads round in a hollow, straight away from the head's middle.
   *
   * @param way three numbers to work with
   */
  static void set(BodyField body, Vec3 middle, float[] xyz, int at, double[] way) {
    for (int again = 0; again < TRIES; again++) {
      double phi = body.atMm(xyz[at], xyz[at + 1], xyz[at + 2], way);
      if (phi >= 0) {
        return;
      }
      if (again >= ROUND) {
        way[0] = xyz[at] - middle.x();
        way[1] = xyz[at + 1] - middle.y();
        way[2] = xyz[at + 2] - middle.z();
      }
      double l = Math.sqrt(way[0] * way[0] + way[1] * way[1] + way[2] * way[2]) + 1e-9;
      for (int c = 0; c < 3; c++) {
        xyz[at + c] += (float) ((OVER_MM - phi) * way[c] / l);
      }
    }
  }

  /** Each piece of a strand as long as it was, along where it now runs. */
  static void lengthen(float[] p, int at, int points, double h) {
    double wx = p[at];
    double wy = p[at + 1];
    double wz = p[at + 2];
    for (int q = at + 3; q < at + 3 * points; q += 3) {
      double dx = p[q] - wx;
      double dy = p[q + 1] - wy;
      double dz = p[q + 2] - wz;
      double s = h / (Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-9);
      wx = p[q];
      wy = p[q + 1];
      wz = p[q + 2];
      p[q] = (float) (p[q - 3] + s * dx);
      p[q + 1] = (float) (p[q - 2] + s * dy);
      p[q + 2] = (float) (p[q - 1] + s * dz);
    }
  }
}
