package kitetail.server.fall;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import kitetail.fall.CurledStrand;
import kitetail.fall.Fall;
import kitetail.fall.PartLine;
import kitetail.fall.SkinStrands;
import kitetail.formats.picture.FaceInk;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.head.FaceLine;
import kitetail.server.head.MeshBytes;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Fallen hair as the page draws it (docs/formats.md has the layout). */
public final class FallBytes {
  private static final double FIFTIETHS = 50;

  /** Of a strand drawn in the browser: more would not be seen. */
  private static final int MOST_POINTS = 40;

  /** Strands of a beard a mm² in the browser, where each is a ribbon of several hairs. */
  private static final double BEARD_PER_MM2 = 0.13;

  private FallBytes() {}

  /** The colours of hair, skin and face, and how soon roots hide the skin. */
  public static void colours(ObjectNode n, Fall f) {
    Hair hair = f.hair();
    HairColour worn = f.colour();
    n.put("colour", hex(worn.mean()));
    n.put("pigmented", hex(worn.pigmented()));
    n.put("white", hex(worn.white()));
    n.put("greyShare", worn.greyShare());
    n.put("lengths", hex(worn.lengths()));
    if (worn.dyed() != null) {
      n.put("rootsMm", worn.dyed().rootsMm());
    }
    PartLine part = PartLine.of(f);
    if (part != null) {
      n.putObject("part").put("x", part.x()).put("fromY", part.fromY());
    }
    n.put("skin", hex(hair.skin().rgb()));
    n.put("hidesPerMm", Fall.hidesPerMm(hair.densityPerCm2() / 100, hair.diameterUm() / 1000));
    ArrayNode face = n.putArray("face");
    for (FaceLine.Kind k : FaceLine.Kind.values()) {
      face.add(String.format("#%08x", Integer.rotateLeft(FaceInk.argb(k, hair), 8)));
    }
  }

  private static String hex(int rgb) {
    return String.format("#%06x", rgb);
  }

  /**
   * Length of the JSON, the JSON padded, strands, points, then x, y, z in fiftieths of a mm; how
   * many vertices the bust has, and how much of the skin hair hides at each, in 255ths.
   */
  public static byte[] of(String json, Fall f) {
    byte[] text = MeshBytes.padded(json);
    int points = CurledStrand.points(f, MOST_POINTS);
    float[] xyz = CurledStrand.all(f, points);
    SkinStrands besides = f.ground().besides();
    float[] beard = besides.beard(f, points, BEARD_PER_MM2);
    float[] cover = besides.cover(f);
    int strands = f.strands() + beard.length / (3 * points);
    ByteBuffer b =
        ByteBuffer.allocate(16 + text.length + 6 * strands * points + cover.length)
            .order(ByteOrder.LITTLE_ENDIAN)
            .putInt(text.length)
            .put(text)
            .putInt(strands)
            .putInt(points);
    put(b, xyz);
    put(b, beard);
    b.putInt(cover.length);
    for (float c : cover) {
      b.put((byte) Math.round(255 * c));
    }
    return b.array();
  }

  private static void put(ByteBuffer b, float[] xyz) {
    for (float v : xyz) {
      b.putShort((short) Math.max(-32_000, Math.min(32_000, Math.round(v * FIFTIETHS))));
    }
  }
}
