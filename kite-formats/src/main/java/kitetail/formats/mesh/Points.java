package kitetail.formats.mesh;

import java.util.Arrays;

/** Coordinates as they are read. */
final class Points {
  static final int MOST = 40_000_000;

  private float[] xyz = new float[3 * 65_536];
  private int count;

  void add(float x, float y, float z, ByteSource where) {
    if (!Float.isFinite(x + y + z)) {
      throw where.problem("a coordinate that is not a finite number");
    }
    if (count == MOST) {
      throw where.problem("more than " + MOST + " points; make the mesh coarser");
    }
    if (3 * count == xyz.length) {
      xyz = Arrays.copyOf(xyz, 2 * xyz.length);
    }
    xyz[3 * count] = x;
    xyz[3 * count + 1] = y;
    xyz[3 * count + 2] = z;
    count++;
  }

  int count() {
    return count;
  }

  ScanMesh mesh(String format, long triangles, ByteSource where) {
    if (count == 0) {
      throw where.problem("no points; a mesh of a head was expected");
    }
    return new ScanMesh(format, xyz, count, triangles);
  }
}
