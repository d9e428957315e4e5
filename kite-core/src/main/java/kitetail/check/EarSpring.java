package kitetail.check;

import java.util.List;
import java.util.Optional;
import kitetail.cut.Fingers;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Hair at the ear cut under tension springs up: it is rested on the comb, without. */
final class EarSpring implements Rule {
  @Override
  public String id() {
    return "ear-spring";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      for (Place ear : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
        if (step.cut() instanceof Fingers f
            && f.tensed()
            && e.takenMm(k, ear) > 1
            && Spring.mm(e, step, ear) > Spring.SEEN_MM) {
          out.add(step.move().id(), ear, Spring.mm(e, step, ear));
          break;
        }
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.fingers(e, f, Fingers::untensed);
  }
}
