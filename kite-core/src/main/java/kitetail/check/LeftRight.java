package kitetail.check;

import kitetail.head.Place;
import kitetail.plan.Finding.Severity;

/** Pairs of places left unequal, where neither parting nor plan means it. */
final class LeftRight implements Rule {
  private static final double LEAST_MM = 5;
  private static final double SHARE = 0.1;

  @Override
  public String id() {
    return "left-right";
  }

  @Override
  public void find(Evidence e, Found out) {
    Place worst = null;
    double most = 0;
    for (Place left : Balance.PAIRS) {
      double l = e.meanEndMm(left);
      double r = e.meanEndMm(left.mirrored());
      double off = Math.abs(l - r) - Math.max(LEAST_MM, SHARE * Math.max(l, r));
      if (off > 0 && Math.abs(l - r) > most) {
        most = Math.abs(l - r);
        worst = l > r ? left : left.mirrored();
      }
    }
    if (worst != null) {
      Severity s = e.plan().styling().parts() ? Severity.NOTE : Severity.WARN;
      out.add(s, null, worst, most);
    }
  }
}
