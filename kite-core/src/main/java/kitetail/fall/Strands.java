package kitetail.fall;

import kitetail.geom.Smooth;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.Scalp;

/**
 * What falls: one strand a root, standing for the hairs that grow there.
 *
 * @param lengthMm let go; 0 where no hair is
 * @param endsMm how far its hairs end from one another, as the blade left them
 * @param curl length let go over length straight, what drying drew out of it taken off
 * @param hairs how many it stands for
 * @param diameterMm of one of them
 * @param perMm2 how densely they stand
 */
record Strands(
    float[] lengthMm,
    float[] endsMm,
    double[] curl,
    float[] hairs,
    float[] diameterMm,
    float[] perMm2) {
  /** How far a strand may leave its lock in this; an assumption. */
  private static final double OWN_SHARE = 0.25;

  /** Short hair shows no pieces, only single ends; longer hair does from here on; assumptions. */
  private static final double SHORT_MM = 22;

  private static final double PIECES_MM = 50;

  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /**
   * @param leaders which strand leads each one's lock
   */
  static Strands of(Scalp scalp, HairMap map, Stock stock, Styling styling, int[] leaders) {
    int n = scalp.sites();
    Strands s =
        new Strands(
            new float[n], new float[n], new double[n], new float[n], new float[n], new float[n]);
    double curlKept = styling.setting().curlKept();
    for (int i = 0; i < n; i++) {
      double ratio = map.curlRatio()[i];
      s.curl[i] = styling.wet() ? Math.sqrt(ratio) : 1 - (1 - ratio) * curlKept;
      s.lengthMm[i] = (float) (s.curl[i] * drawn(stock, i, leaders[i]));
      s.endsMm[i] = (float) (s.lengthMm[i] - s.curl[i] * stock.lengthMm(i, stock.lengths(i) - 1));
      s.diameterMm[i] = (float) map.diameterUm()[i] / 1000;
      s.perMm2[i] = (float) map.densityPerCm2()[i] / 100;
      s.hairs[i] = (float) (s.perMm2[i] * scalp.areaMm2(i));
    }
    return s;
  }

  int count() {
    return lengthMm.length;
  }

  /**
   * Which of a root's lengths a strand shows: taken evenly over neighbouring locks, since a point
   * or a stroke of the razor takes a piece and not single hairs, and a little over their strands.
   */
  private static double drawn(Stock stock, int i, int leader) {
    if (stock.lengths(i) == 1) {
      return stock.lengthMm(i, 0);
    }
    double piece = Smooth.step((stock.longest()[i] - SHORT_MM) / PIECES_MM);
    double own = 1 - piece * (1 - OWN_SHARE);
    double at = (piece * leader * GOLDEN + own * (i * GOLDEN % 1)) % 1;
    int k = 0;
    double upTo = stock.share(i, 0);
    while (upTo < at && k + 1 < stock.lengths(i)) {
      upTo += stock.share(i, ++k);
    }
    return stock.lengthMm(i, k);
  }
}
