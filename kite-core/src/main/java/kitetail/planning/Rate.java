package kitetail.planning;

import kitetail.hair.Hair;

/**
 * How fast hair grows, with its spread. Loussouarn and others (2001, 2005), from memory: means of
 * groups 0.26 to 0.41 mm a day, standard deviation within a group about 0.055; single people 0.2 to
 * 0.5.
 *
 * @param mmPerWeek this client's
 * @param slowMmPerWeek so slow are one in ten
 * @param fastMmPerWeek so fast are one in ten
 */
public record Rate(double mmPerWeek, double slowMmPerWeek, double fastMmPerWeek) {
  private static final double DEVIATION_MM_PER_DAY = 0.055;

  /** Of a normal distribution: nine in ten lie below it. */
  private static final double NINE_IN_TEN = 1.2816;

  private static final double SLOWEST_MM_PER_DAY = 0.1;

  public static Rate of(Hair hair) {
    double day = hair.growthMmPerDay();
    double off = NINE_IN_TEN * DEVIATION_MM_PER_DAY;
    return new Rate(7 * day, 7 * Math.max(SLOWEST_MM_PER_DAY, day - off), 7 * (day + off));
  }

  /** Weeks in which so much grows. */
  public Weeks weeksFor(double mm) {
    double m = Math.max(0, mm);
    return new Weeks(m / fastMmPerWeek, m / mmPerWeek, m / slowMmPerWeek);
  }
}
