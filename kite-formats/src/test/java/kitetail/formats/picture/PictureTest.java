package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import kitetail.formats.words.Units;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;

class PictureTest {
  private static final Scalp SCALP =
      Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), 1500);
  private static final HeadPicture PICTURE = new HeadPicture(SCALP);

  private static double[] all(double mm) {
    double[] l = new double[SCALP.roots()];
    Arrays.fill(l, mm);
    return l;
  }

  private static long painted(BufferedImage i) {
    long n = 0;
    for (int y = 0; y < i.getHeight(); y++) {
      for (int x = 0; x < i.getWidth(); x++) {
        n += i.getRGB(x, y) >>> 24 > 128 ? 1 : 0;
      }
    }
    return n;
  }

  @Test
  void aHead_fillsAGoodPartOfItsPicture_fromEverySide() {
    for (View v : View.values()) {
      double share = painted(PICTURE.draw(all(40), v, 200, 220, null)) / (200.0 * 220);
      assertThat(share).as(v.name()).isBetween(0.25, 0.9);
    }
  }

  @Test
  void aLongerLength_isADarkerBand() {
    int shortHair = PICTURE.draw(all(4), View.TOP, 200, 220, null).getRGB(100, 110);
    int longHair = PICTURE.draw(all(140), View.TOP, 200, 220, null).getRGB(100, 110);
    assertThat(light(longHair)).isLessThan(light(shortHair) - 0.3);
  }

  @Test
  void oneLengthAllOver_hasNoContour_andTwoLengthsHaveALabel() {
    BufferedImage one = PICTURE.draw(all(40), View.BACK, 300, 330, Units.CM);
    assertThat(one.getRGB(150, 110))
        .isEqualTo(PICTURE.draw(all(40), View.BACK, 300, 330, null).getRGB(150, 110));
    double[] two = all(25);
    for (int i = 0; i < two.length; i++) {
      two[i] = SCALP.aboveRidgeMm(i) > 0 ? 70 : 25;
    }
    BufferedImage labelled = PICTURE.draw(two, View.BACK, 300, 330, Units.CM);
    BufferedImage plain = PICTURE.draw(two, View.BACK, 300, 330, null);
    assertThat(differing(labelled, plain)).isGreaterThan(200);
  }

  private static int differing(BufferedImage a, BufferedImage b) {
    int n = 0;
    for (int y = 0; y < a.getHeight(); y++) {
      for (int x = 0; x < a.getWidth(); x++) {
        n += a.getRGB(x, y) != b.getRGB(x, y) ? 1 : 0;
      }
    }
    return n;
  }

  /**
   * sRGB primaries in OKLCH, published with the colour space (CSS Color 4, sample code; from
   * memory).
   */
  @Test
  void oklch_givesThePrimariesBack() {
    assertThat(LengthRamp.oklch(1, 0, 0)).isEqualTo(0xffffff);
    assertThat(LengthRamp.oklch(0, 0, 0)).isZero();
    assertThat(near(LengthRamp.oklch(0.62796, 0.25768, 29.234), 0xff0000)).isTrue();
    assertThat(near(LengthRamp.oklch(0.45201, 0.31321, 264.052), 0x0000ff)).isTrue();
  }

  private static boolean near(int a, int b) {
    for (int s = 0; s <= 16; s += 8) {
      if (Math.abs((a >> s & 255) - (b >> s & 255)) > 2) {
        return false;
      }
    }
    return true;
  }

  @Test
  void theRamp_getsDarkerInEvenSteps() {
    int[] c = LengthRamp.colours();
    assertThat(c).hasSize(LengthRamp.levelsMm().length + 1);
    for (int i = 1; i < c.length; i++) {
      assertThat(light(c[i])).isLessThan(light(c[i - 1]));
    }
  }

  /** Relative luminance to the power 1/3, close to perceived lightness. */
  private static double light(int rgb) {
    double sum = 0;
    double[] k = {0.0722, 0.7152, 0.2126};
    for (int s = 0; s < 3; s++) {
      double v = (rgb >> 8 * s & 255) / 255.0;
      sum += k[s] * (v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4));
    }
    return Math.cbrt(sum);
  }

  @Test
  void inches_areEighths() {
    assertThat(Units.INCH.length(25.4)).isEqualTo("1 in");
    assertThat(Units.INCH.length(25.4 * 2.375)).isEqualTo("2 3/8 in");
    assertThat(Units.INCH.length(6.35)).isEqualTo("1/4 in");
    assertThat(Units.CM.length(56)).isEqualTo("5.6 cm");
    assertThat(Units.CM.length(3)).isEqualTo("3 mm");
    assertThat(light(0xffffff)).isCloseTo(1, within(1e-9));
  }
}
