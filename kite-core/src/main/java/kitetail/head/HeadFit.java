package kitetail.head;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kitetail.geom.RadiusTable;
import kitetail.geom.Vec3;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.GaussNewtonOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.util.Pair;

/**
 * The head that meets the tape: least squares (Gauss-Newton) over the three stretches, the fullness
 * of the head's corners and how far apart the hairlines lie. Five numbers for up to five measures;
 * what is not given stays as near as it can to the usual head of that girth. Each given measure is
 * met to 1 mm or the set is refused.
 */
final class HeadFit {
  static final double GIRTH_MIN_MM = 440;
  static final double GIRTH_MAX_MM = 680;

  /** How far each number usually strays, and how far it may. Stretches as natural logarithms. */
  private static final double[] USUAL_STRAY = {0.05, 0.05, 0.05, 0.5, 8};

  private static final double[] MAX_STRAY = {0.13, 0.13, 0.17, 1.5, 46};

  /** Weight of a measure against the strays: it is met, not balanced. */
  private static final double MEASURE_MM = 0.02;

  private static final double MET_MM = 0.5;
  private static final double RANGE_SHARE = 0.25;

  private final HeadSpec.Measured spec;
  private final Map<Measure, Double> given;
  private final RadiusTable picked;
  private final double scale;

  private HeadFit(HeadSpec.Measured spec, Map<Measure, Double> given, RadiusTable picked) {
    this.spec = spec;
    this.given = given;
    this.picked = picked;
    this.scale =
        given.get(Measure.GIRTH)
            / Measure.GIRTH.of(HeadBody.of(picked, new Vec3(1, 1, 1), 0, 0, spec));
  }

  /**
   * @throws HeadMeasureException naming the measure no head has, and its range given the others
   */
  static HeadBody of(HeadSpec.Measured spec) {
    if (!(spec.girthMm() >= GIRTH_MIN_MM && spec.girthMm() <= GIRTH_MAX_MM)) {
      throw new HeadMeasureException(
          Measure.GIRTH.field,
          spec.girthMm(),
          GIRTH_MIN_MM,
          GIRTH_MAX_MM,
          "is not seen on an adult or a child");
    }
    Map<Measure, Double> given = new EnumMap<>(Measure.class);
    for (Measure m : Measure.values()) {
      if (m.givenIn(spec) != null) {
        given.put(m, m.givenIn(spec));
      }
    }
    HeadFit fit = new HeadFit(spec, given, HeadBody.picked(spec));
    HeadBody body = fit.best();
    if (!fit.allowed(body)) {
      throw fit.refusal();
    }
    return body;
  }

  private HeadBody best() {
    int n = given.size() + USUAL_STRAY.length;
    try {
      double[] at =
          new GaussNewtonOptimizer()
              .optimize(
                  new LeastSquaresBuilder()
                      .start(new double[USUAL_STRAY.length])
                      .target(new double[n])
                      .model(this::model)
                      .maxEvaluations(30)
                      .maxIterations(30)
                      .checker((i, a, b) -> a.getPoint().getDistance(b.getPoint()) < 2e-3)
                      .build())
              .getPoint()
              .toArray();
      return body(at);
    } catch (MathRuntimeException e) {
      return null; // still far off after all steps: no head near the usual ones meets the set
    }
  }

  /** The numbers are in units of their usual stray. */
  private HeadBody body(double[] x) {
    return HeadBody.of(
        picked,
        new Vec3(
            scale * Math.exp(x[0] * USUAL_STRAY[0]),
            scale * Math.exp(x[1] * USUAL_STRAY[1]),
            scale * Math.exp(x[2] * USUAL_STRAY[2])),
        x[3] * USUAL_STRAY[3],
        x[4] * USUAL_STRAY[4],
        spec);
  }

