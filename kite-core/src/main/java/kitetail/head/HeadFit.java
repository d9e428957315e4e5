package kitetail.head;

import kitetail.geom.StarSurface;
import kitetail.geom.StretchedSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * The stretch of the default head that meets the tape: least squares (Levenberg-Marquardt) over the
 * three factors across, forward and up. Each given measure is met to 1 mm or the set is refused.
 */
final class HeadFit {
  /**
   * The girth is taped over the brow and the farthest point of the back; these heights are the
   * default head's.
   */
  private static final double BROW_Z = 46;

  private static final double BACK_Z = 26;

  /** The tape starts at the notch above the ear's front flap, a little over the ear canal. */
  private static final double EAR_Z = 6;

  static final double FRONT_Z = 98;
  static final double NAPE_Z = -36;

  /** How far a measure may lie from what the girth leads one to expect. */
  private static final double SPREAD = 0.15;

  static final double GIRTH_MIN_MM = 440;
  static final double GIRTH_MAX_MM = 680;

  private static final Vec3 NO_STRETCH = new Vec3(1, 1, 1);

  private HeadFit() {}

  /**
   * Girth, ear to ear over the apex, front hairline to nape: mm, of a head stretched by the
   * factors.
   */
  static double[] measures(Vec3 factors) {
    StarSurface s = StretchedSurface.of(ModelHead.surface(), factors);
    Vec3 c = s.centreMm();
    Vec3 apex = s.onto(c.plus(UnitVec.UP.times(1)));
    Vec3 earRight = skin(s, EAR_Z, 1, 0, factors);
    Vec3 earLeft = skin(s, EAR_Z, -1, 0, factors);
    Vec3 front = centreLine(s, FRONT_Z, 1, factors);
    Vec3 nape = centreLine(s, NAPE_Z, -1, factors);
    return new double[] {
      Tape.girthMm(s, centreLine(s, BROW_Z, 1, factors), centreLine(s, BACK_Z, -1, factors)),
      Tape.arcMm(s, earLeft, apex, earRight),
      Tape.arcMm(s, front, apex, nape)
    };
  }

  static Vec3 centreLine(StarSurface s, double baseZ, int forward, Vec3 factors) {
    return skin(s, baseZ, 0, forward, factors);
  }

  private static Vec3 skin(StarSurface s, double baseZ, double x, double y, Vec3 factors) {
    Vec3 from = new Vec3(0, s.centreMm().y(), baseZ * factors.z());
    UnitVec d = UnitVec.of(x, y, 0);
    return from.plus(d.times(Tape.fromInside(s, from, d)));
  }

  static Vec3 factors(HeadSpec.Measured m) {
    double[] base = Default.MEASURES;
    checkRange("girthMm", m.girthMm(), GIRTH_MIN_MM, GIRTH_MAX_MM, "an adult or a child");
    double k = m.girthMm() / base[0];
    double ear = given("earToEarMm", m.earToEarMm(), k * base[1], m.girthMm());
    double front = given("frontToNapeMm", m.frontToNapeMm(), k * base[2], m.girthMm());
    double[] want = {m.girthMm(), ear, front};
    double[] start = {k, k, k};
    double[] at =
        new LevenbergMarquardtOptimizer()
            .optimize(
                new LeastSquaresBuilder()
                    .start(start)
                    .target(want)
                    .model(HeadFit::model)
                    .maxEvaluations(60)
                    .maxIterations(60)
                    .checker((i, a, b) -> a.getPoint().getDistance(b.getPoint()) < 1e-7)
                    .build())
            .getPoint()
            .toArray();
    Vec3 factors = new Vec3(at[0], at[1], at[2]);
    double[] got = measures(factors);
    String[] names = {"girthMm", "earToEarMm", "frontToNapeMm"};
    for (int i = 0; i < 3; i++) {
      if (Math.abs(got[i] - want[i]) > 1) {
        throw new HeadMeasureException(
            names[i],
            want[i],
            got[i] - 1,
            got[i] + 1,
            "no head meets it together with the other measures");
      }
    }
    return factors;
  }

  private static double given(String name, Double value, double expected, double girthMm) {
    if (value == null) {
      return expected;
    }
    checkRange(
        name,
        value,
        Math.ceil(expected * (1 - SPREAD)),
        Math.floor(expected * (1 + SPREAD)),
        "a girth of " + Math.round(girthMm) + " mm");
    return value;
  }

  private static void checkRange(String name, double value, double min, double max, String given) {
    if (!(value >= min && value <= max)) {
      throw new HeadMeasureException(name, value, min, max, "is not seen on a head with " + given);
    }
  }

  private static Pair<RealVector, RealMatrix> model(RealVector at) {
    double[] x = at.toArray();
    double[] f = measures(new Vec3(x[0], x[1], x[2]));
    RealMatrix j = MatrixUtils.createRealMatrix(3, 3);
    double h = 1e-4;
    for (int i = 0; i < 3; i++) {
      double[] y = x.clone();
      y[i] += h;
      double[] g = measures(new Vec3(y[0], y[1], y[2]));
      for (int k = 0; k < 3; k++) {
        j.setEntry(k, i, (g[k] - f[k]) / h);
      }
    }
    return new Pair<>(new ArrayRealVector(f), j);
  }

  private static final class Default {
    static final double[] MEASURES = measures(NO_STRETCH);
  }
}
