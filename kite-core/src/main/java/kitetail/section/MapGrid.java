package kitetail.section;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import org.jspecify.annotations.Nullable;

/**
 * The scalp map of one head as a square grid of places: x to the client's right, y forward, mm from
 * the apex. Read only; safe to share.
 */
public final class MapGrid {
  private static final double CELL_MM = 4;
  private static final int ROUND = 180;
  private static final int HALVINGS = 7;

  private final Head head;
  private final int side;
  private final double from;
  private final Spot[] spots;

  /** A place of the map; {@code p} is null off the scalp. */
  private record Spot(double x, double y, @Nullable Vec3 p, double a, double d) {}

  private MapGrid(Head head) {
    this.head = head;
    double reach = 0;
    for (int i = 0; i < ROUND; i++) {
      reach = Math.max(reach, head.hairlineFromApexMm(2 * Math.PI * i / ROUND));
    }
    int half = (int) Math.ceil(reach / CELL_MM) + 1;
    side = 2 * half + 1;
    from = -half * CELL_MM;
    spots = new Spot[side * side];
    for (int i = 0; i < spots.length; i++) {
      spots[i] = at(from + i % side * CELL_MM, from + i / side * CELL_MM);
    }
  }

  public static MapGrid of(Head head) {
    return new MapGrid(head);
  }

  public Head head() {
    return head;
  }

  /** The point of the skin under a point of the map; off the scalp, the nearest toward the apex. */
  public Vec3 skin(double x, double y) {
    double a = Math.atan2(x, y);
    return head.point(a, Math.min(Math.hypot(x, y), head.hairlineFromApexMm(a)));
  }

  private Spot at(double x, double y) {
    double a = Math.atan2(x, y);
    double d = Math.hypot(x, y);
    boolean on = d < head.hairlineFromApexMm(a);
    return new Spot(x, y, on ? head.point(a, d) : null, a, d);
  }

  /**
   * A stretch of a section's outline.
   *
   * @param limit which of its limits ends it here; −1 the hairline, −2 a section it leaves out
   * @param bound for a range, true at its upper end
   */
  public record Stretch(int limit, boolean bound, List<double[]> points) {}

  /** Every ring round a region, each as its stretches in order. */
  public List<List<Stretch>> rings(Region region) {
    Limit.Test inside = region.on(head);
    boolean[] in = new boolean[spots.length];
    for (int i = 0; i < spots.length; i++) {
      in[i] = holds(inside, spots[i]);
    }
    Limit.Test[] limits = region.limits().stream().map(l -> l.on(head)).toArray(Limit.Test[]::new);
    List<Crossing[]> pieces = new ArrayList<>();
    for (int y = 0; y + 1 < side; y++) {
      for (int x = 0; x + 1 < side; x++) {
        square(y * side + x, in, inside, region, limits, pieces);
      }
    }
    return stretched(chained(pieces));
  }

  private static boolean holds(Limit.Test t, Spot s) {
    return s.p() != null && t.holds(s.p(), s.a(), s.d());
  }

  /** Where the outline crosses an edge of the grid. */
  private record Crossing(long key, double x, double y, int limit, boolean bound) {}

  private void square(
      int i,
      boolean[] in,
      Limit.Test test,
      Region region,
      Limit.Test[] limits,
      List<Crossing[]> out) {
    int[] c = {i, i + 1, i + side + 1, i + side};
    int n = 0;
    for (int k : c) {
      n += in[k] ? 1 : 0;
    }
    if (n == 0 || n == 4) {
      return;
    }
    List<Crossing> found = new ArrayList<>(4);
    for (int k = 0; k < 4; k++) {
      int a = c[k];
      int b = c[(k + 1) % 4];
      if (in[a] != in[b]) {
        found.add(crossing(Math.min(a, b), Math.max(a, b), in, test, region, limits));
      }
    }
    if (found.size() == 2) {
      out.add(new Crossing[] {found.get(0), found.get(1)});
    } else {
      // Two corners across from each other: kept apart about the one that is inside.
      boolean first = in[c[0]];
      out.add(new Crossing[] {found.get(first ? 3 : 0), found.get(first ? 0 : 1)});
      out.add(new Crossing[] {found.get(first ? 1 : 2), found.get(first ? 2 : 3)});
    }
  }

  private Crossing crossing(
      int a, int b, boolean[] in, Limit.Test test, Region region, Limit.Test[] limits) {
    Spot inner = in[a] ? spots[a] : spots[b];
    Spot outer = in[a] ? spots[b] : spots[a];
    for (int k = 0; k < HALVINGS; k++) {
      Spot mid = at((inner.x() + outer.x()) / 2, (inner.y() + outer.y()) / 2);
      if (holds(test, mid)) {
        inner = mid;
      } else {
        outer = mid;
      }
    }
    long key = (long) a * spots.length + b;
    return ended(key, inner, outer, region, limits);
  }

  private Crossing ended(long key, Spot inner, Spot outer, Region region, Limit.Test[] limits) {
    double x = (inner.x() + outer.x()) / 2;
    double y = (inner.y() + outer.y()) / 2;
    if (outer.p() == null) {
      return new Crossing(key, x, y, -1, false);
    }
    for (int l = 0; l < limits.length; l++) {
      if (!limits[l].holds(outer.p(), outer.a(), outer.d())) {
        boolean upper =
            region.limits().get(l) instanceof Limit.Between b
                && b.upperEnds(head, outer.p(), outer.a(), outer.d());
        return new Crossing(key, x, y, l, upper);
      }
    }
    return new Crossing(key, x, y, -2, false);
  }

  private static List<List<Crossing>> chained(List<Crossing[]> pieces) {
    java.util.Map<Long, List<Crossing[]>> by = new java.util.HashMap<>();
    for (Crossing[] p : pieces) {
      by.computeIfAbsent(p[0].key(), k -> new ArrayList<>(2)).add(p);
      by.computeIfAbsent(p[1].key(), k -> new ArrayList<>(2)).add(p);
    }
    java.util.Set<Crossing[]> used =
        java.util.Collections.newSetFromMap(new java.util.IdentityHashMap<>());
    List<List<Crossing>> out = new ArrayList<>();
    for (Crossing[] start : pieces) {
      if (!used.add(start)) {
        continue;
      }
      List<Crossing> ring = new ArrayList<>(List.of(start[0], start[1]));
      for (boolean more = true; more; ) {
        more = false;
        Crossing last = ring.get(ring.size() - 1);
        for (Crossing[] p : by.getOrDefault(last.key(), List.of())) {
          if (used.add(p)) {
            ring.add(p[0].key() == last.key() ? p[1] : p[0]);
            more = true;
            break;
          }
        }
      }
      out.add(ring);
    }
    return out;
  }

  private static List<List<Stretch>> stretched(List<List<Crossing>> rings) {
    List<List<Stretch>> out = new ArrayList<>();
    for (List<Crossing> ring : rings) {
      List<Stretch> all = new ArrayList<>();
      List<double[]> points = new ArrayList<>();
      for (int i = 0; i < ring.size(); i++) {
        Crossing c = ring.get(i);
        points.add(new double[] {c.x(), c.y()});
        boolean last = i + 1 == ring.size();
        if (last || ring.get(i + 1).limit() != c.limit() || ring.get(i + 1).bound() != c.bound()) {
          if (!last) {
            points.add(new double[] {ring.get(i + 1).x(), ring.get(i + 1).y()});
          }
          all.add(new Stretch(c.limit(), c.bound(), List.copyOf(points)));
          points = new ArrayList<>();
        }
      }
      out.add(List.copyOf(all));
    }
    return List.copyOf(out);
  }
}
