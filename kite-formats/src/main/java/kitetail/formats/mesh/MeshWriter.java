package kitetail.formats.mesh;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import kitetail.geom.Mesh;

/** Writes a mesh in the open formats, millimetres in the head's frame. */
public final class MeshWriter {
  private static final int STL_HEADER = 84;
  private static final int STL_TRIANGLE = 50;

  private MeshWriter() {}

  public static byte[] obj(Mesh m) {
    StringBuilder b = new StringBuilder("# mm; x to the client's right, y forward, z up\n");
    float[] p = m.points();
    for (int i = 0; i < p.length; i += 3) {
      b.append(String.format(Locale.ROOT, "v %.4f %.4f %.4f%n", p[i], p[i + 1], p[i + 2]));
    }
    int[] t = m.triangles();
    for (int i = 0; i < t.length; i += 3) {
      b.append("f ").append(t[i] + 1).append(' ').append(t[i + 1] + 1).append(' ');
      b.append(t[i + 2] + 1).append('\n');
    }
    return b.toString().getBytes(StandardCharsets.US_ASCII);
  }

  /** Binary, little-endian. */
  public static byte[] ply(Mesh m) {
    byte[] header =
        ("ply\nformat binary_little_endian 1.0\ncomment mm; x right, y forward, z up\n"
                + "element vertex "
                + m.vertices()
                + "\nproperty float x\nproperty float y\nproperty float z\nelement face "
                + m.triangles().length / 3
                + "\nproperty list uchar int vertex_indices\nend_header\n")
            .getBytes(StandardCharsets.US_ASCII);
    ByteBuffer b =
        ByteBuffer.allocate(header.length + 4 * m.points().length + 13 * m.triangles().length / 3)
            .order(ByteOrder.LITTLE_ENDIAN)
            .put(header);
    for (float f : m.points()) {
      b.putFloat(f);
    }
    for (int i = 0; i < m.triangles().length; i++) {
      if (i % 3 == 0) {
        b.put((byte) 3);
      }
      b.putInt(m.triangles()[i]);
    }
    return b.array();
  }

  /** Binary. */
  public static byte[] stl(Mesh m) {
    int[] t = m.triangles();
    ByteBuffer b =
        ByteBuffer.allocate(STL_HEADER + STL_TRIANGLE * t.length / 3)
            .order(ByteOrder.LITTLE_ENDIAN)
            .position(STL_HEADER - 4)
            .putInt(t.length / 3);
    for (int i = 0; i < t.length; i += 3) {
      b.putFloat(0).putFloat(0).putFloat(0);
      for (int k = 0; k < 3; k++) {
        int v = 3 * t[i + k];
        b.putFloat(m.points()[v]).putFloat(m.points()[v + 1]).putFloat(m.points()[v + 2]);
      }
      b.putShort((short) 0);
    }
    return b.array();
  }
}
