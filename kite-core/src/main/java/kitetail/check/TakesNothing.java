package kitetail.check;

import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Outcome;

/** A move that leaves everything as it was. */
final class TakesNothing implements Rule {
  @Override
  public String id() {
    return "takes-nothing";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cutAreaMm2() == 0 && shortens(step.move().job())) {
        out.add(Severity.NOTE, step.move().id(), e.where(step), 0);
      }
    }
  }

  private static boolean shortens(Job j) {
    return switch (j) {
      case TEXTURE, MIST, DRY, APPROVE, CHECK, NECK, PRODUCT -> false;
      default -> true;
    };
  }
}
