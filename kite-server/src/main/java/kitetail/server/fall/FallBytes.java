package kitetail.server.fall;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
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
    int points = CurledStrand.points(f, MOST_POINTS);
    SkinStrands besides = f.ground().besides();
    return of(
        json.writeValueAsString(said),
        points,
        besides.cover(f),
        CurledStrand.all(f, points),
        besides.beard(f, points, BEARD_PER_MM2));
  }

  /**
   * @param points of a strand
   * @param xyz strands of the scalp, then those of a beard
   */
  static byte[] of(String said, int points, float[] cover, float[]... xyz) {
    byte[] text = MeshBytes.padded(said);
    int numbers = Arrays.stream(xyz).mapToInt(s -> s.length).sum();
    ByteBuffer b =
        ByteBuffer.allocate(16 + text.length + 2 * numbers + cover.length)
            .order(ByteOrder.LITTLE_ENDIAN)
            .putInt(text.length)
            .put(text)
            .putInt(numbers / (3 * points))
            .putInt(points);
    for (float[] strands : xyz) {
      put(b, strands);
    }
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
