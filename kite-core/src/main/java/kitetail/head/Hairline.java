package kitetail.head;

import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
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
    {47, 97},
    {52, 79},
    {56, 62},
    {61, 50},
    {66, 38},
    {69, 17},
    {72, 4},
    {78, 2},
    {84, 6},
    {88, 22},
    {91, 34},
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
    return new Ring(a -> polarAtHeight(m, a, 0));
  }

  /** The usual hairline carried to a fitted head, and moved down or up by that head's own shape. */
  static Ring of(Meridians m, HeadBody b) {
    int n = DEFAULT.length;
    int wrap = 4;
    double[] azimuths = new double[2 * (n - 1) + 2 * wrap + 1];
    double[] heights = new double[azimuths.length];
    int first = -(n - 1) - wrap;
    for (int i = 0; i < azimuths.length; i++) {
      int turn = Math.floorDiv(first + i + n - 1, 2 * (n - 1));
      int k = first + i - turn * 2 * (n - 1);
      double[] knot = DEFAULT[Math.abs(k)];
      azimuths[i] = azimuthOverApex(m, Math.signum(k) * knot[0], knot[1], b) + 2 * Math.PI * turn;
      heights[i] = knot[1] * b.factors().z();
    }
    PolynomialSplineFunction height = new AkimaSplineInterpolator().interpolate(azimuths, heights);
    return new Ring(
        a -> {
          double polar = polarAtHeight(m, a, height.value(a));
          return m.polarAtArcRad(a, m.arcMm(a, polar) + b.edgeDownMm(a));
        });
  }

  private static double azimuthOverApex(Meridians m, double earAzimuthDeg, double z, HeadBody b) {
    if (earAzimuthDeg == 0) {
      return 0;
    }
    if (Math.abs(earAzimuthDeg) == 180) {
      return Math.PI * Math.signum(earAzimuthDeg);
    }
    double a = Math.toRadians(earAzimuthDeg);
    UnitVec d = UnitVec.of(Math.sin(a), Math.cos(a), 0);
    double r = Tape.fromInside(b.table(), new Vec3(0, 0, z), d);
    return m.azimuthRad(d.times(r).scaled(b.factors()));
  }

  private static double polarAtHeight(Meridians m, double azimuth, double z) {
    double lo = 0.05;
    double hi = Meridians.MAX_POLAR_RAD;
    for (int k = 0; k < 30; k++) {
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
