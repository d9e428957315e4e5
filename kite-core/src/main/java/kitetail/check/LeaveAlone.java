package kitetail.check;

import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** The first move that shortens hair at a place to be left alone. */
final class LeaveAlone implements Rule {
  @Override
  public String id() {
    return "leave-alone";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Place place : e.plan().wishes().leaveAlone().stream().sorted().toList()) {
      int root = e.scalp().root(place);
      double before = e.outcome().beforeMm()[root];
      for (Outcome.Step step : e.outcome().steps()) {
        double off = before - step.leftMm()[root];
        if (off > 1) {
          out.add(step.move().id(), place, off);
          break;
        }
      }
    }
  }
}
