package kitetail.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import kitetail.cut.Fingers;
import org.jspecify.annotations.Nullable;

/**
 * A stylist's own way where stylists differ. Each may be null: no preference, and no rule from it.
 *
 * @param outline inside first or outline first
 * @param begin which part is cut first
 * @param fringe first, in the middle, or last and dry
 * @param taper set before or after the top is dried
 * @param work attachments or comb work where either would do
 * @param knuckle how far along the fingers is cut
 * @param crossCheck cross-check every section, or rely on small bites
 * @param firmness hair held firmly over the fingers, or rested without tension
 * @param product worked in before the hair is dried, or into the dry, bare hair
 * @param cowlick where hair springs up: short enough to stand, or left long enough to lie
 * @param biteMm the bite this stylist takes where a family leaves it open; 0 for none, else 3 to 60
 */
public record School(
    @Nullable Outline outline,
    @Nullable Begin begin,
    @Nullable Fringe fringe,
    @Nullable Taper taper,
    @Nullable Work work,
    @Nullable Knuckle knuckle,
    @Nullable Check crossCheck,
    @Nullable Firmness firmness,
    @Nullable Product product,
    @Nullable Cowlick cowlick,
    double biteMm) {
  public static final School NONE =
      new School(null, null, null, null, null, null, null, null, null, null, 0);

  /**
   * Outline first keeps the length safe; inside first lets the line fall where the shape puts it.
   */
  public enum Outline {
    INSIDE_FIRST,
    OUTLINE_FIRST
  }

  /** Top first unloads the comb; back first gives the guide everywhere. */
  public enum Begin {
    SIDES,
    BACK,
    TOP
  }

  /** Early it leads the shape; last and dry it shows its true length. */
  public enum Fringe {
    FIRST,
    MIDDLE,
    LAST
  }

  /** After drying the taper answers the finished top; before, it is quicker. */
  public enum Taper {
    BEFORE_DRYING,
    AFTER_DRYING
  }

  /** Attachments are quick and even; comb work has no bands to blend. A ladder is chosen by it. */
  public enum Work {
    ATTACHMENTS,
    COMB
  }

  /** Past the knuckle tension is lost, but a panel takes fewer bites. Lengths are assumptions. */
  public enum Knuckle {
    FIRST(40),
    SECOND(Fingers.HAND_MM),
    PAST(85);

    private final double handMm;

    Knuckle(double handMm) {
      this.handMm = handMm;
    }

    /** Usable length of a line over the fingers. */
    public double handMm() {
      return handMm;
    }
  }

  /** Checking finds errors; small bites make few. */
  public enum Check {
    EVERY_SECTION,
    SMALL_BITES
  }

  /** Firm is even; without tension nothing springs up. */
  public enum Firmness {
    FIRM,
    NONE
  }

  /** In first, hair dries the way it is worn; bare, it shows what the cut alone does. */
  public enum Product {
    FIRST,
    LAST
  }

  /** Short it stands with the rest; long its own weight lays it down. */
  public enum Cowlick {
    SHORT,
    LONG
  }

  /**
   * One choice in one thing stylists differ in.
   *
   * @param about which of them, as the plan document names it
   * @param choice as it is named there, in capitals
   * @param school this stylist's with that choice
   */
  public record Way(String about, Enum<?> choice, School school) {}

  /** Every choice there is, each laid over this school. */
  public List<Way> ways() {
    return Stream.<Enum<?>[]>of(
            Outline.values(),
            Begin.values(),
            Fringe.values(),
            Taper.values(),
            Work.values(),
            Knuckle.values(),
            Check.values(),
            Firmness.values(),
            Product.values(),
            Cowlick.values())
        .flatMap(Arrays::stream)
        .map(c -> new Way(about(c), c, with(c)))
        .toList();
  }

  private static String about(Enum<?> choice) {
    String kind = choice.getDeclaringClass().getSimpleName();
    return choice instanceof Check
        ? "crossCheck"
        : Character.toLowerCase(kind.charAt(0)) + kind.substring(1);
  }

  /** The same with one choice made. */
  private School with(Enum<?> c) {
    return new School(
        c instanceof Outline x ? x : outline,
        c instanceof Begin x ? x : begin,
        c instanceof Fringe x ? x : fringe,
        c instanceof Taper x ? x : taper,
        c instanceof Work x ? x : work,
        c instanceof Knuckle x ? x : knuckle,
        c instanceof Check x ? x : crossCheck,
        c instanceof Firmness x ? x : firmness,
        c instanceof Product x ? x : product,
        c instanceof Cowlick x ? x : cowlick,
        biteMm);
  }

  /** Usable length of a line over this stylist's fingers. */
  public double handMm() {
    return knuckle == null ? Fingers.HAND_MM : knuckle.handMm;
  }

  public School {
    if (biteMm != 0 && !(biteMm >= 3 && biteMm <= 60)) {
      throw new IllegalArgumentException("biteMm must be 3 to 60, was " + biteMm);
    }
  }
}
