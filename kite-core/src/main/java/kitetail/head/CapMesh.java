package kitetail.head;

import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;

/** The skin inside the hairline as a web of rings about the apex: quick, for small pictures. */
public final class CapMesh {
  private static final int SPOKES = 160;
  private static final int RINGS = 22;
  private static final double OVER_SKIN_MM = 1.1;

  private CapMesh() {}

  public static Mesh of(Head head) {
    int n = SPOKES * RINGS + 1;
    float[] p = new float[3 * n];
    float[] normals = new float[3 * n];
    put(head, p, normals, 0, head.meridians().point(0, 0));
    for (int i = 0; i < SPOKES; i++) {
      double a = 2 * Math.PI * i / SPOKES - Math.PI;
      double end = head.hairlinePolarRad(a);
      for (int k = 1; k <= RINGS; k++) {
        put(head, p, normals, i * RINGS + k, head.meridians().point(a, end * k / RINGS));
      }
    }
    int[] t = new int[3 * SPOKES * (2 * RINGS - 1)];
    int c = 0;
    for (int i = 0; i < SPOKES; i++) {
      int here = i * RINGS + 1;
      int next = (i + 1) % SPOKES * RINGS + 1;
      c = corners(t, c, 0, next, here);
      for (int k = 0; k < RINGS - 1; k++) {
        c = corners(t, c, here + k, next + k, next + k + 1);
        c = corners(t, c, here + k, next + k + 1, here + k + 1);
      }
    }
    return new Mesh(p, normals, t);
  }

  private static int corners(int[] t, int at, int a, int b, int c) {
    t[at] = a;
    t[at + 1] = b;
    t[at + 2] = c;
    return at + 3;
  }

  private static void put(Head head, float[] p, float[] normals, int i, Vec3 skin) {
    UnitVec u = head.surface().normalAt(skin);
    Vec3 v = skin.plus(u.times(OVER_SKIN_MM));
    p[3 * i] = (float) v.x();
    p[3 * i + 1] = (float) v.y();
    p[3 * i + 2] = (float) v.z();
    normals[3 * i] = (float) u.x();
    normals[3 * i + 1] = (float) u.y();
    normals[3 * i + 2] = (float) u.z();
  }
}
