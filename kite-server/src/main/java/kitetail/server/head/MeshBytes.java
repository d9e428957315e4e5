package kitetail.server.head;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import kitetail.geom.Mesh;

/** The parts that the page's binary answers are made of (docs/formats.md), little-endian. */
public final class MeshBytes {
  private MeshBytes() {}

  public static int size(Mesh m) {
    return 8 + 4 * (2 * m.points().length + m.triangles().length);
  }

  /** Vertex count, index count, positions, normals (float32), indices (uint32). */
  public static void put(ByteBuffer b, Mesh m) {
    b.putInt(m.vertices()).putInt(m.triangles().length);
    for (float f : m.points()) {
      b.putFloat(f);
    }
    for (float f : m.normals()) {
      b.putFloat(f);
    }
    for (int i : m.triangles()) {
      b.putInt(i);
    }
  }

  /** JSON as bytes, padded with spaces to a multiple of four. */
  public static byte[] padded(String json) {
    int length = json.getBytes(StandardCharsets.UTF_8).length;
    return (json + " ".repeat((4 - length % 4) % 4)).getBytes(StandardCharsets.UTF_8);
  }
}
