package kitetail.server.fall;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Objects;
import kitetail.fall.CurledStrand;
import kitetail.fall.Fall;
import kitetail.fall.SkinStrands;
import kitetail.planning.InHand;
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
   * The same of the hair before a move, and then, from the next multiple of four bytes: the strands
   * of the scalp after it, for each strand its bite and at what share of its way it is cut (in
   * 65535ths), for each that has a bite its points as it is held, for each whether it is clipped
   * away, and the points of those that are.
   */
  byte[] of(Object said, InHand h) {
    int points =
        Math.max(
            CurledStrand.points(h.before(), MOST_POINTS),
            CurledStrand.points(h.after(), MOST_POINTS));
    SkinStrands besides = h.before().ground().besides();
    byte[] before =
        of(
            json.writeValueAsString(said),
            points,
            besides.cover(h.before()),
            CurledStrand.all(h.before(), points),
            besides.beard(h.before(), points, BEARD_PER_MM2));
    int strands = h.bite().length;
    int begin = (before.length + 3) / 4 * 4;
    int held = (int) Arrays.stream(h.heldMm()).filter(Objects::nonNull).count();
    int clipped = (int) Arrays.stream(h.clippedMm()).filter(Objects::nonNull).count();
    ByteBuffer b =
        ByteBuffer.allocate(begin + 6 * points * (strands + held + clipped) + 6 * strands)
            .order(ByteOrder.LITTLE_ENDIAN)
            .put(before)
            .position(begin);
    put(b, CurledStrand.all(h.after(), points));
    for (int bite : h.bite()) {
      b.putShort((short) bite);
    }
    for (float share : h.cutShare()) {
      b.putShort((short) Math.round(65_535 * share));
    }
    putOf(b, h.heldMm(), points);
    for (float[] up : h.clippedMm()) {
      b.putShort((short) (up == null ? 0 : 1));
    }
    putOf(b, h.clippedMm(), points);
    return b.array();
  }

  private static void putOf(ByteBuffer b, float[][] strands, int points) {
    for (float[] s : strands) {
      if (s != null) {
        put(b, drawn(s, points));
      }
    }
  }

  /** A way of few points as one of more. */
  static float[] drawn(float[] xyz, int points) {
    int had = xyz.length / 3;
    if (had == points) {
      return xyz;
    }
    float[] out = new float[3 * points];
    for (int k = 0; k < points; k++) {
      float at = (float) k * (had - 1) / (points - 1);
      int from = Math.min(had - 2, (int) at);
      for (int c = 0; c < 3; c++) {
        float a = xyz[3 * from + c];
        out[3 * k + c] = a + (at - from) * (xyz[3 * from + 3 + c] - a);
      }
    }
    return out;
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
