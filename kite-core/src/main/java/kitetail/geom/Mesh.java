package kitetail.geom;

import java.util.Arrays;
import java.util.function.UnaryOperator;

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

  /** Every vertex moved; normals anew from the triangles around each vertex, weighted by area. */
  public Mesh moved(UnaryOperator<Vec3> to) {
    float[] p = new float[points.length];
    for (int i = 0; i < p.length; i += 3) {
      Vec3 v = to.apply(new Vec3(points[i], points[i + 1], points[i + 2]));
      p[i] = (float) v.x();
      p[i + 1] = (float) v.y();
      p[i + 2] = (float) v.z();
    }
    return new Mesh(p, normals(p, triangles), triangles);
  }

  /** Outward normals of a mesh's vertices: the mean of the triangles around, weighted by area. */
  public static float[] normals(float[] p, int[] triangles) {
    float[] n = new float[p.length];
    for (int t = 0; t < triangles.length; t += 3) {
      int a = 3 * triangles[t];
      int b = 3 * triangles[t + 1];
      int c = 3 * triangles[t + 2];
      float ux = p[b] - p[a];
      float uy = p[b + 1] - p[a + 1];
      float uz = p[b + 2] - p[a + 2];
      float vx = p[c] - p[a];
      float vy = p[c + 1] - p[a + 1];
      float vz = p[c + 2] - p[a + 2];
      float nx = uy * vz - uz * vy;
      float ny = uz * vx - ux * vz;
      float nz = ux * vy - uy * vx;
      for (int k : new int[] {a, b, c}) {
        n[k] += nx;
        n[k + 1] += ny;
        n[k + 2] += nz;
      }
    }
    for (int i = 0; i < n.length; i += 3) {
      double l = Math.sqrt(n[i] * n[i] + n[i + 1] * n[i + 1] + n[i + 2] * n[i + 2]);
      double k = l > 0 ? 1 / l : 0;
      n[i] *= (float) k;
      n[i + 1] *= (float) k;
      n[i + 2] *= (float) k;
    }
    return n;
  }
}
