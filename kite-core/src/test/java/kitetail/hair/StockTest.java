package kitetail.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StockTest {
  private static final int[] ONE = {0};

  private static Stock of(double mm) {
    return Stock.of(new double[] {mm});
  }

  private static double shares(Stock s) {
    double sum = 0;
    for (int k = 0; k < s.lengths(0); k++) {
      sum += s.share(0, k);
    }
    return sum;
  }

  @ParameterizedTest
  @CsvSource({"1,0.3", "2,0.3", "3,0.25", "5,0.5", "8,0.45"})
  void nPassesOfShareP_leaveOneMinusPToTheN(int n, double p) {
    Stock once = of(100).texturised(ONE, p, new double[] {40, 26, 13}, n);
    assertThat(once.share(0, 0)).isCloseTo(Math.pow(1 - p, n), within(1e-12));
    assertThat(once.lengthMm(0, 0)).isEqualTo(100);
    Stock bit = of(100);
    for (int k = 0; k < n; k++) {
      bit = bit.texturised(ONE, p, new double[] {30}, 1);
    }
    assertThat(bit.share(0, 0)).isCloseTo(Math.pow(1 - p, n), within(1e-12));
  }

  @Test
  void onePassOfThinningShears_hasAClosedForm() {
    Stock s = of(100).texturised(ONE, 0.25, new double[] {30}, 1);
    assertThat(s.lengths(0)).isEqualTo(2);
    assertThat(s.lengthMm(0, 1)).isEqualTo(70);
    assertThat(s.meanMm(0)).isCloseTo(0.75 * 100 + 0.25 * 70, within(1e-12));
  }

  /** Merging keeps the share and the total length, whatever was done before. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void whateverIsDone_sharesAddUpToOne_andMergingKeepsTheMass(long seed) {
    Random r = new Random(seed);
    Stock s = of(60 + 200 * r.nextDouble());
    for (int k = 0; k < 12; k++) {
      double end = s.endMm(0);
      double p = 0.05 + 0.5 * r.nextDouble();
      double back = 5 + 80 * r.nextDouble();
      // By hand: each layer longer than the cut gives a share p of its hairs to it.
      double cut = Math.max(0, end - back);
      double want = 0;
      for (int i = 0; i < s.lengths(0); i++) {
        double l = s.lengthMm(0, i);
        want += s.share(0, i) * (l > cut ? (1 - p) * l + p * cut : l);
      }
      Stock next = s.texturised(ONE, p, new double[] {back}, 1);
      assertThat(next.meanMm(0)).isCloseTo(want, within(1e-9));
      assertThat(shares(next)).isCloseTo(1, within(1e-9));
      assertThat(next.lengths(0)).isLessThanOrEqualTo(Stock.MOST);
      assertThat(next.longest()[0]).isEqualTo(s.longest()[0]);
      for (int i = 1; i < next.lengths(0); i++) {
        assertThat(next.lengthMm(0, i)).isLessThan(next.lengthMm(0, i - 1));
      }
      s = next;
    }
  }

  /** Texture is taken from the ends, never down at the roots: common practice. */
  @Test
  void inShortHair_noTextureComesDownToTheSkin() {
    Stock s = of(20).texturised(ONE, 0.4, new double[] {60, 30}, 2);
    for (int k = 0; k < s.lengths(0); k++) {
      assertThat(s.lengthMm(0, k)).isGreaterThanOrEqualTo(10);
    }
    assertThat(shares(s)).isCloseTo(1, within(1e-9));
  }

  @Test
  void aCutAfterTexture_endsWhatIsLonger_andLeavesTheRest() {
    Stock s = of(100).texturised(ONE, 0.4, new double[] {50, 20}, 1);
    Stock cut = s.cut(ONE, new double[] {90}, 1);
    assertThat(cut.longest()[0]).isEqualTo(90);
    assertThat(cut.share(0, 0)).isCloseTo(0.6, within(1e-12));
    assertThat(cut.lengthMm(0, 1)).isEqualTo(80);
    Stock through = s.cut(ONE, new double[] {60}, 1);
    assertThat(through.share(0, 0)).isCloseTo(0.8, within(1e-12));
    assertThat(through.lengthMm(0, 1)).isEqualTo(50);
    assertThat(shares(through)).isCloseTo(1, within(1e-12));
  }

  @Test
  void hairHeldLonger_isCutShorter_byTheRatio() {
    assertThat(of(100).cut(ONE, new double[] {61.8}, 1.03).longest()[0])
        .isCloseTo(60, within(1e-9));
  }

  @Test
  void endsThatTooFewHairsReach_areNotSeen() {
    Stock s = of(100).texturised(ONE, 0.9, new double[] {40}, 1);
    assertThat(s.share(0, 0)).isCloseTo(0.1, within(1e-12));
    assertThat(s.endMm(0)).isEqualTo(60);
    assertThat(of(100).texturised(ONE, 0.5, new double[] {40}, 1).endMm(0)).isEqualTo(100);
  }

  @Test
  void wetHairUnderTension_isLonger_andDryCurlsLetGo_areShorter() {
    WetDry curly = new WetDry(0.04, 0.8);
    assertThat(Damp.WET.handRatio(curly, true)).isEqualTo(1.04);
    assertThat(Damp.DRY.handRatio(curly, true)).isEqualTo(1);
    assertThat(Damp.DRY.handRatio(curly, false)).isEqualTo(0.8);
    assertThat(Damp.WET.handRatio(curly, false)).isEqualTo(1);
    assertThat(Damp.DAMP.handRatio(curly, true)).isBetween(1.0, 1.04);
    assertThat(Damp.DAMP.handRatio(curly, false)).isBetween(0.8, 1.0);
  }
}
