package kitetail.cut;

import kitetail.geom.Smooth;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * How high a taper or a fade climbs from the hairline: so high at the sideburn, from there smoothly
 * to another height behind the ear, and from there to the nape. In front of the sideburn it runs
 * out toward the temple; it never cuts the front.
 *
 * @param sideburnMm at the sideburn
 * @param behindEarMm behind the ear
 * @param napeMm at the centre of the nape
 */
record Climb(double sideburnMm, double behindEarMm, double napeMm) {
  /** A climb on one head. */
  interface Drawn {
    /** How high it climbs there round the head, mm. */
    double heightMm(double azimuthRad);

    /** How much of the blade is on the head: 1 all of it, 0 in front of the temple. */
    double on(double azimuthRad);
  }

  Drawn on(Head h) {
    double[] right = azimuths(h, Place.TEMPLE_RIGHT, Place.SIDEBURN_RIGHT, Place.BEHIND_EAR_RIGHT);
    double[] left = azimuths(h, Place.TEMPLE_LEFT, Place.SIDEBURN_LEFT, Place.BEHIND_EAR_LEFT);
    return new Drawn() {
      @Override
      public double heightMm(double azimuthRad) {
        double[] at = azimuthRad < 0 ? left : right;
        double a = Math.abs(azimuthRad);
        return a < at[1]
            ? sideburnMm
            : a < at[2]
                ? sideburnMm
                    + Smooth.step((a - at[1]) / (at[2] - at[1])) * (behindEarMm - sideburnMm)
                : behindEarMm
                    + Smooth.step((a - at[2]) / (Math.PI - at[2])) * (napeMm - behindEarMm);
      }

      @Override
      public double on(double azimuthRad) {
        double[] at = azimuthRad < 0 ? left : right;
        double a = Math.abs(azimuthRad);
        // Out at the temple the clipper leaves the head: no corner is cut into the front.
        return a <= at[0] ? 0 : Smooth.step((a - at[0]) / (at[1] - at[0]));
      }
    };
  }

  private static double[] azimuths(Head h, Place temple, Place sideburn, Place behindEar) {
    Place recession = temple == Place.TEMPLE_LEFT ? Place.RECESSION_LEFT : Place.RECESSION_RIGHT;
    double corner = Math.abs(h.azimuthRad(h.place(recession)));
    return new double[] {
      0.6 * Math.abs(h.azimuthRad(h.place(temple))) + 0.4 * corner,
      Math.abs(h.azimuthRad(h.place(sideburn))),
      Math.abs(h.azimuthRad(h.place(behindEar)))
    };
  }
}
