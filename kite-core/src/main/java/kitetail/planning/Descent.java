package kitetail.planning;

import java.util.function.UnaryOperator;
import kitetail.work.Deadline;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.ConvergenceChecker;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Least squares inside a box for residuals with corners: Levenberg–Marquardt (Hipparchus) to come
 * near, then one number at a time, or two together, with ever smaller steps, which few corners can
 * stop.
 */
final class Descent {
  private static final double FIRST_STEP = 24;
  private static final double LAST_STEP = 0.05;
  private static final int MOST_SWEEPS = 80;

  private Descent() {}

  static double[] within(
      UnaryOperator<double[]> residuals, double[] from, double[] low, double[] high) {
    Deadline until = Deadline.current();
    UnaryOperator<double[]> asked =
        at -> {
          until.check();
          return residuals.apply(at);
        };
    double[] start = clamped(from, low, high);
    double[] slid = slide(asked, start, low, high);
    double[] x = size(asked.apply(slid)) < size(asked.apply(start)) ? slid : start;
    return polish(asked, x, low, high);
  }

  static double size(double[] r) {
    double sum = 0;
    for (double v : r) {
      sum += v * v;
    }
    return sum;
  }

  private static double[] clamped(double[] x, double[] low, double[] high) {
    double[] out = x.clone();
    for (int i = 0; i < out.length; i++) {
      out[i] = Math.max(low[i], Math.min(high[i], out[i]));
    }
    return out;
  }

  private static double[] slide(
      UnaryOperator<double[]> residuals, double[] start, double[] low, double[] high) {
    int n = residuals.apply(start).length;
    ConvergenceChecker<LeastSquaresProblem.Evaluation> near =
        (k, a, b) -> Math.abs(a.getRMS() - b.getRMS()) < 1e-3;
    LeastSquaresProblem problem =
        new LeastSquaresBuilder()
            .start(start)
            .target(new double[n])
            .model(v -> model(residuals, v, high))
            .parameterValidator(v -> new ArrayRealVector(clamped(v.toArray(), low, high)))
            .checker(near)
            .maxEvaluations(200)
            .maxIterations(25)
            .build();
    try {
      return new LevenbergMarquardtOptimizer().optimize(problem).getPoint().toArray();
    } catch (org.hipparchus.exception.MathRuntimeException e) {
      // It has no way on from a corner, or has tried enough: the polishing goes on from the start.
      return start;
    }
  }

  private static Pair<RealVector, RealMatrix> model(
      UnaryOperator<double[]> residuals, RealVector at, double[] high) {
    double[] x = at.toArray();
    double[] r = residuals.apply(x);
    RealMatrix j = MatrixUtils.createRealMatrix(r.length, x.length);
    for (int k = 0; k < x.length; k++) {
      double[] y = x.clone();
      double step = x[k] + 0.5 > high[k] ? -0.5 : 0.5;
      y[k] += step;
      double[] moved = residuals.apply(y);
      for (int i = 0; i < r.length; i++) {
        j.setEntry(i, k, (moved[i] - r[i]) / step);
      }
    }
    return new Pair<>(new ArrayRealVector(r), j);
  }

  private static double[] polish(
      UnaryOperator<double[]> residuals, double[] from, double[] low, double[] high) {
    Polish p = new Polish(residuals, from.clone(), low, high);
    int sweeps = 0;
    for (double step = FIRST_STEP; step > LAST_STEP; ) {
      // Where two cuts leave the same, only both together let more stand: pairs after singles.
      boolean better = p.singles(step) || p.pairs(step);
      if (!better || ++sweeps > MOST_SWEEPS) {
        step /= 2;
      }
    }
    return p.x;
  }

  private static final class Polish {
    private final UnaryOperator<double[]> residuals;
    private final double[] x;
    private final double[] low;
    private final double[] high;
    private double best;

    Polish(UnaryOperator<double[]> residuals, double[] x, double[] low, double[] high) {
      this.residuals = residuals;
      this.x = x;
      this.low = low;
      this.high = high;
      this.best = size(residuals.apply(x));
    }

    boolean singles(double step) {
      boolean better = false;
      for (int k = 0; k < x.length; k++) {
        better |= moved(k, step, -1, 0) || moved(k, -step, -1, 0);
      }
      return better;
    }

    boolean pairs(double step) {
      for (int k = 0; k < x.length; k++) {
        for (int j = k + 1; j < x.length; j++) {
          if (moved(k, step, j, step) || moved(k, -step, j, -step)) {
            return true;
          }
        }
      }
      return false;
    }

    /** Moves one number, and another unless it is −1; keeps that when it is better. */
    private boolean moved(int k, double dk, int j, double dj) {
      double wasK = x[k];
      double wasJ = j < 0 ? 0 : x[j];
      x[k] = Math.max(low[k], Math.min(high[k], wasK + dk));
      if (j >= 0) {
        x[j] = Math.max(low[j], Math.min(high[j], wasJ + dj));
      }
      if (x[k] != wasK || j >= 0 && x[j] != wasJ) {
        double now = size(residuals.apply(x));
        if (now < best - 1e-9) {
          best = now;
          return true;
        }
      }
      x[k] = wasK;
      if (j >= 0) {
        x[j] = wasJ;
      }
      return false;
    }
  }
}
