package kitetail.server.plan;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kitetail.formats.picture.HeadPicture;
import kitetail.geom.Mesh;
import kitetail.head.ScalpMesh;
import kitetail.plan.Outcome;
import kitetail.server.head.MeshBytes;

/** Compact little-endian answers for the page (docs/formats.md has the layout). */
final class Binary {
  private static final int TWENTIETHS = 20;

  private Binary() {}

  /**
   * Meshes: bust, scalp, then the lines of the face, a mesh a kind of line. Each: vertex count,
   * index count, positions, normals (float32), indices (uint32).
   */
  static byte[] head(HeadPicture p) {
    List<Mesh> meshes = new ArrayList<>(List.of(p.bust(), p.scalpMesh().mesh()));
    meshes.addAll(p.faceLines());
    ByteBuffer b =
        ByteBuffer.allocate(meshes.stream().mapToInt(MeshBytes::size).sum())
            .order(ByteOrder.LITTLE_ENDIAN);
    meshes.forEach(m -> MeshBytes.put(b, m));
    return b.array();
  }

  /**
   * The scalp cut along borders: its mesh, then for each of its vertices the vertex of the whole
   * scalp whose hair it shows (uint32).
   */
  static byte[] seams(ScalpMesh whole, ScalpMesh cut) {
    Map<Integer, Integer> vertexOf = new HashMap<>();
    for (int v = 0; v < whole.roots().length; v++) {
      vertexOf.put(whole.roots()[v], v);
    }
    ByteBuffer b =
        ByteBuffer.allocate(MeshBytes.size(cut.mesh()) + 4 * cut.roots().length)
            .order(ByteOrder.LITTLE_ENDIAN);
    MeshBytes.put(b, cut.mesh());
    for (int root : cut.roots()) {
      b.putInt(vertexOf.get(root));
    }
    return b.array();
  }

  /**
   * Length of the JSON, the JSON padded with spaces to a multiple of four, then lengths as uint16
   * in twentieths of a mm: before the first move, then after each; of every scalp vertex, then of
   * every point of every walk.
   */
  static byte[] outcome(String json, Outcome o, int[] vertexRoots) {
    int[] roots =
        IntStream.concat(
                Arrays.stream(vertexRoots),
                o.scalp().walks().stream()
                    .flatMapToInt(w -> IntStream.range(w.firstRoot(), w.firstRoot() + w.size())))
            .toArray();
    List<double[]> states = new ArrayList<>(List.of(o.beforeMm()));
    o.steps().forEach(s -> states.add(s.leftMm()));
    return outcome(json, states, roots);
  }

  /** The same of lengths at any roots: a state before the first move, then one after each. */
  static byte[] outcome(String json, List<double[]> statesMm, int[] roots) {
    byte[] text = MeshBytes.padded(json);
    ByteBuffer b =
        ByteBuffer.allocate(4 + text.length + 2 * roots.length * statesMm.size())
            .order(ByteOrder.LITTLE_ENDIAN);
    b.putInt(text.length).put(text);
    statesMm.forEach(mm -> lengths(b, mm, roots));
    return b.array();
  }

  private static void lengths(ByteBuffer b, double[] mm, int[] roots) {
    for (int r : roots) {
      b.putShort((short) (mm[r] * TWENTIETHS + 0.5));
    }
  }
}
