package kitetail.formats.picture;

import java.util.ArrayList;
import java.util.List;

/**
 * Length as a map: bands between round lengths, each a step darker, from straw over sea green to
 * dusk blue. Lightness falls in even steps, so the order is read with any colour vision.
 */
public final class LengthRamp {
  /** Round lengths where one band ends and the next begins, mm; drawn and labelled as contours. */
  private static final double[] LEVELS_MM = {
    3, 6, 10, 15, 20, 30, 40, 50, 60, 80, 100, 130, 170, 220, 300
  };

  private static final double LIGHTEST = 0.94;
  private static final double DARKEST = 0.30;

  /**
   * Hair cut to a round length lies wholly in its band, whatever interpolation does to the last
   * digit.
   */
  private static final double NOISE_MM = 0.02;

  private LengthRamp() {}

  public static double[] levelsMm() {
    return LEVELS_MM.clone();
  }

  /** 0xRRGGBB for each band: below the first level, between each two, above the last. */
  public static int[] colours() {
    int n = LEVELS_MM.length + 1;
    int[] c = new int[n];
    for (int i = 0; i < n; i++) {
      double t = (double) i / (n - 1);
      c[i] =
          oklch(
              LIGHTEST + t * (DARKEST - LIGHTEST),
              0.07 + 0.05 * Math.sin(Math.PI * t),
              95 + 185 * t);
    }
    return c;
  }

  public static int band(double lengthMm) {
    int b = 0;
    while (b < LEVELS_MM.length && lengthMm + NOISE_MM >= LEVELS_MM[b]) {
      b++;
    }
    return b;
  }

  public static List<String> hex() {
    List<String> all = new ArrayList<>();
    for (int c : colours()) {
      all.add(String.format("#%06x", c));
    }
    return all;
  }

  /**
   * Ottosson, "A perceptual color space for image processing" (2020): OKLCH to sRGB; coefficients
   * from memory, checked in tests.
   */
  static int oklch(double l, double chroma, double hueDeg) {
    double a = chroma * Math.cos(Math.toRadians(hueDeg));
    double b = chroma * Math.sin(Math.toRadians(hueDeg));
    double p = Math.pow(l + 0.3963377774 * a + 0.2158037573 * b, 3);
    double q = Math.pow(l - 0.1055613458 * a - 0.0638541728 * b, 3);
    double r = Math.pow(l - 0.0894841775 * a - 1.2914855480 * b, 3);
    int red = channel(4.0767416621 * p - 3.3077115913 * q + 0.2309699292 * r);
    int green = channel(-1.2684380046 * p + 2.6097574011 * q - 0.3413193965 * r);
    int blue = channel(-0.0041960863 * p - 0.7034186147 * q + 1.7076147010 * r);
    return red << 16 | green << 8 | blue;
  }

  private static int channel(double linear) {
    double c = Math.max(0, Math.min(1, linear));
    double s = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
    return (int) Math.round(255 * s);
  }
}
