package kitetail.check;

import kitetail.cut.Cut;
import kitetail.cut.Edge;
import kitetail.head.Place;
import kitetail.look.Standing;
import kitetail.plan.Finding.Severity;

/** Hair too short to bend over, among hair that lies. */
final class StandsOff implements Rule {
  @Override
  public String id() {
    return "stands-off";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Standing s : e.look().standing()) {
      if (!clippedShort(e, s.place())) {
        out.add(null, s.place(), s.offMm());
      }
    }
  }

  /** What clippers took down to a guard or an edge stands as it should. */
  private static boolean clippedShort(Evidence e, Place place) {
    for (int k = e.outcome().steps().size() - 1; k >= 0; k--) {
      if (e.takenMm(k, place) > 1) {
        Cut cut = e.outcome().steps().get(k).cut();
        return cut.guarded() || cut instanceof Edge;
      }
    }
    return false;
  }
}
