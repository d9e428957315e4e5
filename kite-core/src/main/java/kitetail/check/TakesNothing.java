package kitetail.check;

import java.util.Optional;
import kitetail.plan.Finding;
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
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cutAreaMm2() == 0 && shortens(step.move().job())) {
        out.add(step.move().id(), e.where(step), 0);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.without(e.plan(), f.move()).map(Remedy.Worked::new);
  }

  private static boolean shortens(Job j) {
    return switch (j) {
      case TEXTURE, MIST, DRY, APPROVE, CHECK, NECK, PRODUCT -> false;
      default -> true;
    };
  }
}
