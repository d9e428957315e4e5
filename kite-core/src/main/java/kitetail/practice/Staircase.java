package kitetail.practice;

/**
 * How hard the next try is: harder by a quarter of a step after one that was good, easier by a
 * whole one after one that was not, so that it settles where four in five are good (the weighted up
 * and down method, Kaernbach, "Simple adaptive testing with the weighted up-down method", 1991;
 * from memory).
 */
public final class Staircase {
  private static final double DOWN = 0.6;
  private static final double WISHED = 0.8;

  private Staircase() {}

  /** Where everybody begins. */
  public static final double FIRST = 1;

  /**
   * @param level 1 to {@link Drill#LEVELS}, with fractions
   */
  public static double next(double level, boolean good) {
    double to = good ? level + DOWN * (1 - WISHED) / WISHED : level - DOWN;
    return Math.max(1, Math.min(Drill.LEVELS, to));
  }

  /**
   * The same after a try at a level of its own, as a course or a wish asks for it: good where it is
   * harder is good here, not good where it is easier is not good here, and the rest tells nothing.
   */
  public static double next(double level, int triedAt, boolean good) {
    int due = whole(level);
    if (good) {
      return triedAt < due ? level : next(Math.max(level, triedAt), true);
    }
    return triedAt > due ? level : next(level, false);
  }

  /** The level a drill is made at. */
  public static int whole(double level) {
    return (int) Math.max(1, Math.min(Drill.LEVELS, Math.floor(level + 1e-9)));
  }
}
