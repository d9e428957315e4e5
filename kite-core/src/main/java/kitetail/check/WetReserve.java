package kitetail.check;

import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Outcome;

/** A fringe cut wet comes up shorter: a reserve is left, or it is cut dry. */
final class WetReserve implements Rule {
  @Override
  public String id() {
    return "wet-reserve";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      double spring = Spring.mm(e, step, Place.FRONT);
      if (step.move().job() == Job.FRINGE
          && step.move().damp() != Damp.DRY
          && e.takenMm(k, Place.FRONT) > 1
          && spring > Spring.SEEN_MM) {
        out.add(Severity.WARN, step.move().id(), Place.FRONT, spring);
      }
    }
  }
}
