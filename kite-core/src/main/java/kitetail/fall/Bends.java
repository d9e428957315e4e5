package kitetail.fall;

/**
 * The bends a hair keeps: those it dried in, a share of each. Between two pieces a bend is a turn
 * about an axis; where the hair has moved since, its axis has gone along with the piece before it,
 * by the least turn that takes that piece there (a hair's end is free, so nothing twists it).
 */
final class Bends {
  private final double[] dried;
  private final double[] clamp = new double[3];
  private final double[] axis = new double[3];
  private final double[] moved = new double[9];
  private int n;

  /** The turns at rest, as {@link RodSolver#rest} wants them. */
  final double[] turns;

  Bends(int most) {
    dried = new double[3 * most];
    turns = new double[9 * most];
  }

  /** Takes over the shape a rod has now as the one it dries in. */
  void dry(RodSolver s) {
    n = s.n;
    System.arraycopy(s.t, 0, dried, 0, 3 * n);
    System.arraycopy(s.clamp, 0, clamp, 0, 3);
  }

  /**
   * @param share of each bend that stays
   * @param liftRad turn away from the skin at the root besides, about an axis along it
   * @param now where the pieces lie now
   */
  void keep(double share, double liftRad, double[] liftAxis, double[] now) {
    for (int i = 0; i < n; i++) {
      double[] from = i == 0 ? clamp : dried;
      int p = i == 0 ? 0 : 3 * (i - 1);
      int q = 3 * i;
      double x = from[p + 1] * dried[q + 2] - from[p + 2] * dried[q + 1];
      double y = from[p + 2] * dried[q] - from[p] * dried[q + 2];
      double z = from[p] * dried[q + 1] - from[p + 1] * dried[q];
      double sin = Math.sqrt(x * x + y * y + z * z);
      double cos = from[p] * dried[q] + from[p + 1] * dried[q + 1] + from[p + 2] * dried[q + 2];
      double angle = share * Math.atan2(sin, cos);
      if (sin < 1e-9) {
        axis[0] = 0;
        axis[1] = 0;
        axis[2] = 0;
      } else {
        axis[0] = x * angle / sin;
        axis[1] = y * angle / sin;
        axis[2] = z * angle / sin;
      }
      if (i == 0) {
        for (int c = 0; c < 3; c++) {
          axis[c] += liftRad * liftAxis[c];
        }
      } else {
        least(dried[p], dried[p + 1], dried[p + 2], now[p], now[p + 1], now[p + 2], moved);
        carry(moved, axis);
      }
      turn(axis, turns, 9 * i);
    }
  }

  /** A turn besides at one joint. */
  void also(int joint, double x, double y, double z) {
    axis[0] = x;
    axis[1] = y;
    axis[2] = z;
    turn(axis, moved, 0);
    int r = 9 * joint;
    for (int c = 0; c < 3; c++) {
      double a = turns[r + c];
      double b = turns[r + 3 + c];
      double d = turns[r + 6 + c];
      turns[r + c] = moved[0] * a + moved[1] * b + moved[2] * d;
      turns[r + 3 + c] = moved[3] * a + moved[4] * b + moved[5] * d;
      turns[r + 6 + c] = moved[6] * a + moved[7] * b + moved[8] * d;
    }
  }

  private static void carry(double[] m, double[] v) {
    double x = m[0] * v[0] + m[1] * v[1] + m[2] * v[2];
    double y = m[3] * v[0] + m[4] * v[1] + m[5] * v[2];
    v[2] = m[6] * v[0] + m[7] * v[1] + m[8] * v[2];
    v[0] = x;
    v[1] = y;
  }

  /** The least turn from one direction to another, {@code I + [c] + [c]²/(1 + a·b)}, c = a × b. */
  private static void least(
      double ax, double ay, double az, double bx, double by, double bz, double[] out) {
    double x = ay * bz - az * by;
    double y = az * bx - ax * bz;
    double z = ax * by - ay * bx;
    double k = 1 / Math.max(1e-6, 1 + ax * bx + ay * by + az * bz);
    out[0] = 1 - k * (y * y + z * z);
    out[1] = -z + k * x * y;
    out[2] = y + k * x * z;
    out[3] = z + k * x * y;
    out[4] = 1 - k * (x * x + z * z);
    out[5] = -x + k * y * z;
    out[6] = -y + k * x * z;
    out[7] = x + k * y * z;
    out[8] = 1 - k * (x * x + y * y);
  }

  /** Rodrigues' turn about a vector by its length. */
  static void turn(double[] v, double[] out, int at) {
    double angle = Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
    double s = angle < 1e-9 ? 1 : Math.sin(angle) / angle;
    double c = angle < 1e-9 ? 0.5 : (1 - Math.cos(angle)) / (angle * angle);
    double x = v[0];
    double y = v[1];
    double z = v[2];
    out[at] = 1 - c * (y * y + z * z);
    out[at + 1] = -s * z + c * x * y;
    out[at + 2] = s * y + c * x * z;
    out[at + 3] = s * z + c * x * y;
    out[at + 4] = 1 - c * (x * x + z * z);
    out[at + 5] = -s * x + c * y * z;
    out[at + 6] = -s * y + c * x * z;
    out[at + 7] = s * x + c * y * z;
    out[at + 8] = 1 - c * (x * x + y * y);
  }
}
