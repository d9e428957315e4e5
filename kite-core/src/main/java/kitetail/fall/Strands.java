package kitetail.fall;

import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.Scalp;

/**
 * What falls: one strand a root, standing for the hairs that grow there.
 *
 * @param lengthMm let go; 0 where no hair is
 * @param curl length let go over length straight, what drying drew out of it taken off
 * @param hairs how many it stands for
 * @param diameterMm of one of them
 * @param perMm2 how densely they stand
 */
record Strands(float[] lengthMm, double[] curl, float[] hairs, float[] diameterMm, float[] perMm2) {
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  static Strands of(Scalp scalp, HairMap map, Stock stock, Styling styling) {
    int n = scalp.sites();
    Strands s = new Strands(new float[n], new double[n], new float[n], new float[n], new float[n]);
    double curlKept = styling.setting().curlKept();
    for (int i = 0; i < n; i++) {
      double ratio = map.curlRatio()[i];
      s.curl[i] = styling.wet() ? Math.sqrt(ratio) : 1 - (1 - ratio) * curlKept;
      s.lengthMm[i] = (float) (s.curl[i] * drawn(stock, i));
      s.diameterMm[i] = (float) map.diameterUm()[i] / 1000;
      s.perMm2[i] = (float) map.densityPerCm2()[i] / 100;
      s.hairs[i] = (float) (s.perMm2[i] * scalp.areaMm2(i));
    }
    return s;
  }

  int count() {
    return lengthMm.length;
  }

  /** Which of a root's lengths a strand shows: taken evenly over neighbouring strands. */
  private static double drawn(Stock stock, int i) {
    double at = (i * GOLDEN) % 1;
    int k = 0;
    double upTo = stock.share(i, 0);
    while (upTo < at && k + 1 < stock.lengths(i)) {
      upTo += stock.share(i, ++k);
    }
    return stock.lengthMm(i, k);
  }
}
