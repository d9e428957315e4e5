package kitetail.hair;

import kitetail.geom.Allowed;
import org.jspecify.annotations.Nullable;

/**
 * The colour of hair as stylists name it: a level from 1 (black) to 10 (lightest blonde), common
 * practice, and its tone.
 *
 * @param level 1 to 10
 * @param warmth −1 ash, 0 neutral, 1 copper
 * @param greyShare share of white hairs, 0 to 1
 * @param dyed what the lengths beyond the grown roots were coloured to; null for hair as it grows
 */
public record HairColour(double level, double warmth, double greyShare, @Nullable Dyed dyed) {
  /**
   * The colour of lengths that were coloured; what has grown since is as it grows.
   *
   * @param level 1 to 10
   * @param warmth −1 ash, 0 neutral, 1 copper
   * @param rootsMm how much has grown since, 0 to 300
   */
  public record Dyed(double level, double warmth, double rootsMm) {
    public Dyed {
      Allowed.within("level", level, 1, 10);
      Allowed.within("warmth", warmth, -1, 1);
      Allowed.within("rootsMm", rootsMm, 0, 300);
    }
  }

  /** What each level looks like is an assumption. */
  private static final int[] LEVELS = {
    0x17110e, 0x211813, 0x2e2018, 0x3f2b1e, 0x563a27, 0x704c31, 0x8d653e, 0xa98050, 0xc4a06d,
    0xdcc497
  };

  private static final int COPPER = 0x9a4a22;
  private static final int ASH = 0x6d6a68;
  private static final int WHITE = 0xe2dfd9;

  /** Medium brown; an assumption. */
  public static final HairColour USUAL = new HairColour(5, 0.15, 0);

  public HairColour {
    // Left out of a document, a level reads as 0.
    level = level == 0 ? 5 : level;
    Allowed.within("level", level, 1, 10);
    Allowed.within("warmth", warmth, -1, 1);
    Allowed.within("greyShare", greyShare, 0, 1);
  }

  /** Hair as it grows. */
  public HairColour(double level, double warmth, double greyShare) {
    this(level, warmth, greyShare, null);
  }

  public HairColour with(Dyed other) {
    return new HairColour(level, warmth, greyShare, other);
  }

  /** After so much more has grown. */
  public HairColour grown(double mm) {
    return dyed == null
        ? this
        : with(new Dyed(dyed.level, dyed.warmth, Math.min(300, dyed.rootsMm + mm)));
  }

  /** The lengths beyond the roots, as sRGB. */
  public int lengths() {
    return dyed == null ? mean() : pigmented(dyed.level, dyed.warmth);
  }

  /** A pigmented hair, as sRGB. */
  public int pigmented() {
    return pigmented(level, warmth);
  }

  private static int pigmented(double level, double warmth) {
    double at = level - 1;
    int low = (int) Math.min(LEVELS.length - 2, Math.floor(at));
    int base = Rgb.mix(LEVELS[low], LEVELS[low + 1], at - low);
    double tint = Math.min(1, at / 3);
    return warmth >= 0
        ? Rgb.mix(base, COPPER, 0.55 * warmth * tint)
        : Rgb.mix(base, ASH, -0.4 * warmth * tint);
  }

  /** One of the white hairs. */
  public int white() {
    return Rgb.mix(pigmented(), WHITE, 0.62);
  }

  /** All hairs together, as seen from afar. */
  public int mean() {
    return Rgb.mix(pigmented(), white(), greyShare);
  }

  /** Each level as sRGB, 1 first. */
  public static int[] levels() {
    return LEVELS.clone();
  }
}
