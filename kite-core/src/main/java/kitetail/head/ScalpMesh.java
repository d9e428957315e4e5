package kitetail.head;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;

/**
 * The scalp as triangles between the sites and the points of the edge walk, so that a length at a
 * root is a colour at a corner: Delaunay on the scalp laid flat about the apex.
 *
 * @param roots the root each vertex stands for
 */
public record ScalpMesh(Mesh mesh, int[] roots) {
  /** The paint lies this far over the skin, so that it is not lost in it. */
  private static final double PAINT_MM = 0.9;

  public static ScalpMesh of(Scalp s) {
    List<Integer> roots = new ArrayList<>();
    for (int i = 0; i < s.sites(); i++) {
      if (s.aboveHairlineMm(i) > 1) {
        roots.add(i);
      }
    }
    Walk edge = s.walk(Walk.Kind.EDGE);
    for (int i = 0; i < edge.size() - 1; i++) {
      roots.add(edge.firstRoot() + i);
    }
    Map<Coordinate, Integer> vertexAt = new HashMap<>();
    List<Coordinate> flat = new ArrayList<>();
    for (int i = 0; i < roots.size(); i++) {
      Coordinate c = flat(s, roots.get(i));
      flat.add(c);
      vertexAt.put(c, i);
    }
    DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
    builder.setSites(flat);
    Geometry triangles = builder.getTriangles(new GeometryFactory());
    List<Integer> corners = new ArrayList<>();
    for (int i = 0; i < triangles.getNumGeometries(); i++) {
      Coordinate[] c = triangles.getGeometryN(i).getCoordinates();
      if (inside(s.head(), c)) {
        // Laid flat with the client's right as x and forward as y, counter-clockwise is seen from
        // above.
        boolean ccw = org.locationtech.jts.algorithm.Orientation.isCCW(c);
        corners.add(vertexAt.get(c[0]));
        corners.add(vertexAt.get(ccw ? c[1] : c[2]));
        corners.add(vertexAt.get(ccw ? c[2] : c[1]));
      }
    }
    return build(s, roots.stream().mapToInt(Integer::intValue).toArray(), corners);
  }

  private static Coordinate flat(Scalp s, int i) {
    double a = s.azimuthRad(i);
    double d = s.fromApexMm(i);
    return new Coordinate(d * Math.sin(a), d * Math.cos(a));
  }

  private static boolean inside(Head h, Coordinate[] c) {
    double x = (c[0].x + c[1].x + c[2].x) / 3;
    double y = (c[0].y + c[1].y + c[2].y) / 3;
    return Math.hypot(x, y) < h.hairlineFromApexMm(Math.atan2(x, y));
  }

  private static ScalpMesh build(Scalp s, int[] roots, List<Integer> corners) {
    float[] p = new float[3 * roots.length];
    float[] n = new float[3 * roots.length];
    for (int i = 0; i < roots.length; i++) {
      UnitVec u = s.normal(roots[i]);
      Vec3 v = s.pointMm(roots[i]).plus(u.times(PAINT_MM));
      p[3 * i] = (float) v.x();
      p[3 * i + 1] = (float) v.y();
      p[3 * i + 2] = (float) v.z();
      n[3 * i] = (float) u.x();
      n[3 * i + 1] = (float) u.y();
      n[3 * i + 2] = (float) u.z();
    }
    return new ScalpMesh(
        new Mesh(p, n, corners.stream().mapToInt(Integer::intValue).toArray()), roots);
  }
}
