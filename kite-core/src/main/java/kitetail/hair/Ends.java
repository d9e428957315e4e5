package kitetail.hair;

import java.util.Arrays;

/**
 * How the hairs that reach a line end when they are cut there: so many of them so far short of it.
 * Shares add up to one; the first ends on the line itself, so that no length is lost.
 */
public final class Ends {
  /** All on the line. */
  public static final Ends BLUNT = new Ends(new double[] {1}, new double[] {0});

  /** No end is set back by more than this share of the length; an assumption. */
  private static final double DEEPEST_SHARE = 0.65;

  private final double[] share;
  private final double[] backMm;

  private Ends(double[] share, double[] backMm) {
    this.share = share;
    this.backMm = backMm;
  }

  /**
   * @param shares adding up to 1
   * @param backMm how far short of the line each ends, rising from 0
   */
  public static Ends of(double[] shares, double[] backMm) {
    double sum = Arrays.stream(shares).sum();
    if (shares.length != backMm.length || backMm[0] != 0 || Math.abs(sum - 1) > 1e-12) {
      throw new IllegalArgumentException("shares must add up to 1 and begin on the line");
    }
    for (int k = 0; k < shares.length; k++) {
      if (!(shares[k] > 0) || k > 0 && !(backMm[k] > backMm[k - 1])) {
        throw new IllegalArgumentException("ends must lie one behind the other");
      }
    }
    return new Ends(shares.clone(), backMm.clone());
  }

  /** Evenly from the line to so far short of it, in so many steps. */
  public static Ends even(double deepestMm, int steps) {
    double[] shares = new double[steps];
    double[] back = new double[steps];
    for (int k = 0; k < steps; k++) {
      shares[k] = 1.0 / steps;
      back[k] = deepestMm * k / (steps - 1);
    }
    return new Ends(shares, back);
  }

  public boolean blunt() {
    return share.length == 1;
  }

  public int count() {
    return share.length;
  }

  public double share(int k) {
    return share[k];
  }

  /** How far short of a line that leaves so much a hair of the kth share ends, mm. */
  public double backMm(int k, double lineMm) {
    double deepest = backMm[backMm.length - 1];
    return backMm[k] * Math.min(1, DEEPEST_SHARE * lineMm / Math.max(1e-9, deepest));
  }

  /** The mean of what they are set back, mm: what the blade takes beside the line. */
  public double meanBackMm(double lineMm) {
    double sum = 0;
    for (int k = 0; k < share.length; k++) {
      sum += share[k] * backMm(k, lineMm);
    }
    return sum;
  }
}
