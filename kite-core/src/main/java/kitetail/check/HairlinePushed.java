package kitetail.check;

import java.util.Optional;
import kitetail.cut.Dial;
import kitetail.cut.Edge;
import kitetail.cut.Outline;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** An outline that goes into the natural hairline. */
final class HairlinePushed implements Rule {
  private static final double MOST_MM = 6;

  @Override
  public String id() {
    return "hairline-pushed";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Edge edge
          && edge.outline() instanceof Outline.HalfMoon m
          && m.raiseMm() > MOST_MM) {
        out.add(step.move().id(), e.where(step), m.raiseMm());
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(Reworked.turned(e.plan(), f, Dial.RAISE, v -> 0));
  }
}
