package kitetail.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.section.Zone;

/**
 * A cut as it is worked, bite by bite: which roots are in which, how long their hair is in the hand
 * before and after, and where it is held.
 */
public final class Holding {
  /** A bite is drawn with so many hairs at most. */
  private static final int MOST = 40;

  /** Points of a guard's way up the head, less one. */
  private static final int GUARD_STEPS = 8;

  private static final int LINE_POINTS = 5;

  /** So far past the hair it cuts a guard is drawn. */
  private static final double REACH_MM = 4;

  private final Cut cut;
  private final Zone zone;
  private final Scalp scalp;
  private final double[] had;
  private final double[] left;
  private final BiteOrder order;
  private final HeldHair held;

  private Holding(Cut cut, Zone zone, double[] had, double[] left, double handMm) {
    this.cut = cut;
    this.zone = zone;
    scalp = zone.scalp();
    this.had = had;
    this.left = left;
    boolean[] hair = new boolean[had.length];
    boolean[] shortened = new boolean[had.length];
    boolean any = false;
    for (int k = 0; k < had.length; k++) {
      // Points of walks stand for no hair.
      hair[k] = zone.roots()[k] < scalp.sites();
      shortened[k] = hair[k] && Cut.shortens(had[k], left[k]);
      any |= shortened[k];
    }
    // Where nothing reaches the line the whole section is gone through all the same.
    boolean[] in = any ? shortened : hair;
    boolean holds = had.length > 0 && !(cut instanceof Texture || cut instanceof Aside);
    held = cut instanceof Fingers f ? new HeldHair(f, zone) : null;
    if (!holds) {
      order = BiteOrder.none(had.length);
    } else if (cut instanceof Fingers f) {
      order = BiteOrder.overFingers(f, zone, in, handMm);
    } else if (cut instanceof Spot) {
      order = BiteOrder.one(in);
    } else {
      order = BiteOrder.columns(zone, in, cut.bites(zone));
    }
  }

  /**
   * @param cut with its guides put in as numbers
   * @param hadMm the hair before the move, by root of the scalp
   * @param hasMm and after it
   * @param handRatio length in the hand over length dry and straight
   * @param handMm usable length of a hand's line
   */
  public static Holding of(
      Cut cut, Zone zone, double[] hadMm, double[] hasMm, double handRatio, double handMm) {
    return new Holding(
        cut, zone, Cut.held(zone, handRatio, hadMm), Cut.held(zone, handRatio, hasMm), handMm);
  }

  /** How many; 0 when the cut holds no hair. */
  public int bites() {
    return order.count();
  }

  /** The bite as far on as the n-th of so many that were counted elsewhere, from 1. */
  public int asFarOn(int n, int of) {
    return order.asFarOn(n, of);
  }

  /** The bite of the zone's root number k, from 1; 0 when it is in none. */
  public int biteOf(int k) {
    return order.of(k);
  }

  /** The zone's root number k, by the scalp's numbers. */
  public int root(int k) {
    return zone.roots()[k];
  }

  /** Its hair in the hand before the cut. */
  public double hadMm(int k) {
    return had[k];
  }

  /** And after it. */
  public double leftMm(int k) {
    return left[k];
  }

  /** Where the hair of the zone's root number k is cut, or ends where it does not reach. */
  public Vec3 cutAt(int k) {
    int i = zone.roots()[k];
    double mm = Math.max(0, left[k]);
    return held != null ? held.heldAt(i, mm) : scalp.pointMm(i).plus(scalp.normal(i).times(mm));
  }

  /**
   * @param bite from 1; past the last one, the last
   */
  public Grip grip(int bite) {
    if (bites() == 0) {
      return Grip.NONE;
    }
    int now = Math.max(1, Math.min(bites(), bite));
    int[] band = order.in(now);
    while (band.length == 0 && now > 1) {
      band = order.in(--now);
    }
    if (band.length == 0) {
      return Grip.NONE;
    }
    if (cut instanceof Fingers f) {
      return fingers(f, now, band);
    }
    return cut instanceof Spot s
        ? new Grip(now, 0, strands(band), List.of(), out(scalp.head().place(s.place())))
        : column(now, band);
  }

