package kitetail.geom;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A mesh of a solid by surface nets (Gibson, "Constrained elastic surface nets", 1998; from
 * memory): one vertex a grid cell that the skin crosses, moved onto the skin, one quad a grid edge
 * that it crosses. Open where the box cuts the solid.
 */
public final class SurfaceNets {
  private final Solid solid;
  private final Vec3 min;
  private final double cell;
  private final int nx;
  private final int ny;
  private final int nz;
  private final float[] value;
  private final int[] vertexOf;
  private final List<Vec3> points = new ArrayList<>();

  private SurfaceNets(Solid solid, Vec3 min, Vec3 max, double cell) {
    this.solid = solid;
    this.min = min;
    this.cell = cell;
    this.nx = (int) Math.ceil((max.x() - min.x()) / cell);
    this.ny = (int) Math.ceil((max.y() - min.y()) / cell);
    this.nz = (int) Math.ceil((max.z() - min.z()) / cell);
    this.value = new float[(nx + 1) * (ny + 1) * (nz + 1)];
    this.vertexOf = new int[value.length];
    Arrays.fill(vertexOf, -1);
  }

  public static Mesh of(Solid solid, Vec3 min, Vec3 max, double cellMm) {
    SurfaceNets n = new SurfaceNets(solid, min, max, cellMm);
    n.sample();
    n.placeVertices();
    return n.mesh();
  }

  private int at(int x, int y, int z) {
    return (x * (ny + 1) + y) * (nz + 1) + z;
  }

  private void sample() {
    java.util.stream.IntStream.rangeClosed(0, nx)
        .parallel()
        .forEach(
            x -> {
              for (int y = 0; y <= ny; y++) {
                for (int z = 0; z <= nz; z++) {
                  value[at(x, y, z)] =
                      (float)
                          solid.valueMm(min.x() + x * cell, min.y() + y * cell, min.z() + z * cell);
                }
              }
            });
  }

  private void placeVertices() {
    for (int x = 0; x < nx; x++) {
      for (int y = 0; y < ny; y++) {
        for (int z = 0; z < nz; z++) {
          if (crossed(x, y, z)) {
            vertexOf[at(x, y, z)] = points.size();
            points.add(onSkin(x, y, z));
          }
        }
      }
    }
  }

  private boolean crossed(int x, int y, int z) {
    boolean first = value[at(x, y, z)] < 0;
    for (int k = 1; k < 8; k++) {
      if (value[at(x + (k & 1), y + (k >> 1 & 1), z + (k >> 2))] < 0 != first) {
        return true;
      }
    }
    return false;
  }

  /** From the middle of the cell down the slope onto the skin, but never far out of the cell. */
  private Vec3 onSkin(int x, int y, int z) {
    Vec3 mid =
        new Vec3(
            min.x() + (x + 0.5) * cell, min.y() + (y + 0.5) * cell, min.z() + (z + 0.5) * cell);
    Vec3 p = mid;
    for (int k = 0; k < 4; k++) {
      p = p.minus(normal(p).times(solid.valueMm(p.x(), p.y(), p.z())));
    }
    return p.distanceTo(mid) < 1.5 * cell ? p : mid;
  }

  private UnitVec normal(Vec3 p) {
    double h = 0.2;
    return UnitVec.of(
        solid.valueMm(p.x() + h, p.y(), p.z()) - solid.valueMm(p.x() - h, p.y(), p.z()),
        solid.valueMm(p.x(), p.y() + h, p.z()) - solid.valueMm(p.x(), p.y() - h, p.z()),
        solid.valueMm(p.x(), p.y(), p.z() + h) - solid.valueMm(p.x(), p.y(), p.z() - h));
  }

  private Mesh mesh() {
    List<int[]> quads = new ArrayList<>();
    for (int x = 1; x < nx; x++) {
      for (int y = 1; y < ny; y++) {
        for (int z = 1; z < nz; z++) {
          boolean in = value[at(x, y, z)] < 0;
          if (in != value[at(x + 1, y, z)] < 0) {
            quad(
                quads,
                in,
                cell(x, y - 1, z - 1),
                cell(x, y, z - 1),
                cell(x, y, z),
                cell(x, y - 1, z));
          }
          if (in != value[at(x, y + 1, z)] < 0) {
            quad(
                quads,
                in,
                cell(x - 1, y, z - 1),
                cell(x - 1, y, z),
                cell(x, y, z),
                cell(x, y, z - 1));
          }
          if (in != value[at(x, y, z + 1)] < 0) {
            quad(
                quads,
                in,
                cell(x - 1, y - 1, z),
                cell(x, y - 1, z),
                cell(x, y, z),
                cell(x - 1, y, z));
          }
        }
      }
    }
    int[] triangles = new int[quads.size() * 6];
    for (int i = 0; i < quads.size(); i++) {
      int[] q = quads.get(i);
      System.arraycopy(new int[] {q[0], q[1], q[2], q[0], q[2], q[3]}, 0, triangles, 6 * i, 6);
    }
    float[] p = new float[3 * points.size()];
    float[] n = new float[p.length];
    for (int i = 0; i < points.size(); i++) {
      Vec3 v = points.get(i);
      UnitVec u = normal(v);
      p[3 * i] = (float) v.x();
      p[3 * i + 1] = (float) v.y();
      p[3 * i + 2] = (float) v.z();
      n[3 * i] = (float) u.x();
      n[3 * i + 1] = (float) u.y();
      n[3 * i + 2] = (float) u.z();
    }
    return new Mesh(p, n, triangles);
  }

  private int cell(int x, int y, int z) {
    return vertexOf[at(x, y, z)];
  }

  private static void quad(List<int[]> quads, boolean outward, int a, int b, int c, int d) {
    quads.add(outward ? new int[] {a, b, c, d} : new int[] {d, c, b, a});
  }
}
