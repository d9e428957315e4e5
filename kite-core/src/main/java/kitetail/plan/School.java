package kitetail.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
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

  /** A choice in one thing stylists differ in. */
  public sealed interface Choice {
    /** Which thing it is, as the plan document names it. */
    String about();

    /** A school with this choice made. */
    School in(School s);
  }

  /**
   * Outline first keeps the length safe; inside first lets the line fall where the shape puts it.
   */
  public enum Outline implements Choice {
    INSIDE_FIRST,
    OUTLINE_FIRST;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).outline(this).build();
    }

    @Override
    public String about() {
      return "outline";
    }
  }

  /** Top first unloads the comb; back first gives the guide everywhere. */
  public enum Begin implements Choice {
    SIDES,
    BACK,
    TOP;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).begin(this).build();
    }

    @Override
    public String about() {
      return "begin";
    }
  }

  /** Early it leads the shape; last and dry it shows its true length. */
  public enum Fringe implements Choice {
    FIRST,
    MIDDLE,
    LAST;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).fringe(this).build();
    }

    @Override
    public String about() {
      return "fringe";
    }
  }

  /** After drying the taper answers the finished top; before, it is quicker. */
  public enum Taper implements Choice {
    BEFORE_DRYING,
    AFTER_DRYING;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).taper(this).build();
    }

    @Override
    public String about() {
      return "taper";
    }
  }

  /** Attachments are quick and even; comb work has no bands to blend. A ladder is chosen by it. */
  public enum Work implements Choice {
    ATTACHMENTS,
    COMB;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).work(this).build();
    }

    @Override
    public String about() {
      return "work";
    }
  }

  /** Past the knuckle tension is lost, but a panel takes fewer bites. Lengths are assumptions. */
  public enum Knuckle implements Choice {
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

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).knuckle(this).build();
    }

    @Override
    public String about() {
      return "knuckle";
    }
  }

  /** Checking finds errors; small bites make few. */
  public enum Check implements Choice {
    EVERY_SECTION,
    SMALL_BITES;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).crossCheck(this).build();
    }

    @Override
    public String about() {
      return "crossCheck";
    }
  }

  /** Firm is even; without tension nothing springs up. */
  public enum Firmness implements Choice {
    FIRM,
    NONE;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).firmness(this).build();
    }

    @Override
    public String about() {
      return "firmness";
    }
  }

  /** In first, hair dries the way it is worn; bare, it shows what the cut alone does. */
  public enum Product implements Choice {
    FIRST,
    LAST;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).product(this).build();
    }

    @Override
    public String about() {
      return "product";
    }
  }

  /** Short it stands with the rest; long its own weight lays it down. */
  public enum Cowlick implements Choice {
    SHORT,
    LONG;

    @Override
    public School in(School s) {
      return SchoolBuilder.builder(s).cowlick(this).build();
    }

    @Override
    public String about() {
      return "cowlick";
    }
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
    return Stream.<Choice[]>of(
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
        .map(c -> new Way(c.about(), (Enum<?>) c, c.in(this)))
        .toList();
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
