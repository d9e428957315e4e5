package kitetail.check;

import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.geom.Vec3;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Hair brought so far that it does not reach the hand. */
final class HandReach implements Rule {
  /** Straight across the head from one side to the guide; an assumption. */
  private static final double REACH_MM = 190;

  @Override
  public String id() {
    return "hand-reach";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      if (!(step.cut() instanceof Fingers f && f.guide() instanceof Guide.Fixed g)) {
        continue;
      }
      Vec3 to = e.scalp().head().place(g.place());
      int at = -1;
      double far = REACH_MM;
      for (int i : step.roots()) {
        double d = e.scalp().pointMm(i).distanceTo(to);
        if (d > far) {
          far = d;
          at = i;
        }
      }
      if (at >= 0) {
        out.add(step.move().id(), e.near(at), far);
      }
    }
  }
}
