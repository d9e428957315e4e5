package kitetail.check;

import java.util.Optional;
import kitetail.cut.Comb;
import kitetail.hair.Damp;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Clippers and guards want dry hair: wet hair clumps and lies flat under them. */
final class DryToolOnWet implements Rule {
  @Override
  public String id() {
    return "dry-tool-on-wet";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.move().damp() == Damp.WET
          && (step.cut().guarded()
              || step.cut() instanceof Comb c && c.tool() == Comb.Tool.CLIPPER)) {
        out.add(step.move().id(), e.where(step), 0);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(Reworked.move(e.plan(), f, m -> m.with(Damp.DRY)));
  }
}
