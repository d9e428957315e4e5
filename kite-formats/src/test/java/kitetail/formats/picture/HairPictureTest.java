package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pixels of fallen hair where hair must be, and skin where it must be. */
class HairPictureTest {
  private static final Scalp S = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1200);
  private static final Ground GROUND = Ground.of(S);
  private static final HairPicture PICTURE = new HairPicture(S);
  private static final HairColour BLACK = new HairColour(1, 0, 0);
  private static final HairColour BLONDE = new HairColour(10, 0, 0);

  private static Fall fall(double mm) {
    double[] l = new double[S.roots()];
    Arrays.fill(l, mm);
    return Fall.of(GROUND, Hair.DEFAULT, Stock.of(l), Styling.NATURAL);
  }

  private static int light(int argb) {
    return (argb >> 16 & 255) + (argb >> 8 & 255) + (argb & 255);
  }

  /** Mean lightness of a square, 0 to 765. */
  private static double light(BufferedImage image, int x, int y) {
    double sum = 0;
    for (int j = -4; j <= 4; j++) {
      for (int i = -4; i <= 4; i++) {
        sum += light(image.getRGB(x + i, y + j));
      }
    }
    return sum / 81;
  }

  private static int solid(BufferedImage image) {
    int n = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        n += image.getRGB(x, y) >>> 24 > 200 ? 1 : 0;
      }
    }
    return n;
  }

  @ParameterizedTest
  @EnumSource(View.class)
  void longHairMakesTheHeadLarger_fromEverySide(View view) {
    int bald = solid(PICTURE.draw(fall(0.1), BLACK, view, 240, 300));
    int full = solid(PICTURE.draw(fall(110), BLACK, view, 240, 300));
    assertThat(bald).isGreaterThan(240 * 300 / 8);
    assertThat(full).isGreaterThan(bald * 21 / 20);
  }

  @Test
  void hairHasItsColour_andTheFaceStaysSkin() {
    Fall f = fall(60);
    BufferedImage black = PICTURE.draw(f, BLACK, View.BACK, 240, 300);
    BufferedImage blonde = PICTURE.draw(f, BLONDE, View.BACK, 240, 300);
    assertThat(light(black, 120, 110)).isLessThan(0.45 * light(blonde, 120, 110));
    BufferedImage front = PICTURE.draw(f, BLACK, View.FRONT, 240, 300);
    assertThat(light(front, 120, 195)).as("the chin").isGreaterThan(2 * light(black, 120, 110));
  }

  @Test
  void theSameFallIsTheSamePicture() {
    Fall f = fall(40);
    assertThat(PICTURE.png(f, BLACK, View.RIGHT, 120, 150))
        .isEqualTo(PICTURE.png(f, BLACK, View.RIGHT, 120, 150));
  }

  @Test
  void levelsRiseInLightness_andGreyIsLighter() {
    double before = -1;
    for (int level = 1; level <= 10; level++) {
      int now = light(HairPaint.mean(new HairColour(level, 0, 0)));
      assertThat((double) now).isGreaterThan(before);
      before = now;
    }
    assertThat(light(HairPaint.mean(new HairColour(3, 0, 0.6))))
        .isGreaterThan(light(HairPaint.mean(new HairColour(3, 0, 0))));
    assertThat(HairPaint.levels()).hasSize(10).allMatch(c -> c.matches("#[0-9a-f]{6}"));
  }
}
