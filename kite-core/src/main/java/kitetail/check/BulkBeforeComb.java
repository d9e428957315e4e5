package kitetail.check;

import kitetail.cut.Comb;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Long hair falls over the comb and hides the line. */
final class BulkBeforeComb implements Rule {
  /** Common practice; the figure an assumption. */
  private static final double HIDES_COMB_MM = 60;

  @Override
  public String id() {
    return "bulk-before-comb";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      double[] before = e.beforeMm(k);
      int at = -1;
      for (int i : step.roots()) {
        if (step.cut() instanceof Comb
            && before[i] > HIDES_COMB_MM
            && step.leftMm()[i] < before[i] - 10
            && (at < 0 || before[i] > before[at])) {
          at = i;
        }
      }
      if (at >= 0) {
        out.add(Severity.WARN, step.move().id(), e.near(at), before[at]);
      }
    }
  }
}
