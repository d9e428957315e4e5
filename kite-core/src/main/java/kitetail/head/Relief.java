package kitetail.head;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import kitetail.geom.RadiusTable;
import kitetail.geom.Vec3;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What the model's numbers cannot hold of a scanned head: a smooth correction of its radii, as a
 * sum of round bumps {@code c e^(κ(cos θ − 1))} about fixed directions from the head's middle,
 * which stand on rings about its top so that left and right are alike.
 *
 * @param mm the height of each bump before the head is stretched, {@value #SIZE} numbers of −12 to
 *     12
 */
public record Relief(List<Double> mm) {
  /** Bumps on each ring, and how far the rings lie from the top. */
  private static final int[] ON_RING = {1, 6, 12, 18, 20, 16};

  private static final double RING_DEG = 23.5;
  public static final int SIZE = 73;
  private static final double MOST_MM = 12;

  /** A bump has fallen to 0.61 at 16°. */
  private static final double KAPPA = 12.8;

  private static final double[] DIRECTIONS = directions();

  public Relief {
    mm = List.copyOf(mm);
    if (mm.size() != SIZE) {
      throw new IllegalArgumentException("a relief has " + SIZE + " numbers, was " + mm.size());
    }
    for (double v : mm) {
      HeadShape.within("relief", v, MOST_MM);
    }
  }

  private static double[] directions() {
    double[] out = new double[3 * SIZE];
    int at = 0;
    for (int ring = 0; ring < ON_RING.length; ring++) {
      double polar = Math.toRadians(ring * RING_DEG);
      for (int k = 0; k < ON_RING[ring]; k++) {
        double azimuth = 2 * Math.PI * k / ON_RING[ring];
        out[at++] = Math.sin(polar) * Math.sin(azimuth);
        out[at++] = Math.sin(polar) * Math.cos(azimuth);
        out[at++] = Math.cos(polar);
      }
    }
    return out;
  }

  /** How high a bump stands in a direction of length 1, 0 to 1. */
  private static double bump(int i, double x, double y, double z) {
    double cos = x * DIRECTIONS[3 * i] + y * DIRECTIONS[3 * i + 1] + z * DIRECTIONS[3 * i + 2];
    return cos < 0.4 ? 0 : Math.exp(KAPPA * (cos - 1));
  }

  /** Radii with the correction laid on. */
  RadiusTable on(RadiusTable t) {
    return t.raised(
        (x, y, z) -> {
          double sum = 0;
          for (int i = 0; i < SIZE; i++) {
            sum += mm.get(i) * bump(i, x, y, z);
          }
          return sum;
        });
  }

  /** The same with left and right changed over. */
  Relief mirrored() {
    List<Double> out = new ArrayList<>(SIZE);
    int first = 0;
    for (int n : ON_RING) {
      for (int k = 0; k < n; k++) {
        out.add(mm.get(first + (n - k) % n));
      }
      first += n;
    }
    return new Relief(out);
  }

  /**
   * The correction that comes nearest to what points of a scan say, weakly held to none: least
   * squares with a ridge, a bump of its usual height costing as much as {@code ridge} points that
   * are a millimetre off.
   *
   * @param from the head's middle
   * @param offMm how far each point stands off the skin as it is
   * @param weights 0 to 1, of each point
   */
  static Relief of(Vec3 from, List<Vec3> points, double[] offMm, double[] weights, double ridge) {
    RealMatrix a = new Array2DRowRealMatrix(SIZE, SIZE);
    RealVector b = new ArrayRealVector(SIZE);
    double[] row = new double[SIZE];
    for (int p = 0; p < points.size(); p++) {
      Vec3 d = points.get(p).minus(from);
      double l = d.norm();
      for (int i = 0; i < SIZE; i++) {
        row[i] = bump(i, d.x() / l, d.y() / l, d.z() / l);
      }
      for (int i = 0; i < SIZE; i++) {
        if (row[i] == 0) {
          continue;
        }
        b.addToEntry(i, weights[p] * row[i] * offMm[p]);
        for (int j = 0; j < SIZE; j++) {
          a.addToEntry(i, j, weights[p] * row[i] * row[j]);
        }
      }
    }
    for (int i = 0; i < SIZE; i++) {
      a.addToEntry(i, i, ridge);
    }
    double[] x = new CholeskyDecomposition(a).getSolver().solve(b).toArray();
    List<Double> mm = new ArrayList<>(Collections.nCopies(SIZE, 0.0));
    for (int i = 0; i < SIZE; i++) {
      mm.set(i, Math.round(100 * Math.max(-MOST_MM, Math.min(MOST_MM, x[i]))) / 100.0);
    }
    return new Relief(mm);
  }
}
