package kitetail.fall;

import java.util.stream.IntStream;
import kitetail.geom.DirectionGrid;

/**
 * The hair lying on the head, by how far from its root it is there: a strand lies on all that is
 * rooted nearer, and on the ends of shorter hair that stands off.
 *
 * <p>Thickness is the volume of the hairs over the area they lie on, divided by how densely hair
 * packs; 0.055 for straight hair is an assumption that looks right, and a coil of r its length
 * needs 1/r² the room.
 */
final class Layer {
  private static final DirectionGrid GRID = DirectionGrid.SHARED;
  private static final double PACKING = 0.055;

  /** Far from their roots hairs lie side by side; an assumption. */
  private static final double LONG_PACKING = 0.22;

  /** Standing ends carry what lies over them at this share of their height; an assumption. */
  private static final double PROPS = 0.6;

  private static final double[] FROM_MM = {0, 12, 25, 45, 80, 140, 230};
  private static final double LAST_MM = 170;
  private static final int BINS = FROM_MM.length;
  private static final double MOST_MM = 34;

  private final float[][] volume = new float[BINS][GRID.nodes()];
  private final float[][] tipHeight = new float[BINS][GRID.nodes()];
  private final float[][] tips = new float[BINS][GRID.nodes()];

  private static int bin(double mm) {
    int b = BINS - 1;
    while (b > 0 && mm < FROM_MM[b]) {
      b--;
    }
    return b;
  }

  /**
   * @param mm3 room the hairs take
   */
  void lay(int[] nodes, double[] shares, double fromRootMm, double mm3) {
    float[] v = volume[bin(fromRootMm)];
    for (int k = 0; k < 4; k++) {
      v[nodes[k]] += (float) (shares[k] * mm3);
    }
  }

  void tip(int[] nodes, double[] shares, double lengthMm, double heightMm, double hairs) {
    int b = bin(lengthMm);
    for (int k = 0; k < 4; k++) {
      tips[b][nodes[k]] += (float) (shares[k] * hairs);
      tipHeight[b][nodes[k]] += (float) (shares[k] * hairs * heightMm);
    }
  }

  /** Adds what another part of the strands laid. */
  void add(Layer o) {
    for (int b = 0; b < BINS; b++) {
      for (int i = 0; i < tips[b].length; i++) {
        volume[b][i] += o.volume[b][i];
        tips[b][i] += o.tips[b][i];
        tipHeight[b][i] += o.tipHeight[b][i];
      }
    }
  }

  /** Room that a hair of so much cross-section takes a millimetre, so far from its root, mm². */
  static double roomMm2(double sectionMm2, double curlRatio, double fromRootMm) {
    double t = Math.max(0, Math.min(1, (fromRootMm - 25) / 130));
    return sectionMm2 / ((PACKING + t * (LONG_PACKING - PACKING)) * curlRatio * curlRatio);
  }

  /** From volumes to heights, once all is laid. */
  void close(float[] areaMm2) {
    IntStream.range(0, BINS)
        .parallel()
        .forEach(
            b -> {
              for (int i = 0; i < areaMm2.length; i++) {
                volume[b][i] /= areaMm2[i];
              }
              GRID.smooth(volume[b], 3);
              GRID.smooth(tips[b], 2);
              GRID.smooth(tipHeight[b], 2);
            });
    for (int i = 0; i < areaMm2.length; i++) {
      float under = 0;
      float n = 0;
      float sum = 0;
      for (int b = 0; b < BINS; b++) {
        float own = volume[b][i];
        volume[b][i] = under;
        under += own;
        n += tips[b][i];
        sum += tipHeight[b][i];
        tipHeight[b][i] = n > 1e-3f ? (float) PROPS * sum / n : 0;
      }
      tips[0][i] = under;
    }
  }

  /** Thickness of all the hair at a place, mm. */
  double allMm(int[] nodes, double[] shares) {
    return Math.min(MOST_MM, read(tips[0], nodes, shares));
  }

  /** Height of what lies under a hair so far from its root, mm. */
  double underMm(int[] nodes, double[] shares, double fromRootMm) {
    int b = bin(fromRootMm);
    double low = read(volume[b], nodes, shares);
    double high = b + 1 < BINS ? read(volume[b + 1], nodes, shares) : read(tips[0], nodes, shares);
    double width = b + 1 < BINS ? FROM_MM[b + 1] - FROM_MM[b] : LAST_MM;
    double t = Math.min(1, (fromRootMm - FROM_MM[b]) / width);
    double lying = low + t * (high - low);
    double propped = b == 0 ? 0 : read(tipHeight[b - 1], nodes, shares);
    return Math.min(MOST_MM, Math.max(lying, propped));
  }

  private static double read(float[] values, int[] nodes, double[] shares) {
    return shares[0] * values[nodes[0]]
        + shares[1] * values[nodes[1]]
        + shares[2] * values[nodes[2]]
        + shares[3] * values[nodes[3]];
  }
}
