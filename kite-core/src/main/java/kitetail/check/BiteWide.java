package kitetail.check;

import kitetail.cut.Fingers;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Errors add up about with the square of the bite; not told to who works so on purpose. */
final class BiteWide implements Rule {
  /** An inch is bold; common practice. */
  private static final double BOLD_BITE_MM = 25.4;

  @Override
  public String id() {
    return "bite-wide";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Fingers f
          && f.biteMm() >= BOLD_BITE_MM
          && f.biteMm() > e.plan().school().biteMm()) {
        out.add(Severity.WARN, step.move().id(), e.where(step), f.biteMm());
      }
    }
  }
}
