package kitetail.plan;

import java.util.ArrayList;
import java.util.List;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.Scalp;

/**
 * How much texturising one column of hair has had, this move and those before it.
 *
 * @param aroundDeg middle of the column, round the head from the front
 * @param passes in all
 * @param percent of the column's weight taken by texturising
 * @param grams taken by this move
 * @param mostPercent what hair this dense and this thick bears; assumptions
 */
public record Dose(double aroundDeg, int passes, double percent, double grams, double mostPercent) {
  static final int COLUMNS = 24;

  /** Up to here hair is fine, from there on coarse, µm; common figures, from memory. */
  private static final double FINE_UM = 60;

  private static final double COARSE_UM = 80;

  /** What was taken in each column so far. */
  static final class Book {
    private final int[] passes = new int[COLUMNS];
    private final double[] left = new double[COLUMNS];

    Book() {
      java.util.Arrays.fill(left, 1);
    }

    List<Dose> enter(Scalp s, HairMap hair, int[] roots, Stock before, Stock after, int passesNow) {
      double[] had = new double[COLUMNS];
      double[] has = new double[COLUMNS];
      double[] bears = new double[COLUMNS];
      double[] area = new double[COLUMNS];
      for (int i : roots) {
        if (i >= s.sites()) {
          continue;
        }
        double turn = (s.azimuthRad(i) + Math.PI) / (2 * Math.PI);
        int c = Math.min(COLUMNS - 1, (int) (turn * COLUMNS));
        had[c] += hair.grams(i, before.meanMm(i));
        has[c] += hair.grams(i, after.meanMm(i));
        bears[c] += s.areaMm2(i) * most(hair.densityPerCm2()[i], hair.diameterUm()[i]);
        area[c] += s.areaMm2(i);
      }
      List<Dose> out = new ArrayList<>();
      for (int c = 0; c < COLUMNS; c++) {
        if (had[c] > 0) {
          passes[c] += passesNow;
          left[c] *= has[c] / had[c];
          out.add(
              new Dose(
                  (c + 0.5) * 360 / COLUMNS - 180,
                  passes[c],
                  100 * (1 - left[c]),
                  had[c] - has[c],
                  bears[c] / area[c]));
        }
      }
      return out;
    }
  }

  /** Fine hair little, thick hair more: percent of the weight. */
  static double most(double densityPerCm2, double diameterUm) {
    double byThickness = diameterUm < FINE_UM ? 18 : diameterUm > COARSE_UM ? 45 : 32;
    return byThickness * Math.max(0.5, Math.min(1.4, densityPerCm2 / 200));
  }
}
