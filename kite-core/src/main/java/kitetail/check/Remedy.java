package kitetail.check;

import java.util.Optional;
import kitetail.head.Place;
import kitetail.plan.Plan;

/** What answers a finding, as its words advise. */
public sealed interface Remedy {
  /**
   * The plan worked otherwise: another tool, hold, dose, dampness or order. Lengths stay what the
   * wishes make them, so a planner may do it unasked.
   */
  record Worked(Plan plan) implements Remedy {}

  /** The hair of a place brought to a length as near to one as there is. */
  static Optional<Remedy> at(Place place, double mm) {
    return Optional.of(new LengthAt(place, Math.max(0, mm)));
  }

  /** A guide set otherwise, so that less or more is left. */
  record Recut(Plan plan) implements Remedy {}

  /**
   * The hair of a place brought to a length.
   *
   * @param mm dry, at least 0
   */
  record LengthAt(Place place, double mm) implements Remedy {
    public LengthAt {
      if (!(mm >= 0)) {
        throw new IllegalArgumentException("mm must be at least 0, was " + mm);
      }
    }
  }

  /**
   * A guard over a move's section before it.
   *
   * @param move id
   * @param leavesMm at least so much
   */
  record GuardFirst(String move, double leavesMm) implements Remedy {}
}
