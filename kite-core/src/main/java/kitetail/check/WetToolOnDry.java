package kitetail.check;

import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;
import kitetail.hair.Damp;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/**
 * A razor on dry hair tears it: a risk where hair is coloured, else a thing to know. Torn ends are
 * what a dry razor is taken for.
 */
final class WetToolOnDry implements Rule {
  @Override
  public String id() {
    return "wet-tool-on-dry";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.move().damp() == Damp.DRY && step.cut().razor() && !torn(step.cut())) {
        boolean fragile = e.plan().hair().colour().dyed() != null;
        Severity severity = fragile ? Severity.WARN : Severity.NOTE;
        out.add(severity, step.move().id(), e.where(step), 0);
      }
    }
  }

  private static boolean torn(Cut cut) {
    return cut instanceof Fingers f && f.blade() == Blade.TORN_DRY
        || cut instanceof Comb c && c.blade() == Blade.TORN_DRY;
  }
}
