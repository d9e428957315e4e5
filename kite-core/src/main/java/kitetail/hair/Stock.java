package kitetail.hair;

import java.util.Arrays;

/**
 * The hair that is there: at each root a short list of (share, length), longest first, whose shares
 * add up to 1. One length a root until something is texturised. Hair only gets shorter. Read only;
 * what changes it gives another.
 *
 * <p>Lengths in mm, dry and just pulled straight.
 */
public final class Stock {
  /** Lengths kept a root; beyond it the two that differ least are merged. */
  public static final int MOST = 6;

  /** No texture comes nearer to the skin, nor down past the middle of short hair; an assumption. */
  private static final double NEAREST_SKIN_MM = 10;

  /** Fewer hairs than this do not show as an end; an assumption. */
  public static final double SEEN_SHARE = 0.15;

  /** What stands out of a line by less is not cut again. */
  private static final double REACHES_MM = 0.01;

  private final double[] longest;

  /** Null while every root has one length; else {@link #MOST} a root. */
  private final double[] mm;

  private final double[] share;
  private final byte[] count;

  private Stock(double[] longest, double[] mm, double[] share, byte[] count) {
    this.longest = longest;
    this.mm = mm;
    this.share = share;
    this.count = count;
  }

  /**
   * @param lengthsMm one a root; kept, not copied
   */
  public static Stock of(double[] lengthsMm) {
    return new Stock(lengthsMm, null, null, null);
  }

  public int roots() {
    return longest.length;
  }

  /** The longest hair at each root; not to be written to. */
  public double[] longest() {
    return longest;
  }

  /** True when some root has more than one length. */
  public boolean texturised() {
    return mm != null;
  }

  public int lengths(int root) {
    return mm == null ? 1 : count[root];
  }

  public double lengthMm(int root, int k) {
    return mm == null ? longest[root] : mm[root * MOST + k];
  }

  public double share(int root, int k) {
    return mm == null ? 1 : share[root * MOST + k];
  }

  /** The mean length, and so what is there: share × length added up. */
  public double meanMm(int root) {
    double sum = 0;
    for (int k = 0; k < lengths(root); k++) {
      sum += share(root, k) * lengthMm(root, k);
    }
    return sum;
  }

  /** Where the ends seem to be: the length that enough of the hairs reach to be seen. */
  public double endMm(int root) {
    double reaching = 0;
    for (int k = 0; k < lengths(root); k++) {
      reaching += share(root, k);
      if (reaching >= SEEN_SHARE) {
        return lengthMm(root, k);
      }
    }
    return longest[root];
  }

  /** Where the ends seem to be at every root. */
  public double[] endsMm() {
    double[] out = new double[longest.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = endMm(i);
    }
    return out;
  }

  public double[] meansMm() {
    double[] out = new double[longest.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = meanMm(i);
    }
    return out;
  }

  /** All hair longer by as much; the shares stay. */
  public Stock grown(double byMm) {
    double[] l = longest.clone();
    for (int i = 0; i < l.length; i++) {
      l[i] += byMm;
    }
    if (mm == null) {
      return of(l);
    }
    double[] m = mm.clone();
    for (int i = 0; i < l.length; i++) {
      for (int k = 0; k < count[i]; k++) {
        m[i * MOST + k] += byMm;
      }
    }
    return new Stock(l, m, share, count);
  }

  /**
   * After a cut: no hair at {@code roots[k]} is longer than {@code mostMm[k] / ratio}.
   *
   * @param ratio length in the hand over length dry and straight
   */
  public Stock cut(int[] roots, double[] mostMm, double ratio) {
    double[] left = longest.clone();
    if (mm == null) {
      for (int k = 0; k < roots.length; k++) {
        left[roots[k]] = Math.min(left[roots[k]], mostMm[k] / ratio);
      }
      return of(left);
    }
    double[] m = mm.clone();
    double[] s = share.clone();
    byte[] c = count.clone();
    for (int k = 0; k < roots.length; k++) {
      int i = roots[k];
      double most = mostMm[k] / ratio;
      if (left[i] > most) {
        left[i] = most;
        int at = i * MOST;
        double together = 0;
        int longer = 0;
        while (longer < c[i] && m[at + longer] >= most) {
          together += s[at + longer++];
        }
        int shift = longer - 1;
        m[at] = most;
        s[at] = together;
        for (int j = longer; j < c[i]; j++) {
          m[at + j - shift] = m[at + j];
          s[at + j - shift] = s[at + j];
        }
        c[i] -= (byte) shift;
      }
    }
    return new Stock(left, m, s, c);
  }

  /**
   * After a cut whose ends do not all lie on its line: what the line would shorten ends as they
   * say, and so does what else reaches the deepest of them there.
   *
   * @param ratio length in the hand over length dry and straight
   */
  public Stock cut(int[] roots, double[] mostMm, double ratio, Ends ends) {
    if (ends.blunt()) {
      return cut(roots, mostMm, ratio);
    }
    Shares now = null;
    Layers layers = new Layers(ends.count());
    for (int k = 0; k < roots.length; k++) {
      int i = roots[k];
      if (longest[i] * ratio > mostMm[k] + REACHES_MM) {
        now = now == null ? new Shares(this) : now;
        layers.load(now.mm, now.share, i * MOST, now.count[i]);
        layers.end(mostMm[k], ratio, ends);
        layers.merge(MOST);
        now.count[i] = (byte) layers.store(now.mm, now.share, i * MOST);
      }
    }
    return now == null ? this : now.stock();
  }

