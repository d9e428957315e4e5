package kitetail.check;

import kitetail.client.Wish;
import kitetail.fall.Styling;
import kitetail.plan.Finding.Severity;

/** A height wished for that hair does not bear by itself, in a plan with nothing that holds it. */
final class WishStands implements Rule {
  /** Product that holds hair up past what it bears; an assumption. */
  private static final double HOLDS = 0.25;

  @Override
  public String id() {
    return "wish-stands";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    Styling worn = e.plan().styling();
    boolean held = worn.way() == Styling.Way.UP && worn.hold() >= HOLDS;
    for (Wish w : e.plan().wishes().points()) {
      if (w.standMm() == null || held) {
        continue;
      }
      double bears = e.rod(worn.productShare()).standsMm();
      if (w.standMm() > bears) {
        out.add(null, w.place(), bears);
      }
    }
  }
}
