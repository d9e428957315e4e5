package kitetail.check;

import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Hair that does not come up to the guide stays as it is. */
final class DoesNotReach implements Rule {
  @Override
  public String id() {
    return "does-not-reach";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.shortfallMm() > 10) {
        out.add(Severity.NOTE, step.move().id(), step.shortfallPlace(), step.shortfallMm());
      }
    }
  }
}
