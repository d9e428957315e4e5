package kitetail.hair;

/** Colours as 0xrrggbb in sRGB. */
public final class Rgb {
  private Rgb() {}

  public static int mix(int a, int b, double share) {
    int out = 0;
    for (int s = 0; s <= 16; s += 8) {
      out |= (int) Math.round((a >> s & 255) * (1 - share) + (b >> s & 255) * share) << s;
    }
    return out;
  }

  public static int scaled(int c, double k) {
    int out = 0;
    for (int s = 0; s <= 16; s += 8) {
      out |= (int) Math.max(0, Math.min(255, Math.round((c >> s & 255) * k))) << s;
    }
    return out;
  }

  /** Relative luminance as WCAG 2 defines it, 0 to 1. */
  public static double luminance(int c) {
    return 0.2126 * linear(c >> 16) + 0.7152 * linear(c >> 8) + 0.0722 * linear(c);
  }

  /** Contrast of two colours as WCAG 2 defines it, 1 to 21. */
  public static double contrast(int a, int b) {
    double la = luminance(a) + 0.05;
    double lb = luminance(b) + 0.05;
    return Math.max(la, lb) / Math.min(la, lb);
  }

  /** An sRGB channel, its lowest eight bits, as linear light, 0 to 1. */
  public static double linear(int channel) {
    double c = (channel & 255) / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }
}
