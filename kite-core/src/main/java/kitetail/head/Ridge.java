package kitetail.head;

import java.util.stream.IntStream;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;

/**
 * The ridge, found as by hand: along each line down from the apex the place where the head turns in
 * most sharply, that is where its vertical curvature is greatest; smoothed round the head.
 */
final class Ridge {
  private static final double STEP_MM = 1.5;
  private static final int WINDOW = 12;
  private static final double SMOOTH_DEG = 9;

  /** A place that turns less by this share still counts for a third of the sharpest. */
  private static final double NEARLY = 0.03;

  private static final int LINES = 180;

  /** A ridge moved by hand at the side moves this far round. */
  private static final double NUDGED_DEG = 40;

  private static final double RECESSION_RAD = Math.toRadians(HairlineShape.RECESSION_DEG);
  private static final double TEMPLE_RAD = Math.toRadians(HairlineShape.TEMPLE_DEG);

  private Ridge() {}

  static Ring find(Meridians m, Ring hairline, HeadSpec.Measured spec) {
    double[] polar = new double[LINES + 1];
    IntStream.rangeClosed(0, LINES)
        .parallel()
        .forEach(i -> polar[i] = sharpest(m, hairline, 2 * Math.PI * i / LINES - Math.PI));
    Ring found =
        new Ring(
                a -> {
                  double f = (a + Math.PI) / (2 * Math.PI) * LINES;
                  int i = Math.min(LINES - 1, (int) f);
                  return polar[i] + (f - i) * (polar[i + 1] - polar[i]);
                })
            .smoothed(SMOOTH_DEG);
    return new Ring(
        a -> {
          double nudged = m.arcMm(a, found.at(a)) - nudgedUpMm(spec, a);
          return horseshoe(a, m.polarAtArcRad(a, nudged), hairline.at(a));
        });
  }

  private static double nudgedUpMm(HeadSpec.Measured spec, double azimuth) {
    double a = Math.toDegrees(azimuth);
    return spec.nudge(Place.RIDGE_RIGHT).upMm() * HairlineShape.bump(a, 90, NUDGED_DEG)
        + spec.nudge(Place.RIDGE_LEFT).upMm() * HairlineShape.bump(a, -90, NUDGED_DEG);
  }

  /**
   * In front of the recession there is no side to turn in from: from there the ridge runs out into
   * the hairline.
   */
  private static double horseshoe(double azimuth, double ridge, double hairline) {
    double t = (Math.abs(azimuth) - RECESSION_RAD) / (TEMPLE_RAD - RECESSION_RAD);
    double w = Smooth.step(t);
    return hairline + w * (ridge - hairline);
  }

  private static double sharpest(Meridians m, Ring hairline, double azimuth) {
    double end = m.arcMm(azimuth, hairline.at(azimuth));
    int last = (int) (Math.min(end, 135 + WINDOW * STEP_MM) / STEP_MM);
    int first = (int) (0.22 * Math.min(end, 180) / STEP_MM);
    Vec3[] line = new Vec3[last + 1];
    for (int i = first; i <= last; i++) {
      line[i] = m.point(azimuth, m.polarAtArcRad(azimuth, i * STEP_MM));
    }
    double from = 0.22 * Math.min(end, 180) + WINDOW * STEP_MM;
    double to = Math.min(end, 135 + WINDOW * STEP_MM) - WINDOW * STEP_MM;
    double[] turn = new double[Math.max(0, last - WINDOW + 1)];
    double best = 0;
    for (int i = first + WINDOW; i <= last - WINDOW; i++) {
      turn[i] = turnRad(line[i - WINDOW], line[i], line[i + WINDOW]);
      best = Math.max(best, turn[i]);
    }
    // Where the head turns nearly as much over a stretch, the middle of it: a hair's breadth of
    // another head must not move the ridge from one end to the other.
    double sum = 0;
    double at = 0;
    for (int i = first + WINDOW; i <= last - WINDOW; i++) {
      double inside = Smooth.step((i * STEP_MM - from) / 8) * Smooth.step((to - i * STEP_MM) / 8);
      double w = inside * Math.exp((turn[i] / best - 1) / NEARLY);
      sum += w;
      at += w * i * STEP_MM;
    }
    return m.polarAtArcRad(azimuth, sum < 1e-9 ? Math.max(from, to) : at / sum);
  }

  /** Angle the head turns through from a over b to c. */
  private static double turnRad(Vec3 a, Vec3 b, Vec3 c) {
    Vec3 u = b.minus(a);
    Vec3 v = c.minus(b);
    return Math.acos(Math.min(1, u.dot(v) / (u.norm() * v.norm())));
  }
}
