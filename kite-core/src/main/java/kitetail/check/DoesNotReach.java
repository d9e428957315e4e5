package kitetail.check;

import java.util.Optional;
import kitetail.cut.Dial;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/** Hair that does not come up to the guide stays as it is. */
final class DoesNotReach implements Rule {
  /**
   * A guide is shortened by half an inch at a time (common practice); hair shorter than that is let
   * grow.
   */
  private static final double AT_A_TIME_MM = 12.7;

  @Override
  public String id() {
    return "does-not-reach";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.shortfallMm() > 10) {
        out.add(step.move().id(), step.shortfallPlace(), step.shortfallMm());
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return f.amount() <= AT_A_TIME_MM
        ? Optional.of(new Remedy.Recut(shorter(e.plan(), f)))
        : Optional.empty();
  }

  private static Plan shorter(Plan plan, Finding f) {
    return Reworked.turned(plan, f, Dial.LENGTH, mm -> Math.floor(mm - f.amount()));
  }
}
