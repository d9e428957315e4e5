package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.hair.Hair;
import kitetail.hair.Rgb;
import kitetail.head.Scalp;

/**
 * Skin showing through at the edge of a part of the outline.
 *
 * @param heightMm how high above the hairline skin shows
 * @param cover mean share of the skin hidden there
 * @param contrast how much the hair stands out from the skin, 0 to 1
 */
public record Skin(Side side, double heightMm, double cover, double contrast) {
  /** Less than this hidden, skin shows: below 3 to 4 mm on hair of usual density; an assumption. */
  private static final double SHOWS = 0.7;

  /** A contrast of hair and skin from which on every hair is seen; an assumption. */
  private static final double PLAIN_CONTRAST = 7;

  private static final double BAND_MM = 4;

  static List<Skin> all(Fall f) {
    List<Skin> out = new ArrayList<>();
    for (Side side : Side.values()) {
      Skin s = of(f, side);
      if (s.heightMm > 0) {
        out.add(s);
      }
    }
    return List.copyOf(out);
  }

  private static Skin of(Fall f, Side side) {
    Scalp s = f.ground().scalp();
    double[] cover = new double[24];
    double[] area = new double[cover.length];
    for (int i = 0; i < f.strands(); i++) {
      int band = (int) (s.aboveHairlineMm(i) / BAND_MM);
      if (band < cover.length && side.has(s, i)) {
        cover[band] += f.cover(i) * s.areaMm2(i);
        area[band] += s.areaMm2(i);
      }
    }
    int high = 0;
    double sum = 0;
    double all = 0;
    while (high < cover.length && area[high] > 0 && cover[high] / area[high] < SHOWS) {
      sum += cover[high];
      all += area[high];
      high++;
    }
    // The outermost band is thin on every head.
    return new Skin(
        side, high < 2 ? 0 : high * BAND_MM, all == 0 ? 1 : sum / all, contrast(f.hair()));
  }

  /** How far apart hair and skin are by their published luminance (WCAG 2). */
  private static double contrast(Hair h) {
    double c = Rgb.contrast(h.colour().mean(), h.skin().rgb());
    return Math.max(0.1, Math.min(1, Math.log(c) / Math.log(PLAIN_CONTRAST)));
  }
}
