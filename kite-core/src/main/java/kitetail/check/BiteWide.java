package kitetail.check;

import java.util.Optional;
import kitetail.cut.Fingers;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Errors add up about with the square of the bite; not told to who works so on purpose. */
final class BiteWide implements Rule {
  /** An inch is bold; common practice. */
  private static final double BOLD_BITE_MM = 25.4;

  private static final double LEAST_BITE_MM = 3;

  @Override
  public String id() {
    return "bite-wide";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (step.cut() instanceof Fingers f
          && f.biteMm() >= BOLD_BITE_MM
          && f.biteMm() > e.plan().school().biteMm()) {
        out.add(step.move().id(), e.where(step), f.biteMm());
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.fingers(e, f, g -> g.withBite(Math.max(LEAST_BITE_MM, tenth(g.biteMm() / 2))));
  }

  private static double tenth(double mm) {
    return Math.round(mm * 10) / 10.0;
  }
}
