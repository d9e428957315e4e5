package kitetail.planning;

import java.util.Random;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Hair;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * One cut as one pair of unsteady hands makes it.
 *
 * <p>A travelling guide carries its errors on: at the n-th bite it has crept by n steps, each of a
 * spread and of what a straight line over a round head gives away, {@code b² / 8R} for a bite b on
 * a head of radius R, taken in part. So errors add up with about the square of the bite (common
 * practice).
 */
final class Unsteady {
  private static final double GUARD_MM = 0.3;
  private static final double EDGE_MM = 1.2;

  private Unsteady() {}

  /** What it leaves at each root of the zone, mm in the hand. */
  static double[] leaves(Cut cut, Zone zone, Hair hair, Hands h, Random r) {
    // Drawn in the same number whatever the cut, so that a change to one move leaves the others be.
    double tilt = h.sinkDeg() * r.nextDouble() * 2 + h.elevationDeg() * r.nextGaussian();
    double first = r.nextGaussian();
    double length = h.lengthMm() * first;
    double creep = h.creepMm() * r.nextGaussian();
    double taken = r.nextDouble();
    double tension = 1 + h.tensionShare() * r.nextGaussian();
    double second = r.nextGaussian();
    long eye = r.nextLong();
    if (cut instanceof Fingers f) {
      return fingers(f, zone, hair, h, tilt, length, creep, taken, tension, eye);
    }
    if (cut instanceof Comb c) {
      double gap = Math.max(0, Math.min(60, c.gapMm() + h.gapMm() * first));
      double lean = Math.max(-20, Math.min(80, c.outDeg() + h.leanDeg() * second));
      return c.turned(Dial.GAP, gap).turned(Dial.LEAN_DEG, lean).leaves(zone, hair);
    }
    double[] out = cut.leaves(zone, hair);
    if (cut.guarded() || cut instanceof Edge) {
      double off = (cut.guarded() ? GUARD_MM : EDGE_MM) * second;
      for (int k = 0; k < out.length; k++) {
        out[k] = Math.max(0, out[k] + off);
      }
    }
    return out;
  }

  private static double[] fingers(
      Fingers f,
      Zone zone,
      Hair hair,
      Hands h,
      double tilt,
      double length,
      double creep,
      double taken,
      double tension,
      long eye) {
    Fingers held = f;
    if (f.hold() instanceof Hold.Elevation e) {
      held = f.with(new Hold.Elevation(Math.max(0, Math.min(180, e.elevationDeg() - tilt))));
    } else if (f.hold() instanceof Hold.StraightOut) {
      held = f.with(new Hold.Elevation(Math.max(0, Math.min(180, 90 - tilt))));
    }
    double[] out = held.leaves(zone, hair);
    Scalp s = zone.scalp();
    double start = zone.firstMm(f.parting());
    double scallop = Hands.scallopMm(f.biteMm()) * taken;
    boolean carries = f.guide().carriesOn();
    Random byPlace = new Random(eye);
    for (int k = 0; k < out.length; k++) {
      double off = length;
      if (carries) {
        double n = (f.parting().atMm(s.head(), s.pointMm(zone.roots()[k])) - start) / f.biteMm();
        off += Math.max(0, n) * (creep + scallop);
      } else if (f.guide() instanceof Guide.ByEye) {
        off += h.eyeMm() * byPlace.nextGaussian();
      }
      out[k] = Math.max(0, (out[k] + off) / tension);
    }
    return out;
  }
}
