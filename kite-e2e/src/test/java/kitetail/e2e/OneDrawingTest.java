package kitetail.e2e;

import static kitetail.e2e.Steps.button;
import static kitetail.e2e.Steps.painted;
import static kitetail.e2e.Steps.still;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.function.IntPredicate;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Fallen hair in the browser and on a still is one drawing. */
class OneDrawingTest extends InTheShop {
  /** From the top of the hair so much of the head's width down: below that both fade out. */
  private static final double HIGH = 1.25;

  private static BufferedImage image(byte[] png) {
    try {
      return ImageIO.read(new ByteArrayInputStream(png));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** What is head or hair in a picture, scaled so that its widest part is 300 wide. */
  private record Shape(boolean[][] in) {
    static final int WIDE = 300;

    static Shape of(BufferedImage image, IntPredicate head) {
      int top = image.getHeight();
      int left = image.getWidth();
      int right = 0;
      for (int y = 0; y < image.getHeight() * 0.62; y++) {
        int wide = 0;
        for (int x = 0; x < image.getWidth(); x++) {
          if (head.test(image.getRGB(x, y))) {
            wide++;
            left = Math.min(left, x);
            right = Math.max(right, x);
          }
        }
        // A hair that stands up alone is no top of a head.
        top = wide > image.getHeight() / 20 ? Math.min(top, y) : top;
      }
      double scale = (right - left + 1.0) / WIDE;
      boolean[][] in = new boolean[(int) (WIDE * HIGH)][WIDE];
      for (int y = 0; y < in.length; y++) {
        for (int x = 0; x < WIDE; x++) {
          int px = (int) (left + (x + 0.5) * scale);
          int py = (int) (top + (y + 0.5) * scale);
          in[y][x] = py < image.getHeight() && head.test(image.getRGB(px, py));
        }
      }
      return new Shape(in);
    }

    /**
     * What is in both over what is in either, laid over each other as well as a pixel's shift can.
     */
    double overlap(Shape o) {
      double best = 0;
      for (int dx = -1; dx <= 1; dx++) {
        for (int dy = -1; dy <= 1; dy++) {
          best = Math.max(best, overlap(o, dx, dy));
        }
      }
      return best;
    }

    private double overlap(Shape o, int dx, int dy) {
      double both = 0;
      double either = 0;
      for (int y = 0; y < in.length; y++) {
        for (int x = 0; x < WIDE; x++) {
          int ox = x + dx;
          int oy = y + dy;
          if (ox < 0 || oy < 0 || ox >= WIDE || oy >= in.length) {
            continue;
          }
          boolean there = o.in[oy][ox];
          both += in[y][x] && there ? 1 : 0;
          either += in[y][x] || there ? 1 : 0;
        }
      }
      return both / either;
    }
  }

  private static boolean unlike(int a, int b) {
    return Math.abs((a >> 16 & 255) - (b >> 16 & 255))
            + Math.abs((a >> 8 & 255) - (b >> 8 & 255))
            + Math.abs((a & 255) - (b & 255))
        > 24;
  }

  @ParameterizedTest
  @ValueSource(strings = {"right", "back", "front"})
  void outlinesAgree(String view) {
    Page p = shop.signedIn("maud", "paper");
    p.navigate(shop.url("/plans/1"));
    painted(p);
    button(p, "As it falls").click();
    p.waitForFunction("() => performance.getEntriesByName('kite-fall-fine').length > 0");
    button(p, view).click();
    still(p, p.getByTestId("hair").locator("canvas"));
    p.evaluate(
        "() => document.querySelectorAll(\"section[aria-label='The head'] .z-10\")"
            + ".forEach(e => { e.style.visibility = 'hidden'; })");
    BufferedImage seen = image(p.getByTestId("hair").locator("canvas").screenshot());
    int ground = seen.getRGB(2, 2);
    BufferedImage still =
        image(
            p.request()
                .get(shop.url("/api/plans/1/picture.png?width=480&height=600&view=" + view))
                .body());
    Shape browser = Shape.of(seen, rgb -> unlike(rgb, ground));
    Shape drawn = Shape.of(still, rgb -> rgb >>> 24 > 128);
    assertThat(browser.overlap(drawn)).isGreaterThan(0.97);
  }
}
