package kitetail.hair;

/** How the hair grows out of the head: its whorls, cowlicks and the lie of the nape. */
public record Growth(Whorl whorl, FrontCowlick front, Nape nape) {
  public static final Growth USUAL = new Growth(Whorl.RIGHT, FrontCowlick.NONE, Nape.DOWN);

  /** Which way the whorl at the crown turns, seen from above: right is clockwise. */
  public enum Whorl {
    RIGHT,
    LEFT,
    DOUBLE
  }

  /** A whorl at the front hairline. */
  public enum FrontCowlick {
    NONE,
    LEFT,
    CENTRE,
    RIGHT
  }

  /** How the nape grows: down, turned in and up at the corners, or all to one side. */
  public enum Nape {
    DOWN,
    SWIRL_LEFT,
    SWIRL_RIGHT,
    SWIRLS,
    ALL_LEFT,
    ALL_RIGHT,
    UP
  }

  /** As long hair shows it: the whorl alone; a comb takes it past cowlick and nape. */
  public Growth combed() {
    return new Growth(whorl, FrontCowlick.NONE, Nape.DOWN);
  }

  Growth mirrored() {
    Whorl w = whorl == Whorl.LEFT ? Whorl.RIGHT : whorl == Whorl.RIGHT ? Whorl.LEFT : whorl;
    FrontCowlick f =
        front == FrontCowlick.LEFT
            ? FrontCowlick.RIGHT
            : front == FrontCowlick.RIGHT ? FrontCowlick.LEFT : front;
    Nape n =
        switch (nape) {
          case SWIRL_LEFT -> Nape.SWIRL_RIGHT;
          case SWIRL_RIGHT -> Nape.SWIRL_LEFT;
          case ALL_LEFT -> Nape.ALL_RIGHT;
          case ALL_RIGHT -> Nape.ALL_LEFT;
          default -> nape;
        };
    return new Growth(w, f, n);
  }

  public Growth {
    whorl = whorl == null ? Whorl.RIGHT : whorl;
    front = front == null ? FrontCowlick.NONE : front;
    nape = nape == null ? Nape.DOWN : nape;
  }
}
