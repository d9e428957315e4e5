package kitetail.check;

import kitetail.cut.Fingers;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** A line over the fingers that comes down to the skin. */
final class LineMeetsSkin implements Rule {
  private static final double SKIN_MM = 2;

  @Override
  public String id() {
    return "line-meets-skin";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      double[] before = e.beforeMm(k);
      int at = -1;
      for (int i : step.roots()) {
        if (step.cut() instanceof Fingers && step.leftMm()[i] < SKIN_MM && before[i] > SKIN_MM) {
          at = at < 0 || step.leftMm()[i] < step.leftMm()[at] ? i : at;
        }
      }
      if (at >= 0) {
        out.add(step.move().id(), e.near(at), step.leftMm()[at]);
      }
    }
  }
}
