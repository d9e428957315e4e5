package kitetail.cut;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import org.jspecify.annotations.Nullable;

/**
 * A root and its hair lifted straight out, seen in an upright plane: how far out from the line
 * through the apex, how high, and which way the hair goes there.
 *
 * @param outMm of the root
 * @param upMm of the root
 * @param outward of the hair
 * @param upward of the hair
 * @param size how much of it lies in the plane; 1 where hair meets a comb aslant
 */
record Column(double outMm, double upMm, double outward, double upward, double size) {
  private static final double GRAZING = 0.02;

  /**
   * @param square null when the comb follows the round of the head, and so faces the hair; held
   *     parallel to a wall hair meets it aslant
   */
  static Column of(Scalp scalp, int root, double azimuth, @Nullable Facing square) {
    Vec3 p = scalp.pointMm(root);
    UnitVec n = scalp.normal(root);
    Vec3 c = scalp.head().surface().centreMm();
    double sin = Math.sin(azimuth);
    double cos = Math.cos(azimuth);
    double nOut = n.x() * sin + n.y() * cos;
    double out =
        square == null
            ? Math.hypot(p.x() - c.x(), p.y() - c.y())
            : (p.x() - c.x()) * sin + (p.y() - c.y()) * cos;
    double size = square == null ? Math.hypot(nOut, n.z()) : 1;
    return new Column(out, p.z(), nOut, n.z(), size);
  }

  /** From the root along its hair to a straight track; infinite where they hardly meet. */
  double toTrackMm(double trackOutMm, double trackUpMm, double alongOut, double alongUp) {
    double across = alongUp * outward / size - alongOut * upward / size;
    double toward = alongUp * (trackOutMm - outMm) - alongOut * (trackUpMm - upMm);
    return across < GRAZING ? Double.POSITIVE_INFINITY : toward / across;
  }

  /** How far along a track from one of its points the hair meets it. */
  double alongMm(double mm, double fromOut, double fromUp, double alongOut, double alongUp) {
    double out = outMm + mm * outward / size;
    double up = upMm + mm * upward / size;
    return (out - fromOut) * alongOut + (up - fromUp) * alongUp;
  }
}
