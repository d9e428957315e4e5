package kitetail.check;

import java.util.Optional;
import kitetail.hair.Damp;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Outcome;

/** What cannot be undone, or what others go by, is asked for first. */
final class AskFirst implements Rule {
  @Override
  public String id() {
    return "ask-first";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      Move m = step.move();
      if (m.job() == Job.HARD_LINE && !m.askFirst()) {
        out.add(m.id(), e.where(step), 0);
      }
      if (m.job() == Job.FRINGE && !m.askFirst() && m.damp() != Damp.DRY) {
        out.add(Severity.NOTE, m.id(), e.where(step), 0);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(Reworked.move(e.plan(), f, Move::asked));
  }
}
