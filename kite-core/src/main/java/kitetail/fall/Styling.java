package kitetail.fall;

import io.soabase.recordbuilder.core.RecordBuilder;
import kitetail.head.Head;

/**
 * How the hair is worn: which way it was combed and dried, where it parts, what is in it.
 *
 * @param productShare weight of product over the weight of the hair, 0 to 1
 * @param hold how firmly it was set, 0 (let go) to 1 (stays where it was put)
 * @param wet as it falls while it is being cut
 * @param dried with what it was dried
 * @param hours since it was dried, 0 to 72
 * @param dampAir how damp the air has been since, 0 (dry) to 1 (mist and rain)
 */
@RecordBuilder
public record Styling(
    Way way,
    Part part,
    double productShare,
    double hold,
    boolean wet,
    Dried dried,
    double hours,
    double dampAir) {
  /** A side part lies at this share of the half breadth; an assumption. */
  private static final double PART_OUT = 0.5;

  /** A sweep without a part is combed over from the ridge. */
  private static final double RIDGE_OUT = 0.74;

  public static final Styling NATURAL = new Styling(Way.NATURAL, Part.NONE, 0, 0, false);

  /** With what hair is dried. */
  public enum Dried {
    AIR,
    CLOTH,
    NOZZLE,
    DIFFUSER,
    VENT_BRUSH,
    FLAT_BRUSH,
    ROUND_BRUSH,
    IRON
  }

  /** Which way the hair is combed. To a side: from the parting on the other. */
  public enum Way {
    NATURAL,
    BACK,
    FORWARD,
    LEFT,
    RIGHT,
    UP;

    Way mirrored() {
      return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
    }
  }

  /** Where it parts; left and right are the client's. */
  public enum Part {
    NONE,
    LEFT,
    CENTRE,
    RIGHT;

    Part mirrored() {
      return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
    }
  }

  public Styling {
    way = way == null ? Way.NATURAL : way;
    part = part == null ? Part.NONE : part;
    if (!(productShare >= 0 && productShare <= 1)) {
      throw new IllegalArgumentException("productShare must be 0 to 1, was " + productShare);
    }
    if (!(hold >= 0 && hold <= 1)) {
      throw new IllegalArgumentException("hold must be 0 to 1, was " + hold);
    }
    dried = dried == null ? Dried.AIR : dried;
    if (!(hours >= 0 && hours <= 72)) {
      throw new IllegalArgumentException("hours must be 0 to 72, was " + hours);
    }
    if (!(dampAir >= 0 && dampAir <= 1)) {
      throw new IllegalArgumentException("dampAir must be 0 to 1, was " + dampAir);
    }
  }

  /** Dried by the air, just now. */
  public Styling(Way way, Part part, double productShare, double hold, boolean wet) {
    this(way, part, productShare, hold, wet, Dried.AIR, 0, 0);
  }

  /** What it dried in, and how much of that it keeps. */
  public Setting setting() {
    return Setting.of(this);
  }

  boolean sidePart() {
    return part == Part.LEFT || part == Part.RIGHT;
  }

  public boolean parts() {
    return part != Part.NONE || way == Way.LEFT || way == Way.RIGHT;
  }

  /** How far to the client's right the hair parts, mm; 0 when it does not. */
  public double partX(Head head) {
    double half = head.measures().breadthMm() / 2;
    return switch (part) {
      case LEFT -> -PART_OUT * half;
      case RIGHT -> PART_OUT * half;
      case CENTRE -> 0;
      case NONE -> way == Way.LEFT ? RIDGE_OUT * half : way == Way.RIGHT ? -RIDGE_OUT * half : 0;
    };
  }

  /** The same combed another way, without a parting. */
  public Styling combed(Way other) {
    return StylingBuilder.builder(this).way(other).part(Part.NONE).build();
  }

  /** The same parted elsewhere. */
  public Styling parted(Part other) {
    return StylingBuilder.builder(this).part(other).build();
  }

  /** The same with other product in it, set so firmly. */
  public Styling with(double product, double firm) {
    return StylingBuilder.builder(this).productShare(product).hold(firm).build();
  }

  public Styling wet(boolean now) {
    return StylingBuilder.builder(this).wet(now).build();
  }

  public Styling dried(Dried with) {
    return StylingBuilder.builder(this).dried(with).build();
  }

  /** Some hours after it was dried. */
  public Styling later(double hours, double dampAir) {
    return StylingBuilder.builder(this).hours(hours).dampAir(dampAir).build();
  }

  /** What of it says which way the hair is combed. */
  Styling combing() {
    return new Styling(way, part, 0, hold, false);
  }

  /** The same with left and right changed over. */
  public Styling mirrored() {
    return StylingBuilder.builder(this).way(way.mirrored()).part(part.mirrored()).build();
  }
}
