package kitetail.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import org.jspecify.annotations.Nullable;

/** A region on one scalp: its roots and its lower edge. Read only; safe to share. */
public final class Zone {
  private static final int LINES = 360;
  private static final double STEP_MM = 3;
  private static final int SECTORS = 24;
  private static final int GRID = 120;
  private static final int GRID_STEPS = 30;

  private final Scalp scalp;
  private final Region region;
  private final Limit.Test inside;
  private final int[] roots;
  private final boolean byRanges;
  private final Map<Parting, Double> firstMm = new ConcurrentHashMap<>();
  private final Map<Banded, List<Vec3>> middles = new ConcurrentHashMap<>();
  private volatile double @Nullable [] lowerEdge;

  private Zone(Scalp scalp, Region region) {
    this.scalp = scalp;
    this.region = region;
    this.inside = region.on(scalp.head());
    this.roots = IntStream.range(0, scalp.roots()).filter(i -> inside.holds(scalp, i)).toArray();
    this.byRanges = !Double.isNaN(region.lowerEdgeByRanges(scalp.head(), 0));
  }

  public static Zone of(Scalp scalp, Region region) {
    return new Zone(scalp, region);
  }

  public Scalp scalp() {
    return scalp;
  }

  public Head head() {
    return scalp.head();
  }

  public Region region() {
    return region;
  }

  /** Indices into the scalp, rising. */
  public int[] roots() {
    return roots;
  }

  /**
   * The roots of its upper or its lower half, up the head from its lower edge to its upper edge on
   * each line down from the apex.
   */
  public int[] half(boolean upper) {
    double[] top = new double[SECTORS];
    Arrays.fill(top, Double.MAX_VALUE);
    for (int i : roots) {
      top[sector(i)] = Math.min(top[sector(i)], scalp.fromApexMm(i));
    }
    return Arrays.stream(roots)
        .filter(
            i -> {
              double low = lowerEdgeFromApexMm(scalp.azimuthRad(i));
              return scalp.fromApexMm(i) < (low + top[sector(i)]) / 2 == upper;
            })
        .toArray();
  }

  private int sector(int root) {
    double turn = (scalp.azimuthRad(root) + Math.PI) / (2 * Math.PI);
    return Math.min(SECTORS - 1, (int) (turn * SECTORS));
  }

  public double areaMm2() {
    return scalp.areaMm2(roots);
  }

  public boolean holds(Vec3 p) {
    return inside.holds(p, head().azimuthRad(p), head().fromApexMm(p));
  }

  /** Where the first bite of a parting begins, whatever sites there are. */
  public double firstMm(Parting parting) {
    Double known = firstMm.get(parting);
    if (known == null) {
      known = findFirst(parting);
      firstMm.put(parting, known);
    }
    return known;
  }

  private double findFirst(Parting parting) {
    double[] first = {Double.MAX_VALUE};
    overIt((p, mm2) -> first[0] = Math.min(first[0], parting.atMm(head(), p)));
    for (int i : roots) {
      first[0] = Math.min(first[0], parting.atMm(head(), scalp.pointMm(i)));
    }
    return first[0];
  }

  private interface Visit {
    void at(Vec3 p, double weight);
  }

  /** Even places of the zone, whatever sites there are, each for the area it stands for. */
  private void overIt(Visit visit) {
    for (int i = 0; i < GRID; i++) {
      double a = 2 * Math.PI * i / GRID - Math.PI;
      double edge = head().hairlineFromApexMm(a);
      for (int k = 0; k <= GRID_STEPS; k++) {
        double d = edge * k / GRID_STEPS;
        Vec3 p = head().point(a, d);
        if (inside.holds(p, a, d)) {
          visit.at(p, d * edge);
        }
      }
    }
  }

  /** The middle of each bite of a parting in turn; a bite with nothing in it has the last one's. */
  public List<Vec3> middlesMm(Parting parting, double biteMm) {
    Banded by = new Banded(parting, biteMm);
    List<Vec3> known = middles.get(by);
    if (known == null) {
      known = findMiddles(by);
      middles.put(by, known);
    }
    return known;
  }

  private record Banded(Parting parting, double biteMm) {}

  private record Weighed(Vec3 sum, double weight) {
    Weighed plus(Weighed o) {
      return new Weighed(sum.plus(o.sum), weight + o.weight);
    }
  }

  private List<Vec3> findMiddles(Banded by) {
    double first = firstMm(by.parting);
    TreeMap<Integer, Weighed> bites = new TreeMap<>();
    overIt(
        (p, weight) -> {
          int bite = (int) Math.floor((by.parting.atMm(head(), p) - first) / by.biteMm);
          bites.merge(bite, new Weighed(p.times(weight), weight), Weighed::plus);
        });
    List<Vec3> out = new ArrayList<>();
    for (int bite = 0; !bites.isEmpty() && bite <= bites.lastKey(); bite++) {
      Weighed near =
          bites.containsKey(bite) || out.isEmpty()
              ? bites.ceilingEntry(bite).getValue()
              : bites.floorEntry(bite).getValue();
      out.add(near.sum.times(1 / near.weight));
    }
    return List.copyOf(out);
  }

  /**
   * Distance from the apex down to the lower edge of the zone along an azimuth, mm. Where the zone
   * has nothing on that line, that of the nearest line where it has.
   */
  public double lowerEdgeFromApexMm(double azimuthRad) {
    if (byRanges) {
      return region.lowerEdgeByRanges(head(), azimuthRad);
    }
    double[] edge = lowerEdge;
    if (edge == null) {
      edge = findLowerEdge();
      lowerEdge = edge;
    }
    double f = (azimuthRad + Math.PI) / (2 * Math.PI) * LINES;
    f -= LINES * Math.floor(f / LINES);
    int i = Math.min(LINES - 1, (int) f);
    return edge[i] + (f - i) * (edge[(i + 1) % LINES] - edge[i]);
  }

  private double[] findLowerEdge() {
    double[] edge = new double[LINES];
    Arrays.fill(edge, Double.NaN);
    for (int i = 0; i < LINES; i++) {
      double a = 2 * Math.PI * i / LINES - Math.PI;
      double out = head().hairlineFromApexMm(a) + 1e-6;
      for (double d = out - 2e-6; d > 0; d -= STEP_MM) {
        if (inside.holds(head().point(a, d), a, d)) {
          edge[i] = bisect(a, d, out);
          break;
        }
        out = d;
      }
    }
    if (Arrays.stream(edge).allMatch(Double::isNaN)) {
      Arrays.fill(edge, 0);
    }
    double[] filled = edge.clone();
    for (int i = 0; i < LINES; i++) {
      for (int k = 1; Double.isNaN(filled[i]); k++) {
        double left = edge[Math.floorMod(i - k, LINES)];
        filled[i] = Double.isNaN(left) ? edge[(i + k) % LINES] : left;
      }
    }
    return filled;
  }

  private double bisect(double azimuth, double in, double out) {
    double a = in;
    double b = out;
    for (int k = 0; k < 6; k++) {
      double mid = (a + b) / 2;
      if (inside.holds(head().point(azimuth, mid), azimuth, mid)) {
        a = mid;
      } else {
        b = mid;
      }
    }
    return a;
  }
}
