package kitetail.formats.picture;

import java.util.Arrays;
import java.util.List;
import kitetail.hair.HairColour;

/** The colour a hair is drawn in. What each level looks like is an assumption. */
public final class HairPaint {
  private static final int[] LEVELS = {
    0x17110e, 0x211813, 0x2e2018, 0x3f2b1e, 0x563a27, 0x704c31, 0x8d653e, 0xa98050, 0xc4a06d,
    0xdcc497
  };
  private static final int COPPER = 0x9a4a22;
  private static final int ASH = 0x6d6a68;
  private static final int WHITE = 0xd6d3cd;

  private HairPaint() {}

  /**
   * @param draw 0 to 1, which decides whether this is one of the white hairs
   */
  static int of(HairColour c, double draw) {
    return draw < c.greyShare() ? HeadPicture.mix(pigmented(c), WHITE, 0.6) : pigmented(c);
  }

  /** Each level as #rrggbb, 1 first. */
  public static List<String> levels() {
    return Arrays.stream(LEVELS).mapToObj(c -> String.format("#%06x", c)).toList();
  }

  /** All hairs together, as seen from afar. */
  public static int mean(HairColour c) {
    return HeadPicture.mix(pigmented(c), WHITE, c.greyShare());
  }

  private static int pigmented(HairColour c) {
    double at = c.level() - 1;
    int low = (int) Math.min(LEVELS.length - 2, Math.floor(at));
    int base = HeadPicture.mix(LEVELS[low], LEVELS[low + 1], at - low);
    return c.warmth() >= 0
        ? HeadPicture.mix(base, COPPER, 0.55 * c.warmth() * Math.min(1, at / 3))
        : HeadPicture.mix(base, ASH, -0.4 * c.warmth() * Math.min(1, at / 3));
  }
}
