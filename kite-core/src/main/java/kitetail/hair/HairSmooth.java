package kitetail.hair;

/** The smooth step from 0 at 0 to 1 at 1. */
final class HairSmooth {
  private HairSmooth() {}

  static double step(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }
}