  /**
   * After texturising: at each of the roots every pass takes {@code share} of the hairs back to one
   * of the cuts, evenly, as far as they are longer. In hair too short for it the cuts lie nearer
   * the ends, all by the same share.
   *
   * @param backMm how far from the ends the cuts lie, deepest first
   */
  public Stock texturised(int[] roots, double shareAPass, double[] backMm, int passes) {
    Shares now = new Shares(this);
    Layers layers = new Layers(backMm.length);
    for (int i : roots) {
      layers.load(now.mm, now.share, i * MOST, now.count[i]);
      double end = endMm(i);
      double[] back = within(backMm, end);
      for (int pass = 0; pass < passes; pass++) {
        layers.pass(end, shareAPass, back);
      }
      layers.merge(MOST);
      now.count[i] = (byte) layers.store(now.mm, now.share, i * MOST);
    }
    return now.stock();
  }

  /** As deep as a blade goes there: it is not used down at the roots (common practice). */
  private static double[] within(double[] backMm, double endMm) {
    double share = Math.max(endMm / 2, endMm - NEAREST_SKIN_MM) / backMm[0];
    if (share >= 1) {
      return backMm;
    }
    double[] out = backMm.clone();
    for (int b = 0; b < out.length; b++) {
      out[b] *= share;
    }
    return out;
  }

  /** All lengths of all roots, to be written to. */
  private static final class Shares {
    private final double[] mm;
    private final double[] share;
    private final byte[] count;

    Shares(Stock of) {
      int n = of.longest.length;
      if (of.mm != null) {
        mm = of.mm.clone();
        share = of.share.clone();
        count = of.count.clone();
        return;
      }
      mm = new double[n * MOST];
      share = new double[n * MOST];
      count = new byte[n];
      for (int i = 0; i < n; i++) {
        mm[i * MOST] = of.longest[i];
        share[i * MOST] = 1;
        count[i] = 1;
      }
    }

    Stock stock() {
      double[] left = new double[count.length];
      for (int i = 0; i < left.length; i++) {
        left[i] = mm[i * MOST];
      }
      return new Stock(left, mm, share, count);
    }
  }

  /** The lengths of one root while they are worked on. */
  private static final class Layers {
    private final double[] mm;
    private final double[] share;
    private final double[] taken;
    private int n;

    Layers(int cuts) {
      int room = MOST * (cuts + 1) + 1;
      mm = new double[room];
      share = new double[room];
      taken = new double[cuts];
    }

    void load(double[] m, double[] s, int at, int count) {
      n = count;
      System.arraycopy(m, at, mm, 0, n);
      System.arraycopy(s, at, share, 0, n);
    }

    int store(double[] m, double[] s, int at) {
      System.arraycopy(mm, 0, m, at, n);
      System.arraycopy(share, 0, s, at, n);
      return n;
    }

    /** A hair is touched once a pass: shares taken back do not meet the next cut. */
    void pass(double end, double p, double[] backMm) {
      int before = n;
      Arrays.fill(taken, 0);
      for (int k = 0; k < before; k++) {
        double untouched = share[k];
        for (int b = 0; b < backMm.length; b++) {
          if (mm[k] > end - backMm[b]) {
            double t = share[k] * p / backMm.length;
            taken[b] += t;
            untouched -= t;
          }
        }
        share[k] = untouched;
      }
      for (int b = 0; b < backMm.length; b++) {
        if (taken[b] > 0) {
          insert(end - backMm[b], taken[b]);
        }
      }
    }

    /** What reaches past where an end lies is shared out over the ends. */
    void end(double lineMm, double ratio, Ends ends) {
      int before = n;
      double[] had = Arrays.copyOf(mm, n);
      double[] of = Arrays.copyOf(share, n);
      n = 0;
      double deepest = (lineMm - ends.backMm(ends.count() - 1, lineMm)) / ratio;
      for (int k = 0; k < before; k++) {
        if (had[k] <= deepest) {
          insert(had[k], of[k]);
          continue;
        }
        for (int e = 0; e < ends.count(); e++) {
          double at = (lineMm - ends.backMm(e, lineMm)) / ratio;
          insert(Math.min(had[k], at), of[k] * ends.share(e));
        }
      }
    }

    private void insert(double length, double part) {
      int at = 0;
      while (at < n && mm[at] > length + 1e-9) {
        at++;
      }
      if (at < n && Math.abs(mm[at] - length) <= 1e-9) {
        share[at] += part;
        return;
      }
      if (n == mm.length) {
        merge(n - 1);
        insert(length, part);
        return;
      }
      System.arraycopy(mm, at, mm, at + 1, n - at);
      System.arraycopy(share, at, share, at + 1, n - at);
      mm[at] = length;
      share[at] = part;
      n++;
    }

    /**
     * Merges neighbours that differ least, weighed by their hairs, until so many are left. The
     * share and the total length stay; the longest is kept as it is.
     */
    void merge(int most) {
      while (n > most) {
        int best = 1;
        double least = Double.MAX_VALUE;
        for (int k = 1; k + 1 < n; k++) {
          double d = mm[k] - mm[k + 1];
          double cost = share[k] * share[k + 1] / (share[k] + share[k + 1]) * d * d;
          if (cost < least) {
            least = cost;
            best = k;
          }
        }
        double both = share[best] + share[best + 1];
        mm[best] = (share[best] * mm[best] + share[best + 1] * mm[best + 1]) / both;
        share[best] = both;
        System.arraycopy(mm, best + 2, mm, best + 1, n - best - 2);
        System.arraycopy(share, best + 2, share, best + 1, n - best - 2);
        n--;
      }
    }
  }

  @Override
  public boolean equals(Object o) {
    return o instanceof Stock s
        && Arrays.equals(longest, s.longest)
        && Arrays.equals(mm, s.mm)
        && Arrays.equals(share, s.share)
        && Arrays.equals(count, s.count);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(longest);
  }
}
