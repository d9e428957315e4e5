package kitetail.check;

import java.util.Optional;
import kitetail.cut.Fingers;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/**
 * The front cut down after all was brought back from it: it becomes the shortest, and all behind it
 * wants recutting.
 */
final class FrontShortest implements Rule {
  private static final double LEAST_MM = 8;

  @Override
  public String id() {
    return "front-shortest";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    boolean back = false;
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      boolean brought = step.cut() instanceof Fingers f && f.guide().bringsBack();
      if (brought && e.holds(step, Place.APEX)) {
        back = true;
      } else if (back && e.takenMm(k, Place.FRONT) > 1) {
        double behind = e.endMm(Place.APEX);
        double front = e.endMm(Place.FRONT);
        if (front < behind - LEAST_MM) {
          out.add(step.move().id(), Place.FRONT, behind - front);
        }
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Remedy.at(Place.FRONT, e.longestMm(Place.FRONT) + f.amount());
  }
}
