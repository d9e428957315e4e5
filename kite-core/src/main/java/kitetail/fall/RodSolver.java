package kitetail.fall;

import java.util.Arrays;
import kitetail.head.BodyField;

/**
 * Brings one rod to rest. The rod is n straight pieces of length h, each a direction t; with
 * everything divided by the weight a millimetre its energy is
 *
 * <pre>
 * Σ b_i (1 − t_i·Q_i t_(i−1))  bending; b = B/h, at the clamp 2B/h, the first joint lying h/2 away;
 *                              Q the turn the hair has there at rest, none for straight hair
 * + h Σ (z of each middle)     weight
 * − h Σ c_i d_i·t_i            the comb's pull toward d
 * + ½ k h Σ max(0, a_i − φ_i)² the body and the hair under it, φ the distance from the skin
 * </pre>
 *
 * <p>Newton's method in the two turns of each piece; where the curvature is not positive it is made
 * so, and a step that does not lower the energy is shortened: the energy falls at every step.
 * Second order in h. Not safe to share between threads.
 */
final class RodSolver {
  /** Stiffness of what is touched: pressed in 0.1 mm by 2.4 times the hair's own weight. */
  private static final double CONTACT = 24;

  private static final double LARGEST_TURN = 0.7;

  /** A step that does not lead down is halved so often at most. */
  private static final int HALVED = 10;

  int n;
  double h;
  double bending;
  double rootX;
  double rootY;
  double rootZ;

  final double[] clamp = new double[3];
  final double[] t;
  final double[] comb;
  final double[] combPull;
  final double[] clear;
  BodyField body;

  /** The turn at each joint at rest, nine numbers row by row; null for straight hair. */
  double[] rest;

  private final double[] tried;
  private final double[] u;
  private final double[] v;
  private final double[] force;
  private final double[] pressed;
  private final double[] metIn;
  private final double[] metOut;
  private final double[] in;
  private final double[] out;
  private final double[] gradient;
  private final double[] turn;
  private final double[] hessian;
  private final double[] factor;
  private final double[] column;
  private final double[] way = new double[3];
  private int lastTouching;
  private double energyNow;

  RodSolver(int most) {
    t = new double[3 * most];
    comb = new double[3 * most];
    combPull = new double[most];
    clear = new double[most];
    tried = new double[3 * most];
    u = new double[3 * most];
    v = new double[3 * most];
    force = new double[3 * most];
    pressed = new double[6 * most];
    metIn = new double[most];
    metOut = new double[3 * most];
    in = new double[most];
    out = new double[3 * most];
    gradient = new double[2 * most];
    turn = new double[2 * most];
    hessian = new double[4 * most * most];
    factor = new double[4 * most * most];
    column = new double[2 * most];
  }

  double joint(int i) {
    return (i == 0 ? 2 : 1) * bending / h;
  }

  /** Of a shape; what its ends met is kept for the step from there. */
  double energy(double[] d) {
    double e = 0;
    double px = clamp[0];
    double py = clamp[1];
    double pz = clamp[2];
    double x = rootX;
    double y = rootY;
    double z = rootZ;
    for (int i = 0; i < n; i++) {
      double tx = d[3 * i];
      double ty = d[3 * i + 1];
      double tz = d[3 * i + 2];
      if (rest != null) {
        turned(9 * i, px, py, pz);
        px = way[0];
        py = way[1];
        pz = way[2];
      }
      // 1 − a·b as half the square of a − b, which keeps its digits when both are near.
      double ex = tx - px;
      double ey = ty - py;
      double ez = tz - pz;
      e += joint(i) * 0.5 * (ex * ex + ey * ey + ez * ez);
      e += h * (z + 0.5 * h * tz - rootZ);
      x += h * tx;
      y += h * ty;
      z += h * tz;
      if (combPull[i] > 0) {
        e -= h * combPull[i] * (comb[3 * i] * tx + comb[3 * i + 1] * ty + comb[3 * i + 2] * tz);
      }
      if (body != null) {
        double inside = clear[i] - body.atMm(x, y, z, way);
        metIn[i] = inside;
        metOut[3 * i] = way[0];
        metOut[3 * i + 1] = way[1];
        metOut[3 * i + 2] = way[2];
        if (inside > 0) {
          e += 0.5 * CONTACT * h * inside * inside;
        }
      }
      px = tx;
      py = ty;
      pz = tz;
    }
    return e;
  }

