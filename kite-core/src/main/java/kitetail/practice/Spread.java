package kitetail.practice;

/** Mean and standard deviation of a few numbers. */
final class Spread {
  private Spread() {}

  static double mean(double[] v) {
    double sum = 0;
    for (double x : v) {
      sum += x;
    }
    return v.length == 0 ? 0 : sum / v.length;
  }

  /** About their mean, one less than their number in the divisor; 0 of fewer than two. */
  static double about(double[] v, double mean) {
    double sum = 0;
    for (double x : v) {
      sum += (x - mean) * (x - mean);
    }
    return v.length < 2 ? 0 : Math.sqrt(sum / (v.length - 1));
  }
}
