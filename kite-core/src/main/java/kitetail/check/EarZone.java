package kitetail.check;

import java.util.List;
import kitetail.cut.Comb;
import kitetail.cut.Edge;
import kitetail.cut.Guard;
import kitetail.cut.Texture;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** A blade near the ear: it is folded away, or the client holds it. */
final class EarZone implements Rule {
  /** Within four inches of it; common practice. */
  private static final double FOLD_MM = 101.6;

  @Override
  public String id() {
    return "ear-zone";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      boolean blade =
          step.cut() instanceof Edge
              || step.cut() instanceof Guard
              || step.cut() instanceof Comb
              || step.cut() instanceof Texture t && t.tool() == Texture.Tool.RAZOR;
      for (Place ear : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
        if (blade && step.cutAreaMm2() > 0 && e.holds(step, ear)) {
          // Once is enough said.
          out.add(Severity.NOTE, step.move().id(), ear, FOLD_MM);
          return;
        }
      }
    }
  }
}
