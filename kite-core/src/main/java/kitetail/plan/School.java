package kitetail.plan;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Fingers;

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
    Outline outline,
    Begin begin,
    Fringe fringe,
    Taper taper,
    Work work,
    Knuckle knuckle,
    Check crossCheck,
    Firmness firmness,
    Product product,
    Cowlick cowlick,
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
    List<Way> out = new ArrayList<>();
    for (Outline x : Outline.values()) {
      School s =
          new School(
              x,
              begin,
              fringe,
              taper,
              work,
              knuckle,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("outline", x, s));
    }
    for (Begin x : Begin.values()) {
      School s =
          new School(
              outline,
              x,
              fringe,
              taper,
              work,
              knuckle,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("begin", x, s));
    }
    for (Fringe x : Fringe.values()) {
      School s =
          new School(
              outline,
              begin,
              x,
              taper,
              work,
              knuckle,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("fringe", x, s));
    }
    for (Taper x : Taper.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              x,
              work,
              knuckle,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("taper", x, s));
    }
    for (Work x : Work.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              taper,
              x,
              knuckle,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("work", x, s));
    }
    for (Knuckle x : Knuckle.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              taper,
              work,
              x,
              crossCheck,
              firmness,
              product,
              cowlick,
              biteMm);
      out.add(new Way("knuckle", x, s));
    }
    for (Check x : Check.values()) {
      School s =
          new School(
              outline, begin, fringe, taper, work, knuckle, x, firmness, product, cowlick, biteMm);
      out.add(new Way("crossCheck", x, s));
    }
    for (Firmness x : Firmness.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              taper,
              work,
              knuckle,
              crossCheck,
              x,
              product,
              cowlick,
              biteMm);
      out.add(new Way("firmness", x, s));
    }
    for (Product x : Product.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              taper,
              work,
              knuckle,
              crossCheck,
              firmness,
              x,
              cowlick,
              biteMm);
      out.add(new Way("product", x, s));
    }
    for (Cowlick x : Cowlick.values()) {
      School s =
          new School(
              outline,
              begin,
              fringe,
              taper,
              work,
              knuckle,
              crossCheck,
              firmness,
              product,
              x,
              biteMm);
      out.add(new Way("cowlick", x, s));
    }
    return List.copyOf(out);
  }

  /** Usable length of a line over this stylist's fingers. */
  double handMm() {
    return knuckle == null ? Fingers.HAND_MM : knuckle.handMm;
  }

  public School {
    if (biteMm != 0 && !(biteMm >= 3 && biteMm <= 60)) {
      throw new IllegalArgumentException("biteMm must be 3 to 60, was " + biteMm);
    }
  }
}
