package kitetail.head;

import java.util.Arrays;
import kitetail.geom.Vec3;

/** Finds the site nearest to a point of the skin, by a grid of cubes. */
final class NearestSite {
  private static final double CELL_MM = 8;
  private static final int SIDE = 64;
  private static final double MIN_MM = -SIDE * CELL_MM / 2;

  private final Vec3[] points;
  private final int[] firstInCell = new int[SIDE * SIDE * SIDE];
  private final int[] nextInCell;

  NearestSite(Vec3[] points, int sites) {
    this.points = points;
    this.nextInCell = new int[sites];
    Arrays.fill(firstInCell, -1);
    for (int i = 0; i < sites; i++) {
      int c = index(cell(points[i].x()), cell(points[i].y()), cell(points[i].z()));
      nextInCell[i] = firstInCell[c];
      firstInCell[c] = i;
    }
  }

  private static int cell(double mm) {
    return Math.max(1, Math.min(SIDE - 2, (int) ((mm - MIN_MM) / CELL_MM)));
  }

  private static int index(int x, int y, int z) {
    return (x * SIDE + y) * SIDE + z;
  }

  int to(Vec3 p) {
    for (int reach = 1; reach < SIDE; reach++) {
      int found = within(p, reach);
      if (found >= 0) {
        return found;
      }
    }
    throw new IllegalStateException("no site near " + p);
  }

  private int within(Vec3 p, int reach) {
    int cx = cell(p.x());
    int cy = cell(p.y());
    int cz = cell(p.z());
    double best = Double.MAX_VALUE;
    int at = -1;
    for (int x = Math.max(0, cx - reach); x <= Math.min(SIDE - 1, cx + reach); x++) {
      for (int y = Math.max(0, cy - reach); y <= Math.min(SIDE - 1, cy + reach); y++) {
        for (int z = Math.max(0, cz - reach); z <= Math.min(SIDE - 1, cz + reach); z++) {
          for (int i = firstInCell[index(x, y, z)]; i >= 0; i = nextInCell[i]) {
            double dx = points[i].x() - p.x();
            double dy = points[i].y() - p.y();
            double dz = points[i].z() - p.z();
            double d = dx * dx + dy * dy + dz * dz;
            if (d < best) {
              best = d;
              at = i;
            }
          }
        }
      }
    }
    return at;
  }
}
