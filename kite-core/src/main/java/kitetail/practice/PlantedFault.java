package kitetail.practice;

/** What can have gone wrong in a finished cut. */
public enum PlantedFault {
  /** Held lower and lower going up: too long there. */
  ELBOW_SANK,
  /** The guide crept: longer bite by bite. */
  GUIDE_CREPT,
  /** New hair was brought back to the old: longer bite by bite, and a corner. */
  OLD_TO_NEW,
  /** The whorl was cut as short as the rest and stands. */
  CUT_ON_WHORL,
  /** A corner was left. */
  CORNER_LEFT,
  /** One side is longer than the other. */
  ONE_SIDE_LONGER
}
