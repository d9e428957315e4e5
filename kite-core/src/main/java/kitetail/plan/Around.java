package kitetail.plan;

import kitetail.head.Scalp;

/** For each site those that grow about it. */
public final class Around {
  private final int[] from;
  private final int[] roots;

  private Around(int[] from, int[] roots) {
    this.from = from;
    this.roots = roots;
  }

  /** What grows about each site of a scalp, as far as a ledge is told. */
  public static Around of(Scalp s) {
    return of(s, Ledge.REACH_MM);
  }

  static Around of(Scalp s, double reachMm) {
    int[] pairs = Neighbours.within(s, reachMm).pairs();
    int[] from = new int[s.sites() + 1];
    for (int i : pairs) {
      from[i + 1]++;
    }
    for (int i = 0; i < s.sites(); i++) {
      from[i + 1] += from[i];
    }
    int[] next = from.clone();
    int[] roots = new int[pairs.length];
    for (int k = 0; k < pairs.length; k += 2) {
      roots[next[pairs[k]]++] = pairs[k + 1];
      roots[next[pairs[k + 1]]++] = pairs[k];
    }
    return new Around(from, roots);
  }

  /** Where those of a site begin; they end where the next site's begin. */
  public int from(int site) {
    return from[site];
  }

  public int root(int k) {
    return roots[k];
  }
}
