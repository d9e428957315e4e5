package kitetail.bench;

import kitetail.fall.Fall;
import kitetail.fall.Rod;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.BodyField;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * One rod in three dimensions under its weight and kept off the body, by shooting with a general
 * ODE library: place, direction, moment and force along it, {@code t' = M × t/B}, {@code M' = −t ×
 * n}, {@code n' = −f}; force and moment at the clamp are sought that leave none at the tip. It
 * knows no comb and no hair beneath.
 */
final class Shot {
  private static final double CONTACT = 24;
  private static final double CLEAR_MM = 0.8;
  private static final double CLOSE = 1e-6;
  private static final double STEP = 1e-4;
  private static final double[] LOADS = {0.3, 1};

  private final BodyField body;
  private final Vec3 root;
  private final UnitVec clamp;
  private final UnitVec across;
  private final Vec3 third;
  private final double length;
  private final double bending;
  private double load;

  Shot(Fall f, int strand) {
    body = f.ground().body();
    root = f.point(strand, 0);
    clamp = UnitVec.of(f.point(strand, 1).minus(root));
    across = UnitVec.UP.alongSurface(clamp);
    third = clamp.times(1).cross(across.times(1));
    length = Math.max(5, f.lengthMm(strand));
    bending = Rod.of(1000 * f.diameterMm(strand), f.curlRatio(strand), false, 0).bendingMm3();
  }

  /** What is left at the tip over the rod's weight; near 0 when it came to rest. */
  double solve() {
    double[] guess = {0, 0, 0, 0, 0};
    double left = Double.NaN;
    for (double l : LOADS) {
      load = l;
      if (l == LOADS[0]) {
        guess[4] = -l * length;
      }
      try {
        LeastSquaresOptimizer.Optimum o =
            new LevenbergMarquardtOptimizer()
                .optimize(
                    new LeastSquaresBuilder()
                        .start(guess)
                        .model(this::model)
                        .target(new double[6])
                        .maxEvaluations(60)
                        .maxIterations(60)
                        .build());
        guess = o.getPoint().toArray();
        left = o.getResiduals().getNorm() / length;
      } catch (RuntimeException e) {
        return Double.NaN;
      }
    }
    return left;
  }

  private Pair<RealVector, RealMatrix> model(RealVector at) {
    double[] p = at.toArray();
    double[] here = tip(p);
    RealMatrix slope = new Array2DRowRealMatrix(6, 5);
    for (int k = 0; k < 5; k++) {
      double[] moved = p.clone();
      double step = STEP * Math.max(1, Math.abs(p[k]));
      moved[k] += step;
      double[] there = tip(moved);
      for (int i = 0; i < 6; i++) {
        slope.setEntry(i, k, (there[i] - here[i]) / step);
      }
    }
    return new Pair<>(new ArrayRealVector(here), MatrixUtils.createRealMatrix(slope.getData()));
  }

  /** Moment (over the length) and force at the tip. */
  private double[] tip(double[] p) {
    double[] y = new double[12];
    y[0] = root.x();
    y[1] = root.y();
    y[2] = root.z();
    y[3] = clamp.x();
    y[4] = clamp.y();
    y[5] = clamp.z();
    y[6] = length * (p[0] * across.x() + p[1] * third.x());
    y[7] = length * (p[0] * across.y() + p[1] * third.y());
    y[8] = length * (p[0] * across.z() + p[1] * third.z());
    y[9] = p[2];
    y[10] = p[3];
    y[11] = p[4];
    double[] end =
        new DormandPrince853Integrator(1e-6, length / 4, CLOSE, CLOSE)
            .integrate(new Along(), new ODEState(0, y), length)
            .getPrimaryState();
    return new double[] {
      end[6] / length, end[7] / length, end[8] / length, end[9], end[10], end[11]
    };
  }

  private final class Along implements OrdinaryDifferentialEquation {
    private final double[] way = new double[3];

    @Override
    public int getDimension() {
      return 12;
    }

    @Override
    public double[] computeDerivatives(double s, double[] y) {
      double in = CLEAR_MM - body.atMm(y[0], y[1], y[2], way);
      double push = in > 0 ? CONTACT * in : 0;
      return new double[] {
        y[3],
        y[4],
        y[5],
        (y[7] * y[5] - y[8] * y[4]) / bending,
        (y[8] * y[3] - y[6] * y[5]) / bending,
        (y[6] * y[4] - y[7] * y[3]) / bending,
        y[5] * y[10] - y[4] * y[11],
        y[3] * y[11] - y[5] * y[9],
        y[4] * y[9] - y[3] * y[10],
        -push * way[0],
        -push * way[1],
        load - push * way[2]
      };
    }
  }
}
