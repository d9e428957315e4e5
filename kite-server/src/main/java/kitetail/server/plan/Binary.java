package kitetail.server.plan;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import kitetail.formats.picture.HeadPicture;
import kitetail.geom.Mesh;
import kitetail.plan.Outcome;

/** Compact little-endian answers for the page (docs/formats.md has the layout). */
final class Binary {
  private static final int TWENTIETHS = 20;

  private Binary() {}

  /**
   * Two meshes: bust, scalp. Each: vertex count, index count, positions, normals (float32), indices
   * (uint32).
   */
  static byte[] head(HeadPicture p) {
    List<Mesh> meshes = List.of(p.bust(), p.scalpMesh().mesh());
    int size =
        meshes.stream().mapToInt(m -> 8 + 4 * (2 * m.points().length + m.triangles().length)).sum();
    ByteBuffer b = ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
    for (Mesh m : meshes) {
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
    return b.array();
  }

  /**
   * Length of the JSON, the JSON padded with spaces to a multiple of four, then float32 lengths at
   * every scalp vertex: before the first move, then after each.
   */
  static byte[] outcome(String json, Outcome o, int[] vertexRoots) {
    byte[] text = json.getBytes(StandardCharsets.UTF_8);
    int padded = (text.length + 3) / 4 * 4;
    ByteBuffer b =
        ByteBuffer.allocate(4 + padded + 2 * vertexRoots.length * (o.steps().size() + 1))
            .order(ByteOrder.LITTLE_ENDIAN);
    b.putInt(padded).put(text);
    while (b.position() < 4 + padded) {
      b.put((byte) ' ');
    }
    lengths(b, o.beforeMm(), vertexRoots);
    o.steps().forEach(s -> lengths(b, s.leftMm(), vertexRoots));
    return b.array();
  }

  private static void lengths(ByteBuffer b, double[] mm, int[] roots) {
    for (int r : roots) {
      b.putShort((short) Math.round(mm[r] * TWENTIETHS));
    }
  }
}
