package kitetail.plan;

import kitetail.cut.Cut;

/**
 * One move of a plan.
 *
 * @param section id of the section it cuts
 * @param purpose what it is for, in trade words; may be empty
 * @param watch what to watch while doing it; may be empty
 * @param stand where to stand
 */
public record Move(
    String id,
    String name,
    String section,
    Cut cut,
    Damp damp,
    Stand stand,
    String purpose,
    String watch,
    boolean askFirst) {
  /** The state the hair is cut in. */
  public enum Damp {
    WET,
    DAMP,
    DRY
  }

  /** From where the stylist works, and so the side the head is shown from. */
  public enum Stand {
    FRONT,
    LEFT,
    RIGHT,
    BACK
  }

  public Move {
    damp = damp == null ? Damp.DAMP : damp;
    stand = stand == null ? Stand.BACK : stand;
    purpose = purpose == null ? "" : purpose;
    watch = watch == null ? "" : watch;
  }
}
