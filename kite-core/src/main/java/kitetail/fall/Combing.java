package kitetail.fall;

import kitetail.geom.DirectionGrid;
import kitetail.geom.Vec3;

/**
 * Reads which way hair lies at a place, each strand a little its own way. Holds what was read last:
 * one for each thread.
 */
final class Combing {
  private static final double JITTER_RAD = 0.13;

  private final Lie lie;
  private final Vec3 centre;
  private final double[] own = new double[3];
  private int ownOf = -1;

  /** The nodes round the place found last, and their shares. */
  final int[] nodes = new int[4];

  final double[] shares = new double[4];

  /** The way read last. */
  final double[] d = new double[3];

  Combing(Lie lie, Vec3 centre) {
    this.lie = lie;
    this.centre = centre;
  }

  void find(double x, double y, double z) {
    DirectionGrid.SHARED.find(x - centre.x(), y - centre.y(), z - centre.z(), nodes, shares);
  }

  /** The way at the place found, between growth (0) and comb (1), into {@code d}. */
  void read(int strand, double combShare) {
    double x = 0;
    double y = 0;
    double z = 0;
    for (int k = 0; k < 4; k++) {
      int q = 3 * nodes[k];
      double g = shares[k] * (1 - combShare);
      double c = shares[k] * combShare;
      x += g * lie.grown[q] + c * lie.combed[q];
      y += g * lie.grown[q + 1] + c * lie.combed[q + 1];
      z += g * lie.grown[q + 2] + c * lie.combed[q + 2];
    }
    // Where ways part, as at a whorl, what is left of them still counts before what strays.
    double sure = Math.sqrt(x * x + y * y + z * z);
    stray(strand);
    x += sure * own[0];
    y += sure * own[1];
    z += sure * own[2];
    double l = Math.sqrt(x * x + y * y + z * z) + 1e-9;
    d[0] = x / l;
    d[1] = y / l;
    d[2] = z / l;
  }

  /** How much the comb, or in dry hair what it left, holds at the place found, 0 to 1. */
  double held(boolean wet) {
    float[] held = wet ? lie.combedOver : lie.held;
    double sum = 0;
    for (int k = 0; k < 4; k++) {
      sum += shares[k] * held[nodes[k]];
    }
    return sum;
  }

  private void stray(int strand) {
    if (strand != ownOf) {
      ownOf = strand;
      for (int c = 0; c < 3; c++) {
        own[c] = JITTER_RAD * (2 * hash(strand, c) - 1);
      }
    }
  }

  /** Evenly spread numbers from 0 to 1 that depend on the strand alone. */
  static double hash(int strand, int salt) {
    long z = (strand * 0x9E3779B97F4A7C15L) ^ (salt * 0xBF58476D1CE4E5B9L);
    z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
    z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
    return ((z ^ (z >>> 31)) >>> 11) * 0x1.0p-53;
  }
}
