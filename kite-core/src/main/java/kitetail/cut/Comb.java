package kitetail.cut;

import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Section;

/**
 * Clipper or scissor over comb: a straight rigid edge goes up in a straight line, column by column,
 * from the lower edge of the section. What is left is the distance from the skin to the comb's
 * track along the hair standing straight out, and no less than the comb is thick; so hair grows
 * longer where the head curves away.
 *
 * @param gapMm how far off the skin the cutting edge starts, 0 to 60
 * @param outDeg how far the track leans off the line that just follows the head, −20 to 80
 * @param thicknessMm of the comb, 0.5 to 15
 * @param tool what cuts over the comb
 */
public record Comb(double gapMm, double outDeg, double thicknessMm, Blade tool) implements Cut {
  /** What cuts over the comb. */
  public enum Blade {
    CLIPPER,
    SCISSORS
  }

  private static final int COLUMNS = 360;
  private static final double COLUMN_MM = 40;
  private static final double STROKE_MM = 35;
  private static final double GRAZING = 0.02;

  public Comb {
    if (!(gapMm >= 0 && gapMm <= 60)) {
      throw new IllegalArgumentException("gapMm must be 0 to 60, was " + gapMm);
    }
    if (!(outDeg >= -20 && outDeg <= 80)) {
      throw new IllegalArgumentException("outDeg must be -20 to 80, was " + outDeg);
    }
    if (!(thicknessMm >= 0.5 && thicknessMm <= 15)) {
      throw new IllegalArgumentException("thicknessMm must be 0.5 to 15, was " + thicknessMm);
    }
  }

  @Override
  public double[] leaves(Scalp scalp, Section section, int[] roots, Hair hair) {
    Track[] tracks = new Track[COLUMNS + 1];
    double[] out = new double[roots.length];
    for (int k = 0; k < roots.length; k++) {
      int i = roots[k];
      double f = (scalp.azimuthRad(i) + Math.PI) / (2 * Math.PI) * COLUMNS;
      int c = Math.min(COLUMNS - 1, (int) f);
      double a = distance(scalp, i, track(tracks, c, scalp.head(), section));
      double b = distance(scalp, i, track(tracks, c + 1, scalp.head(), section));
      double d = Double.isFinite(a + b) ? a + (f - c) * (b - a) : Math.max(a, b);
      out[k] = Math.max(thicknessMm, d);
    }
    return out;
  }

  @Override
  public int bites(Scalp scalp, int[] roots) {
    return (int) Math.ceil(scalp.areaMm2(roots) / (COLUMN_MM * STROKE_MM));
  }

  /** In the upright plane of a column: out from the line through the apex, and up. */
  private record Track(double outMm, double upMm, double outward, double upward) {}

  private Track track(Track[] known, int c, Head head, Section section) {
    if (known[c] == null) {
      known[c] = lay(head, section, 2 * Math.PI * c / COLUMNS - Math.PI);
    }
    return known[c];
  }

  private Track lay(Head head, Section section, double azimuth) {
    double lower = section.lowerEdgeFromApexMm(head, azimuth);
    double[] start = offSkin(head, azimuth, lower);
    double step = 4;
    // Along the skin at the start: square to its normal in the column's plane.
    UnitVec n = head.surface().normalAt(head.point(azimuth, lower));
    double lean = Math.atan2(-n.z(), n.x() * Math.sin(azimuth) + n.y() * Math.cos(azimuth));
    for (double s = lower - step; s > Math.max(10, head.ridgeFromApexMm(azimuth)); s -= step) {
      double[] q = offSkin(head, azimuth, s);
      lean = Math.max(lean, Math.atan2(q[0] - start[0], q[1] - start[1]));
    }
    lean += Math.toRadians(outDeg);
    return new Track(start[0], start[1], Math.sin(lean), Math.cos(lean));
  }

  /** The point a gap off the skin at a distance from the apex, in its column's plane. */
  private double[] offSkin(Head head, double azimuth, double fromApex) {
    Vec3 p = head.point(azimuth, fromApex);
    UnitVec n = head.surface().normalAt(p);
    double nOut = n.x() * Math.sin(azimuth) + n.y() * Math.cos(azimuth);
    double k = gapMm / Math.hypot(nOut, n.z());
    Vec3 c = head.surface().centreMm();
    return new double[] {Math.hypot(p.x() - c.x(), p.y() - c.y()) + k * nOut, p.z() + k * n.z()};
  }

  private static double distance(Scalp scalp, int i, Track t) {
    Vec3 p = scalp.pointMm(i);
    UnitVec n = scalp.normal(i);
    double a = scalp.azimuthRad(i);
    Vec3 c = scalp.head().surface().centreMm();
    double nOut = n.x() * Math.sin(a) + n.y() * Math.cos(a);
    double size = Math.hypot(nOut, n.z());
    double toOut = t.outMm - Math.hypot(p.x() - c.x(), p.y() - c.y());
    double toUp = t.upMm - p.z();
    // The track's own normal, pointing off the head.
    double across = t.upward * nOut / size - t.outward * n.z() / size;
    return across < GRAZING
        ? Double.POSITIVE_INFINITY
        : (t.upward * toOut - t.outward * toUp) / across;
  }
}
