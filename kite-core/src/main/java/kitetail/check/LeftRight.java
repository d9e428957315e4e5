package kitetail.check;

import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** The whole head, left against right, where neither parting nor plan means a difference. */
final class LeftRight implements Rule {
  private static final double LEAST_MM = 5;
  private static final double SHARE = 0.1;

  /** Along an edge single hairs find another across it; a difference is one of most of a patch. */
  private static final double MOST_OF = 0.6;

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
    Patch[] all = new Patch[ROUND * DOWN];
    for (int i = 0; i < s.sites(); i++) {
      double round = -s.azimuthRad(i) / Math.PI;
      if (round < 0) {
        continue;
      }
      int at =
          Math.min(ROUND - 1, (int) (ROUND * round)) * DOWN
              + Math.min(DOWN - 1, (int) (DOWN * s.shareOfWay(i)));
      all[at] = all[at] == null ? new Patch() : all[at];
      all[at].add(i, longer(e.outcome(), i), e.outcome().after().endMm(i));
    }
    int worst = -1;
    double most = 0;
    for (Patch p : all) {
      if (p == null || p.n < LEAST_ROOTS) {
        continue;
      }
      double off = Math.abs(p.longer) / p.n;
      if (off > most && Math.max(p.leftLonger, p.rightLonger) > MOST_OF * p.n) {
        most = off;
        worst = p.longer > 0 ? p.root : s.mirrored(p.root);
      }
    }
    if (worst >= 0) {
      Severity severity = e.plan().styling().parts() ? Severity.NOTE : Severity.WARN;
      out.add(severity, null, e.near(worst), most);
    }
  }

  /**
   * How much longer a hair of the left side is than any about its mirrored place, and any about it
   * than that; below 0 where it is shorter. Two sides parted a hair's breadth apart are alike.
   */
  private static double longer(Outcome o, int left) {
    int right = o.scalp().mirrored(left);
    double[] end = {o.after().endMm(left), o.after().endMm(right)};
    double there = beyond(end[0], about(o, right));
    double here = -beyond(end[1], about(o, left));
    return there * here <= 0 ? 0 : Math.abs(there) < Math.abs(here) ? there : here;
  }

  /** Shortest and longest about a root, mm. */
  private static double[] about(Outcome o, int root) {
    double least = o.after().endMm(root);
    double most = least;
    for (int k = o.around().from(root); k < o.around().from(root + 1); k++) {
      double mm = o.after().endMm(o.around().root(k));
      least = Math.min(least, mm);
      most = Math.max(most, mm);
    }
    return new double[] {least, most};
  }

  private static double beyond(double mm, double[] range) {
    return mm > range[1] ? mm - range[1] : Math.min(0, mm - range[0]);
  }

  /** A few hairs side by side, and how much longer they are than those of the other side. */
  private static final class Patch {
    private int n;
    private double longer;
    private int leftLonger;
    private int rightLonger;
    private int root;

    void add(int i, double longerMm, double leftMm) {
      n++;
      longer += longerMm;
      double least = Math.max(LEAST_MM, SHARE * Math.max(leftMm, leftMm - longerMm));
      leftLonger += longerMm > least ? 1 : 0;
      rightLonger += -longerMm > least ? 1 : 0;
      root = i;
    }
  }
}
