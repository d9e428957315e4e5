package kitetail.check;

import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;

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
      all[at].add(i, e.outcome().after().endMm(i), e.outcome().after().endMm(s.mirrored(i)));
    }
    int worst = -1;
    double most = 0;
    for (Patch p : all) {
      if (p == null || p.n < LEAST_ROOTS) {
        continue;
      }
      double off = Math.abs(p.left - p.right) / p.n;
      if (off > most && Math.max(p.leftLonger, p.rightLonger) > MOST_OF * p.n) {
        most = off;
        worst = p.left > p.right ? p.root : s.mirrored(p.root);
      }
    }
    if (worst >= 0) {
      Severity severity = e.plan().styling().parts() ? Severity.NOTE : Severity.WARN;
      out.add(severity, null, e.near(worst), most);
    }
  }

  /** A few hairs side by side, and those that answer them on the other side. */
  private static final class Patch {
    private int n;
    private double left;
    private double right;
    private int leftLonger;
    private int rightLonger;
    private int root;

    void add(int i, double leftMm, double rightMm) {
      n++;
      left += leftMm;
      right += rightMm;
      double least = Math.max(LEAST_MM, SHARE * Math.max(leftMm, rightMm));
      leftLonger += leftMm - rightMm > least ? 1 : 0;
      rightLonger += rightMm - leftMm > least ? 1 : 0;
      root = i;
    }
  }
}
