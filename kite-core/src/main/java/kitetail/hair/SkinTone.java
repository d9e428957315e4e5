package kitetail.hair;

import kitetail.geom.Allowed;

/**
 * The skin as a stylist sees it beside the hair: how deep it is and its undertone. The depths are
 * those of the published Monk Skin Tone scale (Ellis Monk, 2022; ten sRGB colours, CC BY 4.0, from
 * memory), between which colours are mixed; how an undertone turns them is an assumption.
 *
 * @param depth 1 (lightest) to 10 (deepest)
 * @param undertone −1 cool and rosy, 0 neutral, 1 warm and golden
 */
public record SkinTone(double depth, double undertone) {
  private static final int[] DEPTHS = {
    0xf6ede4, 0xf3e7db, 0xf7ead0, 0xeadaba, 0xd7bd96, 0xa07e56, 0x825c43, 0x604134, 0x3a312a,
    0x292420
  };
  private static final int ROSY = 0xd98f7c;
  private static final int GOLDEN = 0xd9a04a;
  private static final double TURNS = 0.30;

  /** An assumption. */
  public static final SkinTone USUAL = new SkinTone(4.5, -0.7);

  public SkinTone {
    // Left out of a document, a depth reads as 0.
    depth = depth == 0 ? 4.5 : depth;
    Allowed.within("depth", depth, 1, 10);
    Allowed.within("undertone", undertone, -1, 1);
  }

  /** As sRGB, 0xrrggbb. */
  public int rgb() {
    double at = depth - 1;
    int low = (int) Math.min(DEPTHS.length - 2, Math.floor(at));
    int base = Rgb.mix(DEPTHS[low], DEPTHS[low + 1], at - low);
    // Deep skin takes less of a tint than it shows.
    double share = TURNS * Math.abs(undertone) * (1 - 0.05 * at);
    double light = Rgb.luminance(base);
    int tint = undertone < 0 ? ROSY : GOLDEN;
    return Rgb.mix(base, Rgb.scaled(tint, 0.45 + 0.75 * Math.sqrt(light)), share);
  }
}
