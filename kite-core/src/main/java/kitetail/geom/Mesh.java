package kitetail.geom;

import java.util.Arrays;

/**
 * Triangles for drawing.
 *
 * @param points x, y, z of each vertex in turn, mm
 * @param normals outward, same layout, length 1
 * @param triangles three vertex indices each, counter-clockwise seen from outside
 */
public record Mesh(float[] points, float[] normals, int[] triangles) {
  public Mesh {
    if (points.length != normals.length || points.length % 3 != 0 || triangles.length % 3 != 0) {
      throw new IllegalArgumentException(
          "not a mesh: "
              + points.length
              + " coordinates, "
              + normals.length
              + " of normals, "
              + triangles.length
              + " corners");
    }
  }

  public int vertices() {
    return points.length / 3;
  }

  /** Both meshes as one. */
  public Mesh and(Mesh o) {
    float[] p = Arrays.copyOf(points, points.length + o.points.length);
    float[] n = Arrays.copyOf(normals, p.length);
    int[] t = Arrays.copyOf(triangles, triangles.length + o.triangles.length);
    System.arraycopy(o.points, 0, p, points.length, o.points.length);
    System.arraycopy(o.normals, 0, n, points.length, o.points.length);
    for (int i = 0; i < o.triangles.length; i++) {
      t[triangles.length + i] = o.triangles[i] + vertices();
    }
    return new Mesh(p, n, t);
  }

  /** Stretched about the origin; normals stay square to the skin. */
  public Mesh stretched(Vec3 k) {
    float[] p = new float[points.length];
    float[] n = new float[points.length];
    for (int i = 0; i < p.length; i += 3) {
      p[i] = (float) (points[i] * k.x());
      p[i + 1] = (float) (points[i + 1] * k.y());
      p[i + 2] = (float) (points[i + 2] * k.z());
      UnitVec u = UnitVec.of(normals[i] / k.x(), normals[i + 1] / k.y(), normals[i + 2] / k.z());
      n[i] = (float) u.x();
      n[i + 1] = (float) u.y();
      n[i + 2] = (float) u.z();
    }
    return new Mesh(p, n, triangles);
  }
}
