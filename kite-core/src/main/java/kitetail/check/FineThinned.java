package kitetail.check;

import java.util.List;
import java.util.Optional;
import kitetail.cut.Texture;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Outcome;

/** Fine hair is thinned little: a tool that takes much at a pass shows in it. */
final class FineThinned implements Rule {
  /** Common figure, from memory. */
  private static final double FINE_UM = 60;

  /** Of the hairs, in all passes of a move; an assumption. */
  private static final double MUCH_SHARE = 0.45;

  @Override
  public String id() {
    return "fine-thinned";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Texture t
          && e.plan().hair().diameterUm() < FINE_UM
          && t.share() * t.passes() >= MUCH_SHARE) {
        double percent = 100 * (1 - Math.pow(1 - t.share(), t.passes()));
        out.add(step.move().id(), e.where(step), percent, Unit.PERCENT, List.of());
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.lighter(e.plan(), f.move(), MUCH_SHARE - 0.01).map(Remedy.Worked::new);
  }
}
