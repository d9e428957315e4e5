package kitetail.hair;

/**
 * The colour of hair as stylists name it: a level from 1 (black) to 10 (lightest blonde), common
 * practice, and its tone.
 *
 * @param level 1 to 10
 * @param warmth −1 ash, 0 neutral, 1 copper
 * @param greyShare share of white hairs, 0 to 1
 */
public record HairColour(double level, double warmth, double greyShare) {
  /** Medium brown; an assumption. */
  public static final HairColour USUAL = new HairColour(5, 0.15, 0);

  public HairColour {
    // Left out of a document, a level reads as 0.
    level = level == 0 ? 5 : level;
    HairPatch.range("level", level, 1, 10);
    HairPatch.range("warmth", warmth, -1, 1);
    HairPatch.range("greyShare", greyShare, 0, 1);
  }
}
