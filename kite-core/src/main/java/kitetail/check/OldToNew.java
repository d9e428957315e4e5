package kitetail.check;

import java.util.Optional;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Old hair brought on to the new: every bite loses length. */
final class OldToNew implements Rule {
  @Override
  public String id() {
    return "old-to-new";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Fingers f && f.guide() instanceof Guide.NewBite) {
        out.add(step.move().id(), e.where(step), 0);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.fingers(e, f, g -> g.with(new Guide.LastBite()));
  }
}
