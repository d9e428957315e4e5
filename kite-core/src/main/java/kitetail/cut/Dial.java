package kitetail.cut;

/** A number of a cut that may be turned: by a stylist, a planner, or an unsteady hand. */
public enum Dial {
  /** What the line leaves where it is set, mm; for a taper, what is left at its foot. */
  LENGTH,
  /** What a sloping line leaves at its far end, mm; for a taper, what is left at its top. */
  FAR_LENGTH,
  /** What is taken off the ends, mm. */
  OFF,
  FINGER_DEG,
  ELEVATION_DEG,
  /** How far off the skin the comb starts, mm. */
  GAP,
  /** How far the comb's track leans off the head, degrees. */
  LEAN_DEG,
  GUARD_NUMBER,
  /** Where a clipper leaves the head, mm. */
  ROCK_AT,
  /** How far an outline is moved up the head, mm. */
  RAISE;

  /**
   * What a hand can set it to: halves of a guard and of a millimetre over the comb, else wholes.
   */
  public double handStep() {
    return this == GAP || this == GUARD_NUMBER ? 0.5 : 1;
  }
}
