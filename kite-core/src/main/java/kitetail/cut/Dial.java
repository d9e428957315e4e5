package kitetail.cut;

/** A number of a cut that may be turned: by a stylist, a planner, or an unsteady hand. */
public enum Dial {
  /** What the line leaves where it is set; for a taper, what is left at its foot. */
  LENGTH(Unit.MM),
  /** What a sloping line leaves at its far end; for a taper, what is left at its top. */
  FAR_LENGTH(Unit.MM),
  /** What is taken off the ends. */
  OFF(Unit.MM),
  FINGER_DEG(Unit.DEGREES),
  ELEVATION_DEG(Unit.DEGREES),
  /** How far off the skin the comb starts. */
  GAP(Unit.MM),
  /** How far the comb's track leans off the head. */
  LEAN_DEG(Unit.DEGREES),
  GUARD_NUMBER(Unit.GUARD),
  /** Where a clipper leaves the head. */
  ROCK_AT(Unit.MM),
  /** How far an outline is moved up the head. */
  RAISE(Unit.MM);

  /** What a dial counts. */
  public enum Unit {
    MM,
    DEGREES,
    /** Eighths of an inch, as guards are numbered. */
    GUARD
  }

  private final Unit unit;

  Dial(Unit unit) {
    this.unit = unit;
  }

  public Unit unit() {
    return unit;
  }

  /**
   * What a hand can set it to: halves of a guard and of a millimetre over the comb, else wholes.
   */
  public double handStep() {
    return this == GAP || this == GUARD_NUMBER ? 0.5 : 1;
  }
}
