package kitetail.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Vec3;
import kitetail.head.Scalp;

/**
 * Pairs of sites that lie side by side: nearer than one and a half times the spacing of the sites.
 *
 * @param pairs two indices a pair, the lower first
 */
record Neighbours(int[] pairs) {
  private static final double NEAR = 1.5;

  private record Cell(int x, int y, int z) {}

  static Neighbours of(Scalp s) {
    double reach = NEAR * Math.sqrt(s.totalAreaMm2() / Math.max(1, s.sites()));
    Map<Cell, List<Integer>> cells = new HashMap<>();
    for (int i = 0; i < s.sites(); i++) {
      cells.computeIfAbsent(cell(s.pointMm(i), reach), k -> new ArrayList<>()).add(i);
    }
    int[] pairs = new int[16 * s.sites()];
    int n = 0;
    for (int i = 0; i < s.sites(); i++) {
      Cell c = cell(s.pointMm(i), reach);
      for (int k = 0; k < 27; k++) {
        Cell by = new Cell(c.x + k % 3 - 1, c.y + k / 3 % 3 - 1, c.z + k / 9 - 1);
        for (int j : cells.getOrDefault(by, List.of())) {
          if (j > i && s.pointMm(i).distanceTo(s.pointMm(j)) < reach && n + 2 <= pairs.length) {
            pairs[n++] = i;
            pairs[n++] = j;
          }
        }
      }
    }
    return new Neighbours(java.util.Arrays.copyOf(pairs, n));
  }

  private static Cell cell(Vec3 p, double size) {
    return new Cell(
        (int) Math.floor(p.x() / size),
        (int) Math.floor(p.y() / size),
        (int) Math.floor(p.z() / size));
  }
}
