package kitetail.cut;

import kitetail.head.Scalp;
import kitetail.section.Scalar;
import org.jspecify.annotations.Nullable;

/**
 * What a hand does within a bite, beside lying straight on its line. Each is common practice; the
 * geometry is the model's.
 *
 * @param first null, or how the bite is lifted and cut before it is lowered to its line
 * @param tuck null, or a stretch over which the fingers turn in or out
 * @param wraps where a flat line comes to the parietal ridge the fingers leave it and go on round
 *     the head
 */
public record Hand(@Nullable Lift first, @Nullable Tuck tuck, boolean wraps) {
  static final Hand STRAIGHT = new Hand(null, null, false);

  /**
   * Lifted first, to lose weight, and only then lowered to cut the line: hair at the section's
   * lower edge keeps {@code lengthMm}, and what grows a mm further up is left {@code −cos e}
   * shorter, where that is shorter than the line leaves it.
   *
   * @param elevationDeg 60 to 180
   * @param lengthMm left at the lower edge, as it lies in the hand, 0 to 1500
   */
  public record Lift(double elevationDeg, double lengthMm) {
    public Lift {
      if (!(elevationDeg >= 60 && elevationDeg <= 180)) {
        throw new IllegalArgumentException("elevationDeg must be 60 to 180, was " + elevationDeg);
      }
      if (!(lengthMm >= 0 && lengthMm <= 1500)) {
        throw new IllegalArgumentException("lengthMm must be 0 to 1500, was " + lengthMm);
      }
    }

    double leavesMm(double riseMm) {
      return Math.max(0, lengthMm + new Hold.Elevation(elevationDeg).gainUp(0) * riseMm);
    }
  }

  /**
   * Over a stretch the fingers turn in (negative, shorter) or stand out (positive, longer); past it
   * they lie along their line again, so much nearer or farther: {@code tan φ} a mm.
   *
   * @param by what grows along the stretch, in mm
   * @param deg −60 to 60
   */
  public record Tuck(Scalar by, double fromMm, double toMm, double deg) {
    public Tuck {
      if (by.signed()) {
        throw new IllegalArgumentException(
            "by must be counted in mm and the same on both sides, was " + by);
      }
      if (!(toMm > fromMm)) {
        throw new IllegalArgumentException(
            "toMm must be more than fromMm (" + fromMm + "), was " + toMm);
      }
      if (!(Math.abs(deg) <= 60)) {
        throw new IllegalArgumentException("deg must be -60 to 60, was " + deg);
      }
    }

    double addsMm(Scalp scalp, int root) {
      double in = Math.max(fromMm, Math.min(toMm, by.of(scalp, root))) - fromMm;
      return in * Math.tan(Math.toRadians(deg));
    }
  }

  /** How much longer a bite takes that is lifted and cut first; an assumption. */
  public double paceShare() {
    return first == null ? 1 : 1.6;
  }
}