  /**
   * @param steps at most so many
   * @param settledRad a turn too small to matter
   * @param trace filled with the energy before and after each step; null when not wanted
   * @return true when the last step was too small to matter
   */
  boolean settle(int steps, double settledRad, double[] trace) {
    double e = energy(t);
    keepMet();
    if (trace != null) {
      Arrays.fill(trace, Double.NaN);
      trace[0] = e;
    }
    for (int s = 0; s < steps; s++) {
      double turned = step(e);
      if (turned < 0) {
        return false;
      }
      e = energyNow;
      if (trace != null) {
        trace[s + 1] = e;
      }
      if (turned < settledRad) {
        return true;
      }
    }
    return false;
  }

  /**
   * One step downhill.
   *
   * @return the largest turn; below 0, and nothing changed, when no shorter step led down either
   */
  private double step(double before) {
    touch();
    assemble(false);
    if (!factored()) {
      return -1;
    }
    substitute();
    double longest = 0;
    double slope = 0;
    for (int i = 0; i < 2 * n; i++) {
      longest = Math.max(longest, Math.abs(turn[i]));
      slope += gradient[i] * turn[i];
    }
    double share = longest > LARGEST_TURN ? LARGEST_TURN / longest : 1;
    for (int halved = 0; halved < HALVED; halved++) {
      move(share);
      double after = energy(tried);
      if (after <= before + 1e-4 * share * Math.min(0, slope)) {
        System.arraycopy(tried, 0, t, 0, 3 * n);
        keepMet();
        energyNow = after;
        return share * longest;
      }
      share *= 0.5;
    }
    return -1;
  }

  /** True when the rod as it lies would go back after a small push. */
  boolean stable() {
    energy(t);
    keepMet();
    touch();
    assemble(true);
    return factored();
  }

  private void move(double step) {
    for (int i = 0; i < n; i++) {
      double a = step * turn[2 * i];
      double b = step * turn[2 * i + 1];
      double x = t[3 * i] + a * u[3 * i] + b * v[3 * i];
      double y = t[3 * i + 1] + a * u[3 * i + 1] + b * v[3 * i + 1];
      double z = t[3 * i + 2] + a * u[3 * i + 2] + b * v[3 * i + 2];
      double k = 1 / Math.sqrt(x * x + y * y + z * z);
      tried[3 * i] = k * x;
      tried[3 * i + 1] = k * y;
      tried[3 * i + 2] = k * z;
    }
  }

