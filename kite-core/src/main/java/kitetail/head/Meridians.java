package kitetail.head;

import java.util.stream.IntStream;
import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;

/**
 * The skin seen from the apex: lines running down the head from it, one a direction, with the true
 * distance along each. The apex must lie straight above the surface's centre.
 */
final class Meridians {
  private static final int LINES = 180;
  private static final int STEPS = 128;
  static final double MAX_POLAR_RAD = Math.toRadians(152);

  private final StarSurface surface;
  private final double[] arcMm = new double[(LINES + 1) * (STEPS + 1)];

  Meridians(StarSurface surface) {
    this.surface = surface;
    IntStream.range(0, LINES).parallel().forEach(this::measure);
    System.arraycopy(arcMm, 0, arcMm, LINES * (STEPS + 1), STEPS + 1);
  }

  private void measure(int i) {
    double azimuth = 2 * Math.PI * i / LINES - Math.PI;
    double sin = Math.sin(azimuth);
    double cos = Math.cos(azimuth);
    double lastOut = 0;
    double lastUp = surface.radiusMm(0, 0, 1);
    double arc = 0;
    double lastTurn = 0;
    for (int k = 1; k <= STEPS; k++) {
      double polar = MAX_POLAR_RAD * k / STEPS;
      double s = Math.sin(polar);
      double c = Math.cos(polar);
      double r = surface.radiusMm(s * sin, s * cos, c);
      double out = r * s;
      double up = r * c;
      double turn = Math.atan2(lastUp - up, out - lastOut);
      // A chord under an arc that turns by t is shorter by a factor 1 - t²/24.
      double bend = k == 1 ? 0 : turn - lastTurn;
      arc += Math.hypot(out - lastOut, up - lastUp) * (1 + bend * bend / 24);
      lastOut = out;
      lastUp = up;
      lastTurn = turn;
      arcMm[i * (STEPS + 1) + k] = arc;
    }
  }

  double azimuthRad(Vec3 p) {
    return Math.atan2(p.x() - surface.centreMm().x(), p.y() - surface.centreMm().y());
  }

  double polarRad(Vec3 p) {
    Vec3 d = p.minus(surface.centreMm());
    return Math.atan2(Math.hypot(d.x(), d.y()), d.z());
  }

  Vec3 point(double azimuthRad, double polarRad) {
    double s = Math.sin(polarRad);
    double x = s * Math.sin(azimuthRad);
    double y = s * Math.cos(azimuthRad);
    double z = Math.cos(polarRad);
    double r = surface.radiusMm(x, y, z);
    return surface.centreMm().plus(new Vec3(r * x, r * y, r * z));
  }

  /** Distance down the head from the apex, mm. */
  double arcMm(double azimuthRad, double polarRad) {
    double f = (azimuthRad + Math.PI) / (2 * Math.PI) * LINES;
    f -= LINES * Math.floor(f / LINES);
    int i = Math.min(LINES - 1, (int) f);
    double g = Math.min(polarRad / MAX_POLAR_RAD, 1) * STEPS;
    int k = Math.min(STEPS - 1, (int) g);
    double tf = f - i;
    double tg = g - k;
    int a = i * (STEPS + 1) + k;
    int b = a + STEPS + 1;
    double low = arcMm[a] + tg * (arcMm[a + 1] - arcMm[a]);
    double high = arcMm[b] + tg * (arcMm[b + 1] - arcMm[b]);
    return low + tf * (high - low);
  }

  /** The polar angle at a distance from the apex: the inverse of {@link #arcMm}. */
  double polarAtArcRad(double azimuthRad, double arc) {
    double f = (azimuthRad + Math.PI) / (2 * Math.PI) * LINES;
    f -= LINES * Math.floor(f / LINES);
    int i = Math.min(LINES - 1, (int) f);
    double t = f - i;
    int a = i * (STEPS + 1);
    int lo = 0;
    int hi = STEPS;
    while (hi - lo > 1) {
      int k = (lo + hi) >>> 1;
      if (between(a + k, t) < arc) {
        lo = k;
      } else {
        hi = k;
      }
    }
    double from = between(a + lo, t);
    double to = between(a + hi, t);
    return MAX_POLAR_RAD * (lo + Math.max(0, Math.min(1, (arc - from) / (to - from)))) / STEPS;
  }

  private double between(int at, double t) {
    return arcMm[at] + t * (arcMm[at + STEPS + 1] - arcMm[at]);
  }
}
