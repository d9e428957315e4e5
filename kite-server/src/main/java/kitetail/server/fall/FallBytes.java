package kitetail.server.fall;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import kitetail.fall.CurledStrand;
import kitetail.fall.Fall;
import kitetail.fall.SkinStrands;
import kitetail.server.head.MeshBytes;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Fallen hair as the page draws it (docs/formats.md has the layout). */
@Component
public class FallBytes {
  private static final double FIFTIETHS = 50;

  /** Of a strand drawn in the browser: more would not be seen. */
  private static final int MOST_POINTS = 40;

  /** Strands of a beard a mm² in the browser, where each is a ribbon of several hairs. */
  private static final double BEARD_PER_MM2 = 0.13;

  private final JsonMapper json;

  FallBytes(JsonMapper json) {
    this.json = json;
  }

  /**
   * Length of the JSON of what is said, the JSON padded, strands, points, then x, y, z in fiftieths
   * of a mm; how many vertices the bust has, and how much of the skin hair hides at each, in
   * 255ths.
   */
  public byte[] of(Object said, Fall f) {
    byte[] text = MeshBytes.padded(json.writeValueAsString(said));
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
