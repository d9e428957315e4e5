package kitetail.check;

import java.util.Optional;
import kitetail.head.Scalp;
import kitetail.plan.Around;
import kitetail.plan.Finding;
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
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    Scalp s = e.scalp();
    double[] ends = e.outcome().after().endsMm();
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
      all[at].add(i, longer(e.outcome(), ends, i), ends[i]);
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
      Severity severity = e.plan().styling().parts() ? Severity.NOTE : severity();
      out.add(severity, null, e.near(worst), most);
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Remedy.at(f.place(), e.longestMm(f.place().mirrored()));
  }

  /**
   * How much longer a hair of the left side is than any about its mirrored place, and any about it
   * than that; below 0 where it is shorter. Two sides parted a hair's breadth apart are alike.
   */
  private static double longer(Outcome o, double[] endsMm, int left) {
    int right = o.scalp().mirrored(left);
    if (endsMm[left] == endsMm[right]) {
      return 0;
    }
    double there = beyond(endsMm, left, o.around(), right);
    double here = -beyond(endsMm, right, o.around(), left);
    return there * here <= 0 ? 0 : Math.abs(there) < Math.abs(here) ? there : here;
  }

  /**
   * How much longer a hair is than the longest about a root, or shorter, below 0, than the
   * shortest.
   */
  private static double beyond(double[] endsMm, int of, Around around, int root) {
    double least = endsMm[root];
    double most = least;
    for (int k = around.from(root); k < around.from(root + 1); k++) {
      double mm = endsMm[around.root(k)];
      least = Math.min(least, mm);
      most = Math.max(most, mm);
    }
    double mm = endsMm[of];
    return mm > most ? mm - most : Math.min(0, mm - least);
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
