package kitetail.hair;

import kitetail.geom.Allowed;
import kitetail.geom.Smooth;
import kitetail.head.Spot;

/**
 * A place where the hair differs from the rest: full strength in its middle, fading to nothing at
 * its rim.
 *
 * @param radiusMm 5 to 120
 * @param density times as dense, 0 to 3
 * @param diameter times as thick, 0.5 to 2
 * @param curl times the curl ratio, 0.3 to 3; the product stays 0.2 to 1
 */
public record HairPatch(Spot at, double radiusMm, double density, double diameter, double curl) {
  public HairPatch {
    Allowed.within("radiusMm", radiusMm, 5, 120);
    Allowed.within("density", density, 0, 3);
    Allowed.within("diameter", diameter, 0.5, 2);
    Allowed.within("curl", curl, 0.3, 3);
  }

  HairPatch mirrored() {
    return new HairPatch(at.mirrored(), radiusMm, density, diameter, curl);
  }

  /** 1 within half the radius, falling smoothly to 0 at the rim. */
  static double share(double distanceMm, double radiusMm) {
    return Smooth.step(2 * (1 - distanceMm / radiusMm));
  }
}
