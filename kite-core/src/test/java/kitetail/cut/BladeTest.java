package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import kitetail.hair.Stock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BladeTest {
  private static final int[] ONE = {0};

  private static Stock of(double mm) {
    return Stock.of(new double[] {mm});
  }

  private static Stock cut(Blade blade, double hadMm, double lineMm) {
    return of(hadMm).cut(ONE, new double[] {lineMm}, 1, blade.ends());
  }

  /** Share of the hairs that end between two lengths. */
  private static double between(Stock s, double from, double to) {
    double sum = 0;
    for (int k = 0; k < s.lengths(0); k++) {
      sum += s.lengthMm(0, k) >= from - 1e-9 && s.lengthMm(0, k) <= to + 1e-9 ? s.share(0, k) : 0;
    }
    return sum;
  }

  private static double deviationMm(Stock s) {
    double sum = 0;
    for (int k = 0; k < s.lengths(0); k++) {
      sum += s.share(0, k) * Math.pow(s.lengthMm(0, k) - s.meanMm(0), 2);
    }
    return Math.sqrt(sum);
  }

  /** Common practice: no blade changes the length a line is cut to. */
  @ParameterizedTest
  @EnumSource(Blade.class)
  void theLengthOfALine_isTheSameWithEveryBlade(Blade blade) {
    assertThat(cut(blade, 200, 100).longest()[0]).isEqualTo(100);
    assertThat(cut(blade, 200, 100).endMm(0)).isEqualTo(100);
  }

  /** How each ends is common practice; the amounts are the stated assumptions. */
  @ParameterizedTest
  @CsvSource({
    "BLUNT, 0, 0, 1",
    "POINTS_SHALLOW, 4, 8, 1",
    "POINTS_DEEP, 12, 25, 1",
    "RAZOR_SHORT, 10, 10, 1",
    "RAZOR_BROAD, 25, 25, 1",
    "RAZOR_BEHIND, 10, 30, 0.5",
    "WIDE_TOOTHED, 24, 40, 0.5",
    "THINNING_SHEARS, 5, 15, 0.34",
  })
  void endsLieAsFarBackAsStated(Blade blade, double least, double most, double back) {
    Stock s = cut(blade, 300, 120);
    double deepest = 120 - s.lengthMm(0, s.lengths(0) - 1);
    assertThat(deepest).isBetween(least, most);
    assertThat(between(s, 0, 119.9)).isLessThanOrEqualTo(back + 1e-9);
  }

  /**
   * Evenly spread over a depth d, hairs have the mean L − d/2 and the deviation d/√12 (uniform
   * distribution); in four steps d·√(5/36).
   */
  @ParameterizedTest
  @CsvSource({"RAZOR_SHORT, 10", "RAZOR_BROAD, 25", "POINTS_SHALLOW, 6", "POINTS_DEEP, 18"})
  void aTaper_isEven(Blade blade, double depth) {
    Stock s = cut(blade, 300, 120);
    assertThat(s.meanMm(0)).isCloseTo(120 - depth / 2, within(1e-9));
    assertThat(deviationMm(s)).isCloseTo(depth * Math.sqrt(5.0 / 36), within(1e-9));
  }

  /** Common practice: torn ends lie far apart, and some of the hair keeps its length. */
  @Test
  void tornEnds_areTheMostBroken() {
    Stock torn = cut(Blade.TORN_DRY, 300, 120);
    assertThat(between(torn, 120, 120)).isBetween(0.2, 0.4);
    for (Blade other : Blade.values()) {
      if (other != Blade.TORN_DRY && other != Blade.WIDE_TOOTHED) {
        assertThat(deviationMm(torn)).isGreaterThan(deviationMm(cut(other, 300, 120)));
      }
    }
  }

  /** What is conserved: shares add up to one, nothing grows, and what went is what was cut off. */
  @ParameterizedTest
  @EnumSource(Blade.class)
  void hairIsOnlyEverTaken_andAllOfItIsAccountedFor(Blade blade) {
    Random r = new Random(7);
    for (int n = 0; n < 200; n++) {
      Stock before = of(20 + 200 * r.nextDouble());
      if (n % 2 == 1) {
        before = before.texturised(ONE, 0.4, new double[] {60, 30}, 1 + n % 3);
      }
      double line = 250 * r.nextDouble();
      double ratio = 0.9 + 0.2 * r.nextDouble();
      Stock after = before.cut(ONE, new double[] {line}, ratio, blade.ends());
      double sum = 0;
      for (int k = 0; k < after.lengths(0); k++) {
        sum += after.share(0, k);
        assertThat(after.lengthMm(0, k)).isNotNegative();
      }
      assertThat(sum).isCloseTo(1, within(1e-9));
      assertThat(after.longest()[0])
          .isCloseTo(Math.min(before.longest()[0], line / ratio), within(1e-9));
      if (before.longest()[0] <= line / ratio) {
        assertThat(after).isEqualTo(before);
      } else {
        double want = 0;
        for (int k = 0; k < before.lengths(0); k++) {
          double had = before.lengthMm(0, k);
          for (int e = 0; e < blade.ends().count(); e++) {
            double end = (line - blade.ends().backMm(e, line)) / ratio;
            want += before.share(0, k) * blade.ends().share(e) * Math.min(had, end);
          }
        }
        assertThat(after.meanMm(0)).isCloseTo(want, within(1e-9));
      }
      assertThat(after.cut(ONE, new double[] {line}, ratio, blade.ends()).longest()[0])
          .as("gone over again, nothing more is shortened")
          .isEqualTo(after.longest()[0]);
    }
  }

  /** A line just cut has nothing standing out of it: the same blade again takes nothing. */
  @ParameterizedTest
  @EnumSource(Blade.class)
  void theSameLineAgain_takesNothing(Blade blade) {
    Stock once = cut(blade, 200, 83);
    assertThat(once.cut(ONE, new double[] {83}, 1, blade.ends())).isEqualTo(once);
  }

  @ParameterizedTest
  @EnumSource(Blade.class)
  void shortHair_isNotCutToTheSkin(Blade blade) {
    Stock s = cut(blade, 60, 8);
    assertThat(s.lengthMm(0, s.lengths(0) - 1)).isGreaterThan(2.5);
  }

  @Test
  void aClipperHasNoPoints() {
    Comb c = new Comb(6, 0, 2, 40, Comb.Tool.CLIPPER, null, null, null, Blade.POINTS_DEEP, 0, 0);
    assertThat(c.ends().blunt()).isTrue();
  }
}
