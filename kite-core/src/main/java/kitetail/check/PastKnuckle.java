package kitetail.check;

import kitetail.cut.Fingers;
import kitetail.plan.Finding.Severity;
import kitetail.plan.School;

/** Lines past the knuckle, where tension is lost. */
final class PastKnuckle implements Rule {
  @Override
  public String id() {
    return "past-knuckle";
  }

  @Override
  public void find(Evidence e, Found out) {
    if (e.plan().school().knuckle() == School.Knuckle.PAST) {
      e.outcome().steps().stream()
          .filter(s -> s.cut() instanceof Fingers)
          .findFirst()
          .ifPresent(
              s -> out.add(Severity.NOTE, s.move().id(), e.where(s), School.Knuckle.PAST.handMm()));
    }
  }
}
