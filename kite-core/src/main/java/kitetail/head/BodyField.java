package kitetail.head;

import java.util.stream.IntStream;
import kitetail.geom.Solid;
import kitetail.geom.Vec3;

/**
 * Distance to the skin of a whole body (skull, face, ears, neck, shoulders), baked once a head on a
 * grid and read between its points: above 0 outside. Exact to some hundredths of a millimetre at
 * the skin; farther off than {@value #NEAR_MM} mm, and on the shoulders, only roughly.
 */
public final class BodyField {
  private static final float CELL_MM = 3;
  private static final int BLOCK = 4;
  private static final double NEAR_MM = 11;

  /** The shoulders are so round that coarse points do: within half a millimetre. */
  private static final double SHOULDER_Z = -128;

  private static final double MIN_X = -186;
  private static final double MIN_Y = -150;
  private static final double MIN_Z = -176;
  private static final int NX = 125;
  private static final int NY = 101;
  private static final int NZ = 117;

  private final float[] mm = new float[NX * NY * NZ];

  private interface Value {
    double at(double x, double y, double z);
  }

  private BodyField(Value value) {
    int bx = NX / BLOCK + 1;
    int by = NY / BLOCK + 1;
    int bz = NZ / BLOCK + 1;
    double step = BLOCK * CELL_MM;
    float[] coarse = new float[(bx + 1) * (by + 1) * (bz + 1)];
    IntStream.rangeClosed(0, bz)
        .parallel()
        .forEach(
            k -> {
              for (int j = 0; j <= by; j++) {
                for (int i = 0; i <= bx; i++) {
                  coarse[(k * (by + 1) + j) * (bx + 1) + i] =
                      (float) value.at(MIN_X + i * step, MIN_Y + j * step, MIN_Z + k * step);
                }
              }
            });
    int plain = (int) ((SHOULDER_Z - MIN_Z) / step);
    IntStream.range(0, bz)
        .parallel()
        .forEach(
            k -> {
              float[] c = new float[8];
              for (int j = 0; j < by; j++) {
                for (int i = 0; i < bx; i++) {
                  double near = Double.MAX_VALUE;
                  for (int q = 0; q < 8; q++) {
                    c[q] =
                        coarse[
                            ((k + (q >> 2)) * (by + 1) + j + (q >> 1 & 1)) * (bx + 1)
                                + i
                                + (q & 1)];
                    near = Math.min(near, Math.abs(c[q]));
                  }
                  block(value, i * BLOCK, j * BLOCK, k * BLOCK, c, near < NEAR_MM && k >= plain);
                }
              }
            });
  }

  private void block(Value value, int i0, int j0, int k0, float[] c, boolean exactly) {
    for (int k = k0; k < Math.min(NZ, k0 + BLOCK); k++) {
      for (int j = j0; j < Math.min(NY, j0 + BLOCK); j++) {
        for (int i = i0; i < Math.min(NX, i0 + BLOCK); i++) {
          float u = (float) (i - i0) / BLOCK;
          float v = (float) (j - j0) / BLOCK;
          float w = (float) (k - k0) / BLOCK;
          mm[(k * NY + j) * NX + i] =
              exactly
                  ? (float) value.at(MIN_X + i * CELL_MM, MIN_Y + j * CELL_MM, MIN_Z + k * CELL_MM)
                  : mix(
                      mix(mix(c[0], c[1], u), mix(c[2], c[3], u), v),
                      mix(mix(c[4], c[5], u), mix(c[6], c[7], u), v),
                      w);
        }
      }
    }
  }

  private static float mix(float a, float b, float t) {
    return a + t * (b - a);
  }

  public static BodyField of(Head head) {
    if (head.body() != null) {
      Carry carry = new Carry(head.body());
      return new BodyField((x, y, z) -> carry.distanceMm(ModelHead.BUST, x, y, z));
    }
    Vec3 a = head.place(Place.APEX);
    Vec3 f = head.place(Place.FRONT);
    Vec3 axes = new Vec3(head.measures().breadthMm() / 2, f.y(), a.z());
    return new BodyField(new Solid.Ellipsoid(new Vec3(0, 0, 0), axes, 0)::valueMm);
  }

  /**
   * @param gradient filled with the way outward, three numbers of length near 1; null when not
   *     wanted
   * @return distance to the skin, mm; beyond the grid that of its rim
   */
  public double atMm(double x, double y, double z, double[] gradient) {
    double fx = Math.max(0, Math.min(NX - 1.001, (x - MIN_X) / CELL_MM));
    double fy = Math.max(0, Math.min(NY - 1.001, (y - MIN_Y) / CELL_MM));
    double fz = Math.max(0, Math.min(NZ - 1.001, (z - MIN_Z) / CELL_MM));
    int i = (int) fx;
    int j = (int) fy;
    int k = (int) fz;
    double u = fx - i;
    double v = fy - j;
    double w = fz - k;
    int at = (k * NY + j) * NX + i;
    double c00 = mm[at] + u * (mm[at + 1] - mm[at]);
    double c10 = mm[at + NX] + u * (mm[at + NX + 1] - mm[at + NX]);
    int up = at + NX * NY;
    double c01 = mm[up] + u * (mm[up + 1] - mm[up]);
    double c11 = mm[up + NX] + u * (mm[up + NX + 1] - mm[up + NX]);
    double c0 = c00 + v * (c10 - c00);
    double c1 = c01 + v * (c11 - c01);
    if (gradient != null) {
      double x0 = mm[at + 1] - mm[at] + v * (mm[at + NX + 1] - mm[at + NX] - mm[at + 1] + mm[at]);
      double x1 = mm[up + 1] - mm[up] + v * (mm[up + NX + 1] - mm[up + NX] - mm[up + 1] + mm[up]);
      gradient[0] = (x0 + w * (x1 - x0)) / CELL_MM;
      gradient[1] = (c10 - c00 + w * (c11 - c01 - c10 + c00)) / CELL_MM;
      gradient[2] = (c1 - c0) / CELL_MM;
    }
    return c0 + w * (c1 - c0);
  }
}
