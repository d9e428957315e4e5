package kitetail.server.sitdown;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import kitetail.formats.picture.Strokes;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.hair.HairMap;
import kitetail.server.head.MeshBytes;

/**
 * The sit-down's head as compact little-endian bytes (docs/formats.md): JSON, meshes of bust, scalp
 * and the four kinds of lines of the face (empty when the page has them), six numbers at each scalp
 * vertex, strokes.
 */
final class SitBinary {
  private static final Mesh NONE = new Mesh(new float[0], new float[0], new int[0]);

  private SitBinary() {}

  static byte[] of(
      String json,
      SitHeads.Drawn drawn,
      boolean meshes,
      HairMap hair,
      double[] lengthsMm,
      List<Strokes.Stroke> strokes) {
    byte[] text = MeshBytes.padded(json);
    Mesh bust = meshes ? drawn.bust() : NONE;
    Mesh scalp = meshes ? drawn.mesh().mesh() : NONE;
    List<Mesh> face = meshes ? drawn.face() : drawn.face().stream().map(m -> NONE).toList();
    int[] roots = drawn.mesh().roots();
    int segments = strokes.stream().mapToInt(s -> s.points().size() - 1).sum();
    ByteBuffer b =
        ByteBuffer.allocate(
                4
                    + text.length
                    + MeshBytes.size(bust)
                    + MeshBytes.size(scalp)
                    + face.stream().mapToInt(MeshBytes::size).sum()
                    + 4
                    + 24 * roots.length
                    + 4
                    + 28 * segments)
            .order(ByteOrder.LITTLE_ENDIAN);
    b.putInt(text.length).put(text);
    MeshBytes.put(b, bust);
    MeshBytes.put(b, scalp);
    face.forEach(m -> MeshBytes.put(b, m));
    b.putInt(roots.length);
    for (int r : roots) {
      b.putFloat((float) lengthsMm[r]);
      b.putFloat((float) hair.densityPerCm2()[r]);
      b.putFloat((float) hair.diameterUm()[r]);
      b.putFloat((float) hair.curlRatio()[r]);
      b.putFloat((float) Math.toDegrees(drawn.scalp().azimuthRad(r)));
      b.putFloat((float) drawn.scalp().shareOfWay(r));
    }
    b.putInt(segments);
    for (Strokes.Stroke s : strokes) {
      for (int i = 1; i < s.points().size(); i++) {
        point(b, s.points().get(i - 1));
        point(b, s.points().get(i));
        b.putFloat((float) s.tone());
      }
    }
    return b.array();
  }

  private static void point(ByteBuffer b, Vec3 p) {
    b.putFloat((float) p.x()).putFloat((float) p.y()).putFloat((float) p.z());
  }
}
