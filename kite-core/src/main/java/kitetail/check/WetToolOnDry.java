package kitetail.check;

import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** A razor on dry hair tears it. */
final class WetToolOnDry implements Rule {
  @Override
  public String id() {
    return "wet-tool-on-dry";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.move().damp() == Damp.DRY
          && step.cut() instanceof Texture t
          && t.tool() == Texture.Tool.RAZOR) {
        out.add(Severity.WARN, step.move().id(), e.where(step), 0);
      }
    }
  }
}
