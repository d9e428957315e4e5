package kitetail.client;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * The answers to what stylists ask before a cut. Each may be null: not asked yet.
 *
 * @param leaveAlone places at which nothing is cut
 * @param worn all the ways the hair will be worn
 * @param howMuch the most that may come off anywhere
 * @param holdWeeks how long the cut should hold, 1 to 26
 */
@RecordBuilder
public record Wishes(
    List<Wish> points,
    @Nullable Set<Place> leaveAlone,
    @Nullable Ear ear,
    @Nullable Sideburn sideburn,
    @Nullable NapeEdge nape,
    @Nullable Fringe fringe,
    @Nullable HowMuch howMuch,
    @Nullable Parting parting,
    @Nullable Set<Worn> worn,
    @Nullable Upkeep upkeep,
    @Nullable Integer holdWeeks,
    @Nullable Decides decides,
    String note) {
  public static final Wishes NONE =
      new Wishes(null, null, null, null, null, null, null, null, null, null, null, null, null);

  private static final double FREE_MM = 4;
  private static final double SHORT_FRINGE_MM = 35;

  /** How much of the ear shows. */
  public enum Ear {
    FREE,
    TOUCHING,
    HALF,
    COVERED
  }

  /** How the sideburn ends. */
  public enum Sideburn {
    SHORT,
    MID_EAR,
    LONG,
    POINT,
    INTO_BEARD
  }

  /** How the nape is finished. */
  public enum NapeEdge {
    NATURAL,
    ROUNDED,
    SQUARE,
    TAPERED,
    TAIL
  }

  /** What hangs over the forehead. */
  public enum Fringe {
    NONE,
    SHORT,
    BROW,
    LONG,
    SIDE
  }

  /**
   * How much may come off: half an inch, two inches, or whatever the shape asks for. That a client
   * is asked is common practice; the amounts are assumptions.
   */
  public enum HowMuch {
    LITTLE(12.7),
    SOME(50.8),
    ALL(1500);

    private final double mostMm;

    HowMuch(double mostMm) {
      this.mostMm = mostMm;
    }

    /** The most that comes off anywhere, mm. */
    public double mostMm() {
      return mostMm;
    }
  }

  /** Where the hair parts. */
  public enum Parting {
    NONE,
    NATURAL,
    LEFT,
    CENTRE,
    RIGHT
  }

  /** A way the hair is worn. */
  public enum Worn {
    FORWARD,
    BACK,
    UP,
    SIDE,
    TUCKED
  }

  /** How much is done in the morning. */
  public enum Upkeep {
    NOTHING,
    HANDS,
    DRYER,
    PRODUCT_AND_DRYER
  }

  /** Who says when it is right. */
  public enum Decides {
    CLIENT,
    STYLIST,
    TOGETHER,
    GUARDIAN
  }

  public Wishes {
    points = points == null ? List.of() : List.copyOf(points);
    leaveAlone = sorted(leaveAlone);
    worn = sorted(worn);
    note = note == null ? "" : note;
    if (holdWeeks != null && !(holdWeeks >= 1 && holdWeeks <= 26)) {
      throw new IllegalArgumentException("holdWeeks must be 1 to 26, was " + holdWeeks);
    }
  }

  /** In one order, so that the same answers are written the same way. */
  private static <E extends Enum<E>> Set<E> sorted(Set<E> set) {
    return Collections.unmodifiableSet(set == null ? new TreeSet<>() : new TreeSet<>(set));
  }

  /**
   * What the answers on ear, nape and fringe come to at their places, as common practice has it;
   * the lengths are assumptions. Answers about form alone come to nothing.
   */
  public List<Wish> answered() {
    List<Wish> out = new ArrayList<>();
    if (ear != null) {
      for (Place p : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
        out.add(
            switch (ear) {
              case FREE -> new Wish(p, FREE_MM);
              case TOUCHING -> new Wish(p, Landing.EAR_TOP);
              case HALF -> new Wish(p, Landing.MID_EAR);
              case COVERED -> new Wish(p, Landing.EAR_LOBE);
            });
      }
    }
    if (nape == NapeEdge.TAPERED) {
      out.add(new Wish(Place.NAPE, FREE_MM));
    }
    if (fringe == Fringe.SHORT) {
      out.add(new Wish(Place.FRONT, SHORT_FRINGE_MM));
    } else if (fringe == Fringe.BROW) {
      out.add(new Wish(Place.FRONT, Landing.BROW));
    } else if (fringe == Fringe.LONG) {
      out.add(new Wish(Place.FRONT, Landing.NOSE_TIP));
    }
    return List.copyOf(out);
  }

  /** The most that may come off anywhere, mm. */
  public double mostOffMm() {
    return (howMuch == null ? HowMuch.ALL : howMuch).mostMm();
  }

  /** The same with left and right changed over. */
  public Wishes mirrored() {
    Set<Place> alone = new TreeSet<>();
    leaveAlone.forEach(p -> alone.add(p.mirrored()));
    Parting other =
        parting == Parting.LEFT ? Parting.RIGHT : parting == Parting.RIGHT ? Parting.LEFT : parting;
    return WishesBuilder.builder(this)
        .points(points.stream().map(Wish::mirrored).toList())
        .leaveAlone(alone)
        .parting(other)
        .build();
  }

  /** Wished lengths alone. */
  public static Wishes of(Wish... points) {
    return WishesBuilder.builder().points(List.of(points)).build();
  }
}