  /**
   * Gradient and curvature of the energy in the turns of the pieces.
   *
   * @param exactly false to leave out what would make the curvature less than that of the straight
   *     rod: then a step always leads downhill
   */
  private void assemble(boolean exactly) {
    int width = 2 * n;
    Arrays.fill(hessian, 0, width * width, 0);
    double fx = 0;
    double fy = 0;
    double fz = 0;
    double p0 = 0;
    double p1 = 0;
    double p2 = 0;
    double p3 = 0;
    double p4 = 0;
    double p5 = 0;
    for (int i = n - 1; i >= 0; i--) {
      int q = 3 * i;
      fx += force[q];
      fy += force[q + 1];
      fz += force[q + 2];
      double near = joint(i);
      double far = i < n - 1 ? joint(i + 1) : 0;
      double ox = h * fx - h * combPull[i] * comb[q];
      double oy = h * fy - h * combPull[i] * comb[q + 1];
      double oz = h * fz - h * combPull[i] * comb[q + 2] + h * h * (n - i - 0.5);
      double outer = -(ox * t[q] + oy * t[q + 1] + oz * t[q + 2]);
      double jx = i == 0 ? clamp[0] : t[q - 3];
      double jy = i == 0 ? clamp[1] : t[q - 2];
      double jz = i == 0 ? clamp[2] : t[q - 1];
      if (rest != null) {
        turned(9 * i, jx, jy, jz);
        jx = way[0];
        jy = way[1];
        jz = way[2];
      }
      jx *= near;
      jy *= near;
      jz *= near;
      if (i < n - 1 && rest == null) {
        jx += far * t[q + 3];
        jy += far * t[q + 4];
        jz += far * t[q + 5];
      } else if (i < n - 1) {
        turnedBack(9 * i + 9, t[q + 3], t[q + 4], t[q + 5]);
        jx += far * way[0];
        jy += far * way[1];
        jz += far * way[2];
      }
      double gx = ox - jx;
      double gy = oy - jy;
      double gz = oz - jz;
      gradient[2 * i] = gx * u[q] + gy * u[q + 1] + gz * u[q + 2];
      gradient[2 * i + 1] = gx * v[q] + gy * v[q + 1] + gz * v[q + 2];
      double radial =
          exactly
              ? outer + jx * t[q] + jy * t[q + 1] + jz * t[q + 2]
              : Math.max(0, outer) + near + far;
      int row = 2 * i * width;
      hessian[row + 2 * i] = radial;
      hessian[row + width + 2 * i + 1] = radial;
      if (i < n - 1) {
        int below = 2 * (i + 1) * width + 2 * i;
        if (rest != null) {
          turnedBack(9 * i + 9, u[q + 3], u[q + 4], u[q + 5]);
          hessian[below] -= far * dot(way, 0, u, q);
          hessian[below + 1] -= far * dot(way, 0, v, q);
          turnedBack(9 * i + 9, v[q + 3], v[q + 4], v[q + 5]);
          hessian[below + width] -= far * dot(way, 0, u, q);
          hessian[below + width + 1] -= far * dot(way, 0, v, q);
        } else {
          hessian[below] -= far * dot(u, q + 3, u, q);
          hessian[below + 1] -= far * dot(u, q + 3, v, q);
          hessian[below + width] -= far * dot(v, q + 3, u, q);
          hessian[below + width + 1] -= far * dot(v, q + 3, v, q);
        }
      }
      if (i <= lastTouching) {
        p0 += pressed[6 * i];
        p1 += pressed[6 * i + 1];
        p2 += pressed[6 * i + 2];
        p3 += pressed[6 * i + 3];
        p4 += pressed[6 * i + 4];
        p5 += pressed[6 * i + 5];
        double ax = p0 * u[q] + p1 * u[q + 1] + p2 * u[q + 2];
        double ay = p1 * u[q] + p3 * u[q + 1] + p4 * u[q + 2];
        double az = p2 * u[q] + p4 * u[q + 1] + p5 * u[q + 2];
        double bx = p0 * v[q] + p1 * v[q + 1] + p2 * v[q + 2];
        double by = p1 * v[q] + p3 * v[q + 1] + p4 * v[q + 2];
        double bz = p2 * v[q] + p4 * v[q + 1] + p5 * v[q + 2];
        for (int j = 0; j <= i; j++) {
          int r = 3 * j;
          hessian[row + 2 * j] += ax * u[r] + ay * u[r + 1] + az * u[r + 2];
          hessian[row + width + 2 * j] += bx * u[r] + by * u[r + 1] + bz * u[r + 2];
          hessian[row + 2 * j + 1] += ax * v[r] + ay * v[r + 1] + az * v[r + 2];
          hessian[row + width + 2 * j + 1] += bx * v[r] + by * v[r + 1] + bz * v[r + 2];
        }
      }
    }
  }

  /** A joint's turn at rest on a direction, into {@code way}. */
  private void turned(int r, double x, double y, double z) {
    way[0] = rest[r] * x + rest[r + 1] * y + rest[r + 2] * z;
    way[1] = rest[r + 3] * x + rest[r + 4] * y + rest[r + 5] * z;
    way[2] = rest[r + 6] * x + rest[r + 7] * y + rest[r + 8] * z;
  }

