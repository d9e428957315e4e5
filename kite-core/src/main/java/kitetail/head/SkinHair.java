package kitetail.head;

import kitetail.geom.Mesh;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;

/**
 * Where hair grows on the skin outside the scalp, at every vertex of a bust: 0 none to 1 full. A
 * beard goes from the sideburn along the cheek to the corner of the mouth, over the lip, round the
 * chin and under the jaw; common practice. Borders are those of the drawn model, an assumption.
 */
public final class SkinHair {
  /** The cheek's border: down from the sideburn at the ear to the corner of the mouth, y and z. */
  private static final double[][] CHEEK = {{4, 6}, {26, 2}, {60, -26}, {84, -37}, {130, -37}};

  /** A border is soft over so much. */
  private static final double SOFT_MM = 7;

  /** The lips stay bare: half their width and height about their middle. */
  private static final double LIPS_Z = -52.5;

  private static final double LIPS_WIDE = 25;
  private static final double LIPS_HIGH = 6;

  /** Under the jaw it ends here. */
  private static final double THROAT_Z = -104;

  /** How far below the hairline fine hair grows on the neck, and how far out from its middle. */
  private static final double NECK_DOWN_MM = 42;

  private static final double NECK_OUT_MM = 56;

  private SkinHair() {}

  /** A beard's share at each vertex of the bust of a head. */
  public static float[] beard(Head head) {
    return head.body() == null ? new float[0] : Model.BEARD.clone();
  }

  /**
   * The fine hair of the neck: most at the hairline, thinning out downward.
   *
   * @param bust of the head
   */
  public static float[] neck(Head head, Mesh bust) {
    if (head.body() == null) {
      return new float[0];
    }
    float[] out = new float[bust.vertices()];
    for (int i = 0; i < out.length; i++) {
      Vec3 p = new Vec3(bust.points()[3 * i], bust.points()[3 * i + 1], bust.points()[3 * i + 2]);
      if (p.y() > -20 || p.z() > 20) {
        continue;
      }
      double below = head.edge(head.azimuthRad(p)).z() - p.z();
      if (below > -SOFT_MM && below < NECK_DOWN_MM) {
        double down = 1 - Smooth.step(Math.max(0, below) / NECK_DOWN_MM);
        double inward = 1 - Smooth.step(Math.abs(p.x()) / NECK_OUT_MM);
        out[i] = (float) (down * Math.min(1, 1.6 * inward));
      }
    }
    return out;
  }

  private static final class Model {
    static final float[] BEARD = beard();

    private static float[] beard() {
      float[] p = Bust.model().points();
      float[] out = new float[p.length / 3];
      for (int i = 0; i < out.length; i++) {
        out[i] = (float) share(Math.abs(p[3 * i]), p[3 * i + 1], p[3 * i + 2]);
      }
      return out;
    }

    private static double share(double x, double y, double z) {
      double under = cheek(y) - z;
      double lips = Math.max(Math.abs(x) - LIPS_WIDE, 1.4 * (Math.abs(z - LIPS_Z) - LIPS_HIGH));
      double back = y - (z > -66 ? 10 : 10 + 0.7 * (-66 - z));
      double above = z - THROAT_Z;
      double front = y < 60 ? 1e3 : lips;
      double in = Math.min(Math.min(under, front), Math.min(back, above));
      return Smooth.step(0.5 + in / SOFT_MM);
    }

    private static double cheek(double y) {
      for (int k = 1; k < CHEEK.length; k++) {
        if (y < CHEEK[k][0]) {
          double t = Math.max(0, (y - CHEEK[k - 1][0]) / (CHEEK[k][0] - CHEEK[k - 1][0]));
          return CHEEK[k - 1][1] + t * (CHEEK[k][1] - CHEEK[k - 1][1]);
        }
      }
      return CHEEK[CHEEK.length - 1][1];
    }
  }
}
