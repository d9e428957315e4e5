package kitetail.fall;

import kitetail.head.Head;

/**
 * How the hair is worn: which way it was combed and set, where it parts, what is in it.
 *
 * @param productShare weight of product over the weight of the hair, 0 to 1
 * @param hold how firmly it was set, 0 (let go) to 1 (stays where it was put)
 * @param wet as it falls while it is being cut
 */
public record Styling(Way way, Part part, double productShare, double hold, boolean wet) {
  /** A side part lies at this share of the half breadth; an assumption. */
  private static final double PART_OUT = 0.5;

  public static final Styling NATURAL = new Styling(Way.NATURAL, Part.NONE, 0, 0, false);

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
  }

  public boolean parts() {
    return part != Part.NONE || way == Way.LEFT || way == Way.RIGHT;
  }

  /** How far to the client's right the hair parts, mm; 0 when it does not. */
  public double partX(Head head) {
    double out = PART_OUT * head.measures().breadthMm() / 2;
    return switch (part) {
      case LEFT -> -out;
      case RIGHT -> out;
      case CENTRE -> 0;
      case NONE -> way == Way.LEFT ? out : way == Way.RIGHT ? -out : 0;
    };
  }

  /** The same combed another way, without a parting. */
  public Styling combed(Way other) {
    return new Styling(other, Part.NONE, productShare, hold, wet);
  }

  public Styling wet(boolean now) {
    return new Styling(way, part, productShare, hold, now);
  }

  /** The same with left and right changed over. */
  public Styling mirrored() {
    return new Styling(way.mirrored(), part.mirrored(), productShare, hold, wet);
  }
}
