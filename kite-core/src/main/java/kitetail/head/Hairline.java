package kitetail.head;

import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/** The edge of the hair as one closed curve: the polar angle it stands at, by azimuth. */
final class Hairline {
  /**
   * Azimuth in degrees from the front about the line between the ear canals, height in mm: the
   * default head's.
   */
  private static final double[][] DEFAULT = {
    {0, 98},
    {28, 99},
    {40, 104},
    {52, 92},
    {62, 70},
    {70, 58},
    {76, 30},
    {84, 12},
    {90, 30},
    {97, 44},
    {108, 44},
    {120, 30},
    {128, -2},
    {140, -28},
    {160, -34},
    {180, -36}
  };

  private Hairline() {}

  /** The hair of a calibration body ends level with the origin. */
  static Ring level(Meridians m, StarSurface s) {
    return new Ring(a -> polarAtHeight(m, s, a, 0));
  }

  /** The default hairline on a head stretched by the given factors. */
  static Ring stretched(Meridians m, StarSurface s, Vec3 factors) {
    int n = DEFAULT.length;
    int wrap = 4;
    double[] azimuths = new double[2 * (n - 1) + 2 * wrap + 1];
    double[] heights = new double[azimuths.length];
    int first = -(n - 1) - wrap;
    for (int i = 0; i < azimuths.length; i++) {
      int turn = Math.floorDiv(first + i + n - 1, 2 * (n - 1));
      int k = first + i - turn * 2 * (n - 1);
      double[] knot = DEFAULT[Math.abs(k)];
      azimuths[i] =
          azimuthOverApex(m, Math.signum(k) * knot[0], knot[1], factors) + 2 * Math.PI * turn;
      heights[i] = knot[1] * factors.z();
    }
    PolynomialSplineFunction height = new AkimaSplineInterpolator().interpolate(azimuths, heights);
    return new Ring(a -> polarAtHeight(m, s, a, height.value(a)));
  }

  private static double azimuthOverApex(Meridians m, double earAzimuthDeg, double z, Vec3 factors) {
    if (earAzimuthDeg == 0) {
      return 0;
    }
    if (Math.abs(earAzimuthDeg) == 180) {
      return Math.PI * Math.signum(earAzimuthDeg);
    }
    StarSurface base = ModelHead.surface();
    double a = Math.toRadians(earAzimuthDeg);
    Vec3 d = new Vec3(Math.sin(a), Math.cos(a), 0);
    double r = Tape.fromInside(base, new Vec3(0, 0, z), kitetail.geom.UnitVec.of(d));
    return m.azimuthRad(d.times(r).scaled(factors));
  }

  private static double polarAtHeight(Meridians m, StarSurface s, double azimuth, double z) {
    double lo = 0.05;
    double hi = Meridians.MAX_POLAR_RAD;
    for (int k = 0; k < 45; k++) {
      double mid = (lo + hi) / 2;
      if (m.point(azimuth, mid).z() > z) {
        lo = mid;
      } else {
        hi = mid;
      }
    }
    return (lo + hi) / 2;
  }
}