  private UnitVec out(Vec3 p) {
    return scalp.head().surface().normalAt(p);
  }

  private Grip fingers(Fingers f, int now, int[] band) {
    int middle = middle(band);
    Vec3 mid = scalp.pointMm(zone.roots()[middle]);
    UnitVec n = scalp.normal(zone.roots()[middle]);
    UnitVec back = f.parting().back(scalp.head(), mid, n);
    UnitVec along = UnitVec.of(n.times(1).cross(back.times(1)));
    List<Vec3[]> strands = strands(sorted(band, k -> along.dot(scalp.pointMm(zone.roots()[k]))));
    double in = f.parting().atMm(scalp.head(), mid) - zone.firstMm(f.parting());
    int parting = 1 + (int) Math.max(0, Math.floor(in / f.biteMm()));
    return new Grip(now, parting, strands, line(strands, along), f.hold().pull(n));
  }

  private int middle(int[] band) {
    Vec3 sum = new Vec3(0, 0, 0);
    for (int k : band) {
      sum = sum.plus(scalp.pointMm(zone.roots()[k]));
    }
    Vec3 mean = sum.times(1.0 / band.length);
    return Arrays.stream(band)
        .boxed()
        .min(Comparator.comparing(k -> scalp.pointMm(zone.roots()[k]).distanceTo(mean)))
        .orElseThrow();
  }

  private interface Along {
    double at(int k);
  }

  private static int[] sorted(int[] band, Along along) {
    return Arrays.stream(band)
        .boxed()
        .sorted(Comparator.comparingDouble(along::at))
        .mapToInt(Integer::intValue)
        .toArray();
  }

  private List<Vec3[]> strands(int[] band) {
    int step = Math.max(1, band.length / MOST);
    return IntStream.iterate(0, j -> j < band.length, j -> j + step)
        .mapToObj(j -> new Vec3[] {scalp.pointMm(zone.roots()[band[j]]), cutAt(band[j])})
        .toList();
  }

  /** The line through the cut ends: their means, from one end of the hand to the other. */
  private static List<Vec3> line(List<Vec3[]> strands, UnitVec along) {
    int bins = Math.min(LINE_POINTS, strands.size());
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

  /** A stretch of a column up the section, with the way of comb or guard from below up to it. */
  private Grip column(int now, int[] band) {
    double x = 0;
    double y = 0;
    for (int k : band) {
      x += Math.cos(scalp.azimuthRad(zone.roots()[k]));
      y += Math.sin(scalp.azimuthRad(zone.roots()[k]));
    }
    double azimuth = Math.atan2(y, x);
    double lower = zone.lowerEdgeFromApexMm(azimuth);
    int[] upward = sorted(band, k -> -scalp.fromApexMm(zone.roots()[k]));
    double top = scalp.fromApexMm(zone.roots()[upward[upward.length - 1]]);
    Head h = scalp.head();
    List<Vec3> edge = List.of();
    if (cut instanceof Comb c) {
      edge = c.path(zone, azimuth, Math.max(10, lower - top));
    } else if (cut instanceof Fade f) {
      edge = f.path(h, azimuth).stream().filter(p -> h.fromApexMm(p) > top - REACH_MM).toList();
    } else if (cut instanceof Guard g) {
      edge =
          IntStream.rangeClosed(0, GUARD_STEPS)
              .mapToObj(k -> h.point(azimuth, lower + (top - lower) * k / GUARD_STEPS))
              .map(p -> p.plus(out(p).times(g.heightMm())))
              .toList();
    }
    return new Grip(
        now, 0, strands(upward), List.copyOf(edge), out(h.point(azimuth, Math.max(1, lower))));
  }
}
