package kitetail.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * One bite or column as it lies in the hand: the hairs, straight from the skin to where they are
 * cut, and the line of the fingers, the comb's edge or the guard.
 *
 * @param bite which one, from 1
 * @param strands each from the root to the cut
 * @param edgeMm the line it is cut along, in order; empty when the cut has none
 * @param out away from the head there
 */
public record Grip(int bite, List<Vec3[]> strands, List<Vec3> edgeMm, UnitVec out) {
  private static final double COLUMN_DEG = 6;
  private static final int MOST = 40;

  /**
   * @param cut with its guides put in as numbers
   * @param hadMm the hair before the move, by root
   * @param handRatio length in the hand over length dry and straight
   * @param bite from 1; past the last one, the last
   */
  public static Grip of(Cut cut, Zone zone, Hair hair, double[] hadMm, double handRatio, int bite) {
    if (zone.roots().length == 0 || cut instanceof Texture || cut instanceof Aside) {
      return new Grip(bite, List.of(), List.of(), UnitVec.UP);
    }
    double[] leaves = cut.leaves(zone, hair);
    double[] in = new double[leaves.length];
    for (int k = 0; k < in.length; k++) {
      in[k] = Math.min(leaves[k], hadMm[zone.roots()[k]] * handRatio);
    }
    return cut instanceof Fingers f ? fingers(f, zone, in, bite) : column(cut, zone, in, bite);
  }

  private static Grip fingers(Fingers f, Zone zone, double[] lengths, int bite) {
    Scalp s = zone.scalp();
    Head h = s.head();
    int[] roots = zone.roots();
    double first = zone.firstMm(f.parting());
    double[] at =
        Arrays.stream(roots).mapToDouble(i -> f.parting().atMm(h, s.pointMm(i))).toArray();
    double most = Arrays.stream(at).max().orElse(first);
    int last = Math.max(1, (int) Math.ceil((most - first) / f.biteMm()));
    int now = Math.max(1, Math.min(last, bite));
    List<Integer> band = new ArrayList<>();
    while (band.isEmpty() && now > 0) {
      for (int k = 0; k < roots.length; k++) {
        if (at[k] >= first + (now - 1) * f.biteMm() && at[k] < first + now * f.biteMm()) {
          band.add(k);
        }
      }
      now = band.isEmpty() ? now - 1 : now;
    }
    if (band.isEmpty()) {
      return new Grip(bite, List.of(), List.of(), UnitVec.UP);
    }
    int middle = middle(s, roots, band);
    Vec3 mid = s.pointMm(roots[middle]);
    band.removeIf(k -> s.pointMm(roots[k]).distanceTo(mid) > Fingers.HAND_MM / 2);
    UnitVec n = s.normal(roots[middle]);
    UnitVec back = f.parting().back(h, mid, n);
    UnitVec along = UnitVec.of(n.times(1).cross(back.times(1)));
    band.sort(Comparator.comparing(k -> along.dot(s.pointMm(roots[k]))));
    HeldHair held = new HeldHair(f, zone);
    List<Vec3[]> strands = new ArrayList<>();
    for (int k : few(band)) {
      strands.add(
          new Vec3[] {s.pointMm(roots[k]), held.heldAt(roots[k], Math.max(0, finite(lengths[k])))});
    }
    List<Vec3> line = line(strands, along);
    return new Grip(now, List.copyOf(strands), line, f.hold().pull(n));
  }

  private static double finite(double mm) {
    return Double.isFinite(mm) ? mm : 0;
  }

  private static int middle(Scalp s, int[] roots, List<Integer> band) {
    Vec3 sum = new Vec3(0, 0, 0);
    for (int k : band) {
      sum = sum.plus(s.pointMm(roots[k]));
    }
    Vec3 mean = sum.times(1.0 / band.size());
    return band.stream()
        .min(Comparator.comparing(k -> s.pointMm(roots[k]).distanceTo(mean)))
        .orElseThrow();
  }

  private static List<Integer> few(List<Integer> band) {
    List<Integer> out = new ArrayList<>();
    int step = Math.max(1, band.size() / MOST);
    for (int k = 0; k < band.size(); k += step) {
      out.add(band.get(k));
    }
    return out;
  }

  /** The line through the cut ends: their means, from one end of the hand to the other. */
  private static List<Vec3> line(List<Vec3[]> strands, UnitVec along) {
    int bins = Math.min(5, strands.size());
    List<Vec3> out = new ArrayList<>();
    for (int b = 0; b < bins; b++) {
      int from = b * strands.size() / bins;
      int to = (b + 1) * strands.size() / bins;
      Vec3 sum = new Vec3(0, 0, 0);
      for (int k = from; k < to; k++) {
        sum = sum.plus(strands.get(k)[1]);
      }
      out.add(sum.times(1.0 / (to - from)));
    }
    out.sort(Comparator.comparing(along::dot));
    return List.copyOf(out);
  }

  /** A column up the section, as combs and guards go. */
  private static Grip column(Cut cut, Zone zone, double[] lengths, int bite) {
    Scalp s = zone.scalp();
    int[] roots = zone.roots();
    double[] around =
        Arrays.stream(roots).mapToDouble(i -> Math.toDegrees(s.azimuthRad(i))).sorted().toArray();
    // Round the back the angle leaps; there it is counted from behind.
    boolean back = around[0] < -170 && around[around.length - 1] > 170;
    double turn = back ? 180 : 0;
    double[] turned =
        Arrays.stream(roots)
            .mapToDouble(i -> Math.IEEEremainder(Math.toDegrees(s.azimuthRad(i)) - turn, 360))
            .toArray();
    double low = Arrays.stream(turned).min().orElse(0);
    double high = Arrays.stream(turned).max().orElse(0);
    int columns = Math.max(1, (int) Math.round((high - low) / (2 * COLUMN_DEG)));
    int now = Math.max(1, Math.min(columns, bite));
    double mid = low + (now - 0.5) * (high - low) / columns;
    List<Integer> band = new ArrayList<>();
    for (int k = 0; k < roots.length; k++) {
      if (Math.abs(turned[k] - mid) < COLUMN_DEG && Double.isFinite(lengths[k])) {
        band.add(k);
      }
    }
    double azimuth = Math.toRadians(mid + turn);
    double lower = zone.lowerEdgeFromApexMm(azimuth);
    band.sort(Comparator.comparing(k -> -s.fromApexMm(roots[k])));
    List<Vec3[]> strands = new ArrayList<>();
    for (int k : few(band)) {
      Vec3 p = s.pointMm(roots[k]);
      strands.add(new Vec3[] {p, p.plus(s.normal(roots[k]).times(lengths[k]))});
    }
    double top = band.stream().mapToDouble(k -> s.fromApexMm(roots[k])).min().orElse(lower);
    List<Vec3> edge = new ArrayList<>();
    if (cut instanceof Comb c) {
      edge = c.path(zone, azimuth, Math.max(10, lower - top));
    } else if (cut instanceof Guard g) {
      for (int k = 0; k <= 8; k++) {
        Vec3 p = s.head().point(azimuth, lower + (top - lower) * k / 8);
        edge.add(p.plus(s.head().surface().normalAt(p).times(g.heightMm())));
      }
    }
    UnitVec out = s.head().surface().normalAt(s.head().point(azimuth, Math.max(1, lower)));
    return new Grip(now, List.copyOf(strands), List.copyOf(edge), out);
  }
}
