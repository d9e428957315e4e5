package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import kitetail.cut.Blade;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;

/** Common practice: one sees with what an outline was cut. */
class EndsPictureTest {
  private static final Scalp SCALP =
      Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), Fall.STRANDS);
  private static final int WIDTH = 320;
  private static final int HEIGHT = 400;

  /** A level line at the height of the jaw, from behind. */
  private static BufferedImage line(Blade blade) {
    int n = SCALP.roots();
    double[] long400 = new double[n];
    double[] most = new double[n];
    int[] all = new int[n];
    Arrays.fill(long400, 400);
    for (int i = 0; i < n; i++) {
      all[i] = i;
      most[i] = Math.max(60, 0.75 * SCALP.pointMm(i).z() + 112);
    }
    Stock stock = Stock.of(long400).cut(all, most, 1, blade.ends());
    Fall f = Fall.of(Ground.of(SCALP), Hair.DEFAULT, stock, Styling.NATURAL);
    return new HairPicture(SCALP).draw(f, View.BACK, WIDTH, HEIGHT);
  }

  /**
   * How soft the line is: how far apart, column by column, hair gives way to the neck, as the mean
   * step from each column to the next, pixels.
   */
  private static double rough(Blade blade) {
    BufferedImage image = line(blade);
    double sum = 0;
    int n = 0;
    int last = -1;
    for (int x = 125; x < 195; x++) {
      int end = lowestHair(image, x);
      sum += last < 0 ? 0 : Math.abs(end - last);
      n += last < 0 ? 0 : 1;
      last = end;
    }
    return sum / n;
  }

  private static int lowestHair(BufferedImage image, int x) {
    for (int y = HEIGHT - 1; y > 0; y--) {
      int argb = image.getRGB(x, y);
      int light = (argb >> 16 & 255) + (argb >> 8 & 255) + (argb & 255);
      if (argb >>> 24 > 200 && light < 330) {
        return y;
      }
    }
    return 0;
  }

  @Test
  void anOutlineShows_withWhatItWasCut() {
    double blunt = rough(Blade.BLUNT);
    for (Blade soft :
        new Blade[] {Blade.POINTS_DEEP, Blade.RAZOR_BROAD, Blade.WIDE_TOOTHED, Blade.TORN_DRY}) {
      assertThat(rough(soft)).as("%s beside %s", soft, blunt).isGreaterThan(1.3 * blunt);
    }
  }
}
