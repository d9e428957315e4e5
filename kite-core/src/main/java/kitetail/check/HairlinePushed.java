package kitetail.check;

import kitetail.cut.Edge;
import kitetail.cut.Outline;
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
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Edge edge
          && edge.outline() instanceof Outline.HalfMoon m
          && m.raiseMm() > MOST_MM) {
        out.add(Severity.WARN, step.move().id(), e.where(step), m.raiseMm());
      }
    }
  }
}
