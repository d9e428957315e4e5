package kitetail.practice;

import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * What is known of one habit of a hand: its bias and its spread, each with a range that holds it 19
 * times in 20. Student's t for the mean, chi squared for the spread, of errors taken as normal (any
 * textbook of statistics; from memory).
 *
 * @param n how often it was seen, at least {@value #LEAST}
 */
public record Estimate(
    int n,
    double mean,
    double meanLow,
    double meanHigh,
    double spread,
    double spreadLow,
    double spreadHigh) {
  /** Seen less often nothing is said. */
  public static final int LEAST = 4;

  private static final double SURE = 0.95;

  /** How many times a prior counts that says "as usual hands". */
  private static final double PRIOR = 8;

  /**
   * @throws IllegalArgumentException when there are fewer than {@value #LEAST}
   */
  public static Estimate of(List<Double> seen) {
    int n = seen.size();
    if (n < LEAST) {
      throw new IllegalArgumentException("at least " + LEAST + " must be seen, were " + n);
    }
    double[] v = seen.stream().mapToDouble(Double::doubleValue).toArray();
    double mean = Spread.mean(v);
    double spread = Spread.about(v, mean);
    double t = new TDistribution(n - 1).inverseCumulativeProbability((1 + SURE) / 2);
    double half = t * spread / Math.sqrt(n);
    ChiSquaredDistribution chi = new ChiSquaredDistribution(n - 1);
    double most = chi.inverseCumulativeProbability((1 + SURE) / 2);
    double least = chi.inverseCumulativeProbability((1 - SURE) / 2);
    double squares = (n - 1) * spread * spread;
    return new Estimate(
        n,
        mean,
        mean - half,
        mean + half,
        spread,
        Math.sqrt(squares / most),
        Math.sqrt(squares / least));
  }

  /** Its spread where it is used in place of a usual one: drawn to that while it is seldom seen. */
  public double spreadOver(double usual) {
    return Math.sqrt((PRIOR * usual * usual + n * spread * spread) / (PRIOR + n));
  }

  /** A bias where it is used in place of a usual one, drawn to that in the same way. */
  public double biasOver(double usual) {
    return (PRIOR * usual + n * mean) / (PRIOR + n);
  }
}
