package kitetail.section;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;

/**
 * A scalp's triangles cut along the borders of sections, so that paint ends where a section does
 * and not somewhere between two sites. A triangle whose corners lie in different sections is cut
 * where the border crosses its edges; each side shows the hair of its own corners.
 */
public final class SeamMesh {
  /** So often an edge is halved: within some hundredths of a millimetre. */
  private static final int HALVINGS = 8;

  private final Head head;
  private final Limit.Test[] tests;
  private final List<Vec3> points = new ArrayList<>();
  private final List<Vec3> skin = new ArrayList<>();
  private final List<Vec3> normals = new ArrayList<>();
  private final List<Integer> roots = new ArrayList<>();
  private final List<Long> within = new ArrayList<>();
  private final Map<Edge, Integer> crossed = new HashMap<>();
  private final List<Integer> corners = new ArrayList<>();

  private record Edge(int from, int to, int region) {}

  private SeamMesh(Scalp scalp, ScalpMesh whole, List<Region> regions) {
    head = scalp.head();
    tests = regions.stream().map(r -> r.on(head)).toArray(Limit.Test[]::new);
    int own = whole.roots().length;
    float[] p = whole.mesh().points();
    float[] n = whole.mesh().normals();
    for (int v = 0; v < own; v++) {
      int root = whole.roots()[v];
      long in = 0;
      for (int r = 0; r < tests.length; r++) {
        in |= tests[r].holds(scalp, root) ? 1L << r : 0;
      }
      add(
          new Vec3(p[3 * v], p[3 * v + 1], p[3 * v + 2]),
          scalp.pointMm(root),
          new Vec3(n[3 * v], n[3 * v + 1], n[3 * v + 2]),
          root,
          in);
    }
  }

  /**
   * @param regions 63 at most
   * @return the vertices of the whole mesh first; then, for each place where a border crosses an
   *     edge, one for either side
   */
  public static ScalpMesh of(Scalp scalp, ScalpMesh whole, List<Region> regions) {
    if (regions.size() > 63) {
      throw new IllegalArgumentException("63 sections at most, were " + regions.size());
    }
    SeamMesh m = new SeamMesh(scalp, whole, regions);
    int[] t = whole.mesh().triangles();
    for (int i = 0; i < t.length; i += 3) {
      m.cut(t[i], t[i + 1], t[i + 2]);
    }
    return m.made();
  }

  private int add(Vec3 point, Vec3 onSkin, Vec3 normal, int root, long in) {
    points.add(point);
    skin.add(onSkin);
    normals.add(normal);
    roots.add(root);
    within.add(in);
    return points.size() - 1;
  }

  private void cut(int a, int b, int c) {
    long differ = within.get(a) ^ within.get(b) | within.get(b) ^ within.get(c);
    if (differ == 0) {
      corners.addAll(List.of(a, b, c));
      return;
    }
    int region = Long.numberOfTrailingZeros(differ);
    if (in(a, region) == in(b, region)) {
      cut(c, a, b, region);
    } else if (in(b, region) == in(c, region)) {
      cut(a, b, c, region);
    } else {
      cut(b, c, a, region);
    }
  }

  private boolean in(int v, int region) {
    return (within.get(v) >> region & 1) == 1;
  }

  /** One corner lies on one side, two on the other. */
  private void cut(int lone, int b, int c, int region) {
    int toB = crossing(lone, b, region);
    int toC = crossing(lone, c, region);
    cut(lone, side(toB, lone, b), side(toC, lone, c));
    cut(side(toB, b, lone), b, c);
    cut(side(toB, b, lone), c, side(toC, c, lone));
  }

  /** The two vertices of a crossing stand in the order of its edge's ends. */
  private static int side(int crossing, int of, int other) {
    return of < other ? crossing : crossing + 1;
  }

  /** The first of the two vertices at which a region's border crosses an edge. */
  private int crossing(int a, int b, int region) {
    int from = Math.min(a, b);
    int to = Math.max(a, b);
    Edge edge = new Edge(from, to, region);
    Integer known = crossed.get(edge);
    if (known != null) {
      return known;
    }
    double lo = 0;
    double hi = 1;
    for (int k = 0; k < HALVINGS; k++) {
      double mid = (lo + hi) / 2;
      Vec3 p = between(skin, from, to, mid);
      boolean inside = tests[region].holds(p, head.azimuthRad(p), head.fromApexMm(p));
      if (inside == in(from, region)) {
        lo = mid;
      } else {
        hi = mid;
      }
    }
    double t = (lo + hi) / 2;
    Vec3 point = between(points, from, to, t);
    Vec3 onSkin = between(skin, from, to, t);
    Vec3 n = between(normals, from, to, t);
    Vec3 normal = n.times(1 / n.norm());
    int first = add(point, onSkin, normal, roots.get(from), within.get(from));
    add(point, onSkin, normal, roots.get(to), within.get(to));
    crossed.put(edge, first);
    return first;
  }

  private static Vec3 between(List<Vec3> of, int from, int to, double t) {
    return of.get(from).plus(of.get(to).minus(of.get(from)).times(t));
  }

  private ScalpMesh made() {
    float[] p = new float[3 * points.size()];
    float[] n = new float[p.length];
    for (int v = 0; v < points.size(); v++) {
      put(p, v, points.get(v));
      put(n, v, normals.get(v));
    }
    int[] triangles = corners.stream().mapToInt(Integer::intValue).toArray();
    return new ScalpMesh(
        new Mesh(p, n, triangles), roots.stream().mapToInt(Integer::intValue).toArray());
  }

  private static void put(float[] to, int v, Vec3 p) {
    to[3 * v] = (float) p.x();
    to[3 * v + 1] = (float) p.y();
    to[3 * v + 2] = (float) p.z();
  }
}