  private double[] residuals(double[] x) {
    double[] clamped = x.clone();
    for (int i = 0; i < x.length; i++) {
      double most = 1.5 * MAX_STRAY[i] / USUAL_STRAY[i];
      clamped[i] = Math.max(-most, Math.min(most, x[i]));
    }
    HeadBody b = body(clamped);
    double[] r = new double[given.size() + x.length];
    int k = 0;
    for (Map.Entry<Measure, Double> e : given.entrySet()) {
      r[k++] = (e.getKey().of(b) - e.getValue()) / MEASURE_MM;
    }
    System.arraycopy(x, 0, r, k, x.length);
    return r;
  }

  private Pair<RealVector, RealMatrix> model(RealVector at) {
    double[] x = at.toArray();
    double[] f = residuals(x);
    RealMatrix j = MatrixUtils.createRealMatrix(f.length, x.length);
    double h = 1e-3;
    double[][] stepped =
        IntStream.range(0, x.length)
            .parallel()
            .mapToObj(
                i -> {
                  double[] y = x.clone();
                  y[i] += h;
                  return residuals(y);
                })
            .toArray(double[][]::new);
    for (int i = 0; i < x.length; i++) {
      for (int k = 0; k < f.length; k++) {
        j.setEntry(k, i, (stepped[i][k] - f[k]) / h);
      }
    }
    return new Pair<>(new ArrayRealVector(f), j);
  }

  private boolean allowed(HeadBody b) {
    if (b == null) {
      return false;
    }
    double[] stray = {
      Math.log(b.factors().x() / scale),
      Math.log(b.factors().y() / scale),
      Math.log(b.factors().z() / scale),
      b.fullness(),
      b.hairSpreadMm()
    };
    for (int i = 0; i < stray.length; i++) {
      if (!(Math.abs(stray[i]) <= MAX_STRAY[i])) {
        return false;
      }
    }
    return given.entrySet().stream()
        .allMatch(e -> Math.abs(e.getKey().of(b) - e.getValue()) <= MET_MM);
  }

  /** The measure farthest outside what the others allow. */
  private HeadMeasureException refusal() {
    List<HeadMeasureException> all = new ArrayList<>();
    for (Measure m : Arrays.asList(Measure.values())) {
      if (m != Measure.GIRTH && given.containsKey(m)) {
        HeadMeasureException e = against(m);
        if (e != null) {
          all.add(e);
        }
      }
    }
    return all.stream()
        .max((a, b) -> Double.compare(a.outsideShare(), b.outsideShare()))
        .orElseGet(
            () ->
                new HeadMeasureException(
                    Measure.GIRTH.field,
                    spec.girthMm(),
                    GIRTH_MIN_MM,
                    GIRTH_MAX_MM,
                    "and the other measures contradict each other; take them again"));
  }

  /** Null when the others do not fit each other without this one, or this one lies in range. */
  private HeadMeasureException against(Measure m) {
    Map<Measure, Double> others = new EnumMap<>(given);
    others.remove(m);
    HeadFit without = new HeadFit(spec, others, picked);
    HeadBody usual = without.best();
    if (!without.allowed(usual)) {
      return null;
    }
    double middle = m.of(usual);
    double min = Math.ceil(limit(m, middle, middle * (1 - RANGE_SHARE)));
    double max = Math.floor(limit(m, middle, middle * (1 + RANGE_SHARE)));
    double value = given.get(m);
    return value >= min && value <= max
        ? null
        : new HeadMeasureException(
            m.field, value, min, max, "is not seen on a head with the other measures");
  }

  private double limit(Measure m, double inside, double outside) {
    double in = inside;
    double out = outside;
    for (int i = 0; i < 9; i++) {
      double mid = (in + out) / 2;
      Map<Measure, Double> trial = new EnumMap<>(given);
      trial.put(m, mid);
      HeadFit fit = new HeadFit(spec, trial, picked);
      if (fit.allowed(fit.best())) {
        in = mid;
      } else {
        out = mid;
      }
    }
    return in;
  }
}
