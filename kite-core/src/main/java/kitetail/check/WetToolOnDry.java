package kitetail.check;

import java.util.Optional;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

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
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.move().damp() == Damp.DRY && step.cut().razor() && !torn(step.cut())) {
        boolean fragile = e.plan().hair().colour().dyed() != null;
        Severity severity = fragile ? severity() : Severity.NOTE;
        out.add(severity, step.move().id(), e.where(step), 0);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(gentler(e.plan(), f));
  }

  /**
   * A razor wants damp hair. After drying, thinning shears pointed in leave an end much like it and
   * spare coloured hair; common practice.
   */
  private static Plan gentler(Plan plan, Finding f) {
    boolean dried =
        plan.moves().subList(0, plan.moves().indexOf(plan.move(f.move()))).stream()
            .anyMatch(m -> m.job() == Job.DRY);
    return Reworked.move(plan, f, m -> dried ? m.with(spared(m.cut())) : m.with(Damp.DAMP));
  }

  private static Cut spared(Cut cut) {
    if (cut instanceof Texture t) {
      return new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, t.passes(), t.layer());
    }
    return cut instanceof Fingers g ? g.with(Blade.THINNING_SHEARS) : cut;
  }

  private static boolean torn(Cut cut) {
    return cut instanceof Fingers f && f.blade() == Blade.TORN_DRY
        || cut instanceof Comb c && c.blade() == Blade.TORN_DRY;
  }
}
