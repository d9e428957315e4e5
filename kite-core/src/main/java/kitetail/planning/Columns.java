package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.section.Zone;

/**
 * A section seen as columns from its lower edge up, with the length wished along each: what a
 * ladder of guards is solved for.
 *
 * @param aroundDeg where each column stands, round the head from the front
 * @param heightMm how high each is
 * @param targetMm wished length, [column][sample] from the lower edge up, the same number of
 *     samples for each
 */
public record Columns(double[] aroundDeg, double[] heightMm, double[][] targetMm) {
  private static final double STEP_MM = 3;

  /**
   * @param lengthsMm wished length at every root of the zone's scalp
   * @param columns at most so many, evenly round the head
   * @param samples along each, 2 to 200
   * @throws IllegalArgumentException when the zone is empty
   */
  public static Columns of(Zone zone, double[] lengthsMm, int columns, int samples) {
    if (samples < 2 || samples > 200 || columns < 1 || columns > 180) {
      throw new IllegalArgumentException(
          "columns must be 1 to 180 and samples 2 to 200, were " + columns + " and " + samples);
    }
    Head h = zone.head();
    int lines = 180;
    List<double[]> spans = new ArrayList<>();
    for (int i = 0; i < lines; i++) {
      double a = 2 * Math.PI * (i + 0.5) / lines - Math.PI;
      double[] span = span(zone, h, a);
      if (span != null) {
        spans.add(span);
      }
    }
    if (spans.isEmpty()) {
      throw new IllegalArgumentException("the section holds no hair");
    }
    int n = Math.min(columns, spans.size());
    double[] around = new double[n];
    double[] height = new double[n];
    double[][] target = new double[n][samples];
    for (int c = 0; c < n; c++) {
      double[] s = spans.get((int) ((c + 0.5) * spans.size() / n));
      around[c] = Math.toDegrees(s[0]);
      height[c] = s[1] - s[2];
      for (int k = 0; k < samples; k++) {
        double d = s[1] - (k + 0.5) / samples * height[c];
        target[c][k] = nearest(zone, lengthsMm, h.point(s[0], d));
      }
    }
    return new Columns(around, height, target);
  }

  /** Azimuth, and distance from the apex of the lower and the upper end of the zone there. */
  private static double[] span(Zone zone, Head h, double azimuth) {
    double low = Double.NaN;
    double high = Double.NaN;
    for (double d = h.hairlineFromApexMm(azimuth) - 0.1; d > 0; d -= STEP_MM) {
      if (zone.holds(h.point(azimuth, d))) {
        low = Double.isNaN(low) ? d : low;
        high = d;
      } else if (!Double.isNaN(low)) {
        break;
      }
    }
    return low - high > 2 * STEP_MM ? new double[] {azimuth, low, high} : null;
  }

  private static double nearest(Zone zone, double[] lengthsMm, Vec3 p) {
    int best = zone.roots()[0];
    double closest = Double.MAX_VALUE;
    for (int i : zone.roots()) {
      double d = zone.scalp().pointMm(i).distanceTo(p);
      if (d < closest) {
        closest = d;
        best = i;
      }
    }
    return lengthsMm[best];
  }

  /** How far apart the samples of the highest column lie, mm. */
  public double sampleMm() {
    double most = 0;
    for (double h : heightMm) {
      most = Math.max(most, h / targetMm[0].length);
    }
    return most;
  }
}
