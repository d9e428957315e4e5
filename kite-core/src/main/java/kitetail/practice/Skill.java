package kitetail.practice;

/** What of a hand or an eye is learnt. */
public enum Skill {
  /** What is said of a length over what it is, as a share of it. */
  LENGTH_BY_EYE(0.15),
  /** How far from a landmark it is looked for, mm. */
  LANDMARK(8),
  /** How much farther off the skin a comb begins than meant, mm. */
  COMB_GAP(1),
  /** How much farther it leans off the head than meant, degrees. */
  COMB_LEAN(1.5),
  /** What a column of the comb leaves over what was meant, mm. */
  COMB_LENGTH(1.5),
  /** What a bite over the fingers leaves over what was meant, mm. */
  FINGER_LENGTH(1.5),
  /** How much higher a bite is held than meant, degrees. */
  ELEVATION(3),
  /** How much farther out the fingers lie than meant, degrees. */
  FINGERS(4),
  /** What a guide has crept by at the tenth bite, mm. */
  CREEP(2.5),
  /** How much longer a move takes than planned, as a share of that. */
  PACE(0.3);

  /** So many usual spreads and no more is a hand off; an assumption. */
  private static final double MOST_SPREADS = 6;

  private final double usual;

  Skill(double usual) {
    this.usual = usual;
  }

  /** The spread of usual hands, in the skill's own unit; assumptions. */
  public double usualSpread() {
    return usual;
  }

  /** What is off by more was meant otherwise, or went wrong: it is no habit of a hand. */
  public double most() {
    return MOST_SPREADS * usual;
  }
}
