package kitetail.check;

import java.util.Optional;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;
import kitetail.plan.School;
import kitetail.section.Facing;

/** Hair cut at the whorl to a length that neither stands short nor lies: it springs up. */
final class CutOnWhorl implements Rule {
  /** Shorter hair stands everywhere and is meant to; an assumption. */
  private static final double SHORT_MM = 20;

  @Override
  public String id() {
    return "cut-on-whorl";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    double left = e.endMm(Place.CROWN);
    double springs = e.bendingLengthMm();
    boolean meant = e.plan().school().cowlick() == School.Cowlick.SHORT;
    if (meant || left < SHORT_MM || left > springs) {
      return;
    }
    for (int k = e.outcome().steps().size() - 1; k >= 0; k--) {
      Outcome.Step step = e.outcome().steps().get(k);
      if (step.cut() instanceof Fingers f
          && e.takenMm(k, Place.CROWN) > 1
          && !(f.guide().bringsBack()
              || f.hold() instanceof Hold.Toward t && t.facing() == Facing.BACK)) {
        out.add(step.move().id(), Place.CROWN, left);
        return;
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.fingers(e, f, g -> g.with(new Guide.LastBite()));
  }
}
