package kitetail.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** How long something took, of many times. */
record Ms(int times, double median, double p95) {
  private static final double SHARE = 0.95;

  /**
   * @param each one of them at least, ms, in any order
   */
  static Ms of(List<Double> each) {
    List<Double> sorted = new ArrayList<>(each);
    Collections.sort(sorted);
    int n = sorted.size();
    return new Ms(n, sorted.get(n / 2), sorted.get((int) Math.ceil(n * SHARE) - 1));
  }

  /** A line of its own. */
  static void print(String what, List<Double> each) {
    Ms ms = of(each);
    System.out.printf(Locale.ROOT, "%s, %d times: %s%n", what, ms.times(), ms.words(""));
  }

  /** The same, held against another time measured in the same run. */
  static void print(String what, List<Double> each, double reference) {
    Ms ms = of(each);
    String times = String.format(Locale.ROOT, " (%.1f × reference)", ms.median() / reference);
    System.out.printf(Locale.ROOT, "%s, %d times: %s%n", what, ms.times(), ms.words(times));
  }

  private String words(String ofMedian) {
    return String.format(
        Locale.ROOT, "median %.0f ms%s, 95th percentile %.0f ms", median, ofMedian, p95);
  }
}
