package kitetail.check;

import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;

/** The whole head, left against right, where neither parting nor plan means a difference. */
final class LeftRight implements Rule {
  private static final double LEAST_MM = 5;
  private static final double SHARE = 0.1;
  private static final int ROUND = 12;
  private static final int DOWN = 8;

  /** Fewer hairs tell nothing of a patch. */
  private static final int LEAST_ROOTS = 3;

  @Override
  public String id() {
    return "left-right";
  }

  @Override
  public void find(Evidence e, Found out) {
    Scalp s = e.scalp();
    Patch[] left = new Patch[ROUND * DOWN];
    Patch[] right = new Patch[ROUND * DOWN];
    for (int i = 0; i < s.sites(); i++) {
      double round = Math.abs(s.azimuthRad(i)) / Math.PI;
      int at =
          Math.min(ROUND - 1, (int) (ROUND * round)) * DOWN
              + Math.min(DOWN - 1, (int) (DOWN * s.shareOfWay(i)));
      Patch[] side = s.azimuthRad(i) < 0 ? left : right;
      side[at] = side[at] == null ? new Patch() : side[at];
      side[at].add(i, e.outcome().after().endMm(i));
    }
    int worst = -1;
    double most = 0;
    for (int k = 0; k < left.length; k++) {
      if (left[k] == null || right[k] == null || Math.min(left[k].n, right[k].n) < LEAST_ROOTS) {
        continue;
      }
      double l = left[k].meanMm();
      double r = right[k].meanMm();
      double off = Math.abs(l - r);
      if (off > Math.max(LEAST_MM, SHARE * Math.max(l, r)) && off > most) {
        most = off;
        worst = l > r ? left[k].root : right[k].root;
      }
    }
    if (worst >= 0) {
      Severity severity = e.plan().styling().parts() ? Severity.NOTE : Severity.WARN;
      out.add(severity, null, e.near(worst), most);
    }
  }

  /** A few hairs side by side. */
  private static final class Patch {
    private int n;
    private double sum;
    private int root;

    void add(int i, double mm) {
      n++;
      sum += mm;
      root = i;
    }

    double meanMm() {
      return sum / n;
    }
  }
}
