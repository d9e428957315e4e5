package kitetail.check;

import kitetail.cut.Fingers;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Outcome;

/** Layering that shortens the outline after it was cut. */
final class OutlineNicked implements Rule {
  private static final double RIM_MM = 12;
  private static final double NICK_MM = 3;

  @Override
  public String id() {
    return "outline-nicked";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    int outline = -1;
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      if (outline < 0 && step.move().job() == Job.OUTLINE) {
        outline = k;
      } else if (outline >= 0 && step.cut() instanceof Fingers && step.move().job() != Job.FRINGE) {
        double[] uncut = e.beforeMm(outline);
        double[] line = e.outcome().steps().get(outline).leftMm();
        int at = -1;
        double most = NICK_MM;
        double[] before = e.beforeMm(k);
        for (int i : step.roots()) {
          double off = before[i] - step.leftMm()[i];
          if (e.scalp().aboveHairlineMm(i) < RIM_MM && off > most && uncut[i] - line[i] > 1) {
            most = off;
            at = i;
          }
        }
        if (at >= 0) {
          out.add(step.move().id(), e.near(at), most);
        }
      }
    }
  }
}
