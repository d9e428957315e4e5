package kitetail.hair;

import kitetail.geom.Allowed;
import kitetail.head.Spot;

/**
 * An odd place left by an earlier cut: this length in its middle, the length around at its rim.
 *
 * @param radiusMm 5 to 120
 * @param lengthMm 0 to 1500
 */
public record LengthPatch(Spot at, double radiusMm, double lengthMm) {
  public LengthPatch {
    Allowed.within("radiusMm", radiusMm, 5, 120);
    Allowed.within("lengthMm", lengthMm, 0, 1500);
  }

  LengthPatch longer(double mm) {
    return new LengthPatch(at, radiusMm, Math.min(1500, lengthMm + mm));
  }

  LengthPatch mirrored() {
    return new LengthPatch(at.mirrored(), radiusMm, lengthMm);
  }
}