  private void turnedBack(int r, double x, double y, double z) {
    way[0] = rest[r] * x + rest[r + 3] * y + rest[r + 6] * z;
    way[1] = rest[r + 1] * x + rest[r + 4] * y + rest[r + 7] * z;
    way[2] = rest[r + 2] * x + rest[r + 5] * y + rest[r + 8] * z;
  }

  /** What the shape touches whose energy was asked last; and all bases. */
  private void touch() {
    lastTouching = -1;
    for (int i = 0; i < n; i++) {
      basis(3 * i);
      boolean touched = body != null && in[i] > 0;
      pressed(i, touched ? CONTACT * h : 0);
      if (touched) {
        lastTouching = i;
      }
    }
  }

  /** Takes over what the last energy met. */
  private void keepMet() {
    System.arraycopy(metIn, 0, in, 0, n);
    System.arraycopy(metOut, 0, out, 0, 3 * n);
  }

  private void pressed(int i, double k) {
    int q = 3 * i;
    double x = out[q];
    double y = out[q + 1];
    double z = out[q + 2];
    double f = -k * (k == 0 ? 0 : in[i]);
    force[q] = f * x;
    force[q + 1] = f * y;
    force[q + 2] = f * z;
    double m = k * h * h;
    pressed[6 * i] = m * x * x;
    pressed[6 * i + 1] = m * x * y;
    pressed[6 * i + 2] = m * x * z;
    pressed[6 * i + 3] = m * y * y;
    pressed[6 * i + 4] = m * y * z;
    pressed[6 * i + 5] = m * z * z;
  }

  /** Two directions square to a piece and to each other (Duff and others 2017, from memory). */
  private void basis(int q) {
    double x = t[q];
    double y = t[q + 1];
    double z = t[q + 2];
    double sign = Math.copySign(1, z);
    double a = -1 / (sign + z);
    double b = x * y * a;
    u[q] = 1 + sign * x * x * a;
    u[q + 1] = sign * b;
    u[q + 2] = -sign * x;
    v[q] = b;
    v[q + 1] = sign + y * y * a;
    v[q + 2] = -y;
  }

  private static double dot(double[] a, int i, double[] b, int j) {
    return a[i] * b[j] + a[i + 1] * b[j + 1] + a[i + 2] * b[j + 2];
  }

  /**
   * Cholesky, in place and column by column: what a column leaves for the rows beneath runs along
   * them, which a processor does several numbers at a time. Rows a column does not reach are
   * skipped.
   */
  private boolean factored() {
    int width = 2 * n;
    System.arraycopy(hessian, 0, factor, 0, width * width);
    for (int k = 0; k < width; k++) {
      double pivot = factor[k * width + k];
      if (!(pivot > 1e-12)) {
        return false;
      }
      double root = Math.sqrt(pivot);
      double share = 1 / root;
      factor[k * width + k] = root;
      for (int i = k + 1; i < width; i++) {
        double c = share * factor[i * width + k];
        factor[i * width + k] = c;
        column[i] = c;
      }
      for (int i = k + 1; i < width; i++) {
        if (column[i] != 0) {
          less(factor, i * width, column, k + 1, i, column[i]);
        }
      }
    }
    return true;
  }

  private static void less(double[] row, int at, double[] column, int from, int to, double c) {
    for (int j = from; j <= to; j++) {
      row[at + j] -= c * column[j];
    }
  }

  private int first(int i) {
    int piece = i >> 1;
    return piece <= lastTouching ? 0 : Math.max(0, 2 * (piece - 1));
  }

  private void substitute() {
    int width = 2 * n;
    for (int i = 0; i < width; i++) {
      double sum = -gradient[i];
      for (int k = first(i); k < i; k++) {
        sum -= factor[i * width + k] * turn[k];
      }
      turn[i] = sum / factor[i * width + i];
    }
    for (int i = width - 1; i >= 0; i--) {
      turn[i] /= factor[i * width + i];
      for (int k = first(i); k < i; k++) {
        turn[k] -= factor[i * width + k] * turn[i];
      }
    }
  }
}
