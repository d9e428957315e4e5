package kitetail.geom;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Nodes spread over all directions about a centre, on the faces of a cube, without seams: values
 * kept at the nodes are read between them, smoothed, and added to.
 */
public final class DirectionGrid {
  private static final int N = 26;

  /** One for all: it knows directions only. */
  public static final DirectionGrid SHARED = new DirectionGrid();

  private final int[] node = new int[6 * (N + 1) * (N + 1)];
  private final double[] direction;
  private final double[] solidAngle;
  private final int[][] neighbours;

  private DirectionGrid() {
    Map<Long, Integer> ids = new HashMap<>();
    double[] dirs = new double[node.length * 3];
    for (int f = 0; f < 6; f++) {
      for (int v = 0; v <= N; v++) {
        for (int u = 0; u <= N; u++) {
          int[] c = corner(f, u, v);
          long key = ((long) c[0] * 1000 + c[1]) * 1000 + c[2];
          Integer known = ids.get(key);
          if (known == null) {
            known = ids.size();
            ids.put(key, known);
            double x = warp(c[0]);
            double y = warp(c[1]);
            double z = warp(c[2]);
            double l = Math.sqrt(x * x + y * y + z * z);
            dirs[3 * known] = x / l;
            dirs[3 * known + 1] = y / l;
            dirs[3 * known + 2] = z / l;
          }
          node[at(f, u, v)] = known;
        }
      }
    }
    int n = ids.size();
    direction = java.util.Arrays.copyOf(dirs, 3 * n);
    solidAngle = new double[n];
    neighbours = new int[n][];
    List<Set<Integer>> near = new ArrayList<>(n);
    for (int i = 0; i < n; i++) {
      near.add(new TreeSet<>());
    }
    for (int f = 0; f < 6; f++) {
      for (int v = 0; v < N; v++) {
        for (int u = 0; u < N; u++) {
          int a = node[at(f, u, v)];
          int b = node[at(f, u + 1, v)];
          int c = node[at(f, u + 1, v + 1)];
          int d = node[at(f, u, v + 1)];
          double quad = triangle(a, b, c) + triangle(a, c, d);
          int[] round = {a, b, c, d};
          for (int k = 0; k < 4; k++) {
            solidAngle[round[k]] += quad / 4;
            near.get(round[k]).add(round[(k + 1) % 4]);
            near.get(round[k]).add(round[(k + 3) % 4]);
          }
        }
      }
    }
    for (int i = 0; i < n; i++) {
      neighbours[i] = near.get(i).stream().mapToInt(Integer::intValue).toArray();
    }
  }

  private double triangle(int a, int b, int c) {
    return direction(b).minus(direction(a)).cross(direction(c).minus(direction(a))).norm() / 2;
  }

  private static int at(int face, int u, int v) {
    return (face * (N + 1) + v) * (N + 1) + u;
  }

  private static int[] corner(int f, int u, int v) {
    int s = f % 2 == 0 ? N : 0;
    return f < 2 ? new int[] {s, u, v} : f < 4 ? new int[] {u, s, v} : new int[] {u, v, s};
  }

  /** Equal steps of angle along a face. */
  private static double warp(int k) {
    return Math.tan((2.0 * k / N - 1) * Math.PI / 4);
  }

  public int nodes() {
    return solidAngle.length;
  }

  public Vec3 direction(int i) {
    return new Vec3(direction[3 * i], direction[3 * i + 1], direction[3 * i + 2]);
  }

  /** The part of all directions that is nearest to a node, steradian. */
  public double solidAngle(int i) {
    return solidAngle[i];
  }

  /**
   * The four nodes round a direction and how much each counts.
   *
   * @param nodes filled with 4 nodes
   * @param shares filled with 4 shares that add up to 1
   */
  public void find(double x, double y, double z, int[] nodes, double[] shares) {
    double ax = Math.abs(x);
    double ay = Math.abs(y);
    double az = Math.abs(z);
    int f;
    double u;
    double v;
    if (ax >= ay && ax >= az) {
      f = x > 0 ? 0 : 1;
      u = y / ax;
      v = z / ax;
    } else if (ay >= az) {
      f = y > 0 ? 2 : 3;
      u = x / ay;
      v = z / ay;
    } else {
      f = z > 0 ? 4 : 5;
      u = x / az;
      v = y / az;
    }
    double fu = (fastAtan(u) * 4 / Math.PI + 1) * N / 2;
    double fv = (fastAtan(v) * 4 / Math.PI + 1) * N / 2;
    int iu = Math.max(0, Math.min(N - 1, (int) fu));
    int iv = Math.max(0, Math.min(N - 1, (int) fv));
    double tu = fu - iu;
    double tv = fv - iv;
    int a = at(f, iu, iv);
    nodes[0] = node[a];
    nodes[1] = node[a + 1];
    nodes[2] = node[a + N + 1];
    nodes[3] = node[a + N + 2];
    shares[0] = (1 - tu) * (1 - tv);
    shares[1] = tu * (1 - tv);
    shares[2] = (1 - tu) * tv;
    shares[3] = tu * tv;
  }

  /** Abramowitz and Stegun, 4.4.49, from memory: within 1e-5 rad for −1 to 1. */
  private static double fastAtan(double x) {
    double q = x * x;
    return x * (0.9998660 + q * (-0.3302995 + q * (0.1801410 + q * (-0.0851330 + q * 0.0208351))));
  }

  /** Each value moved toward the mean of those around it, so many times. */
  public void smooth(float[] values, int times) {
    float[] next = new float[values.length];
    for (int k = 0; k < times; k++) {
      for (int i = 0; i < values.length; i++) {
        float sum = 0;
        for (int j : neighbours[i]) {
          sum += values[j];
        }
        next[i] = 0.4f * values[i] + 0.6f * sum / neighbours[i].length;
      }
      System.arraycopy(next, 0, values, 0, values.length);
    }
  }
}
