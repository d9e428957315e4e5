package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The same head in every light: what light does to tones, never to shapes. */
class LightsTest {
  private static final Map<Light, BufferedImage> SEEN = new EnumMap<>(Light.class);

  @BeforeAll
  static void draw() {
    Scalp scalp = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1200);
    double[] lengths = new double[scalp.roots()];
    Arrays.fill(lengths, 60);
    Fall fall = Fall.of(Ground.of(scalp), Hair.DEFAULT, Stock.of(lengths), Styling.NATURAL);
    HairPicture picture = new HairPicture(scalp);
    for (Light l : Light.values()) {
      SEEN.put(l, picture.draw(fall, View.FRONT, 240, 300, l));
    }
  }

  private static double lightness(int argb) {
    return 0.2126 * (argb >> 16 & 255) + 0.7152 * (argb >> 8 & 255) + 0.0722 * (argb & 255);
  }

  /** Mean lightness of the left or the right half of the head. */
  private static double half(Light l, boolean left) {
    BufferedImage i = SEEN.get(l);
    double sum = 0;
    int n = 0;
    for (int y = 60; y < 200; y++) {
      for (int x = left ? 50 : 130; x < (left ? 110 : 190); x++) {
        if (i.getRGB(x, y) >>> 24 > 200) {
          sum += lightness(i.getRGB(x, y));
          n++;
        }
      }
    }
    return sum / n;
  }

  private static double mean(Light l) {
    return (half(l, true) + half(l, false)) / 2;
  }

  @Test
  void noLight_changesWhatIsThere() {
    BufferedImage day = SEEN.get(Light.DAY);
    for (BufferedImage other : SEEN.values()) {
      for (int y = 0; y < 300; y++) {
        for (int x = 0; x < 240; x++) {
          assertThat(other.getRGB(x, y) >>> 24).isEqualTo(day.getRGB(x, y) >>> 24);
        }
      }
    }
  }

  /** Common practice: the sun comes from a side, a photograph's flash from the eye. */
  @Test
  void theSunModels_aPhotographIsFlat() {
    double sun = half(Light.SUN, true) / half(Light.SUN, false);
    double photo = half(Light.PHOTO, true) / half(Light.PHOTO, false);
    assertThat(sun).isGreaterThan(1.15);
    assertThat(photo).isBetween(0.95, 1.05);
  }

  /** Common practice: a lamp's light is warm, daylight is not. */
  @Test
  void theLampIsWarm() {
    assertThat(warmth(Light.LAMP)).isGreaterThan(1.12 * warmth(Light.DAY));
  }

  private static double warmth(Light l) {
    BufferedImage i = SEEN.get(l);
    double red = 0;
    double blue = 0;
    for (int y = 60; y < 200; y++) {
      for (int x = 60; x < 180; x++) {
        red += i.getRGB(x, y) >> 16 & 255;
        blue += i.getRGB(x, y) & 255;
      }
    }
    return red / blue;
  }

  @Test
  void noLight_isSoDarkOrBrightThatACutCannotBeJudged() {
    for (Light l : Light.values()) {
      assertThat(mean(l) / mean(Light.DAY)).as(l.name()).isBetween(0.75, 1.35);
    }
  }
}
