package kitetail.practice;

/** Why a try left what it left, in the trade's terms. */
public enum Cause {
  /** As it was meant. */
  NONE,
  /** Most of it was never cut. */
  LEFT_UNCUT,
  /** The comb began nearer to the skin than meant. */
  BEGAN_NEAR,
  /** It began farther off. */
  BEGAN_FAR,
  /** It leaned in to the head on the way up. */
  LEANED_IN,
  /** It leaned off the head more than meant. */
  LEANED_OUT,
  /** It dipped on the way: that hair is gone. */
  DIPPED,
  /** Columns side by side are not alike. */
  COLUMNS_APART,
  /** The same off everywhere: the eye's own centimetre. */
  EYE_LONG,
  EYE_SHORT,
  HELD_LOW,
  HELD_HIGH,
  FINGERS_IN,
  FINGERS_OUT,
  /** The fingers stopped nearer to the head than asked: that hair is gone. */
  CUT_SHORT,
  /** They stopped farther off. */
  CUT_LONG,
  /** Another guard than the one asked for. */
  OTHER_GUARD,
  /** Another guide than the one that gives the shape. */
  OTHER_GUIDE,
  /** Bites so wide that the guide crept. */
  BITES_WIDE,
  /** So narrow that it takes far longer than it has to. */
  TOO_MANY_BITES,
  /** Old and new were held together where length is lost or gained. */
  HELD_OVER,
  /** A band that shows between two guards. */
  BAND_SHOWS,
  /** Higher or lower on the head than asked. */
  OTHER_HEIGHT,
  /** A landmark lies elsewhere on this head. */
  LIES_ELSEWHERE,
  /** The wrong one was picked. */
  OTHER_ONE,
  /** The place was right and not its cause, or the other way round. */
  HALF_FOUND,
  /** A rule of the order is broken. */
  OUT_OF_ORDER,
  /** More hair went than had to, or what stood out still does. */
  DEARER_WAY
}
