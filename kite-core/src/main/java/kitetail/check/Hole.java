package kitetail.check;

import java.util.List;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;

/** A place with much less hair than around it. */
final class Hole implements Rule {
  @Override
  public String id() {
    return "hole";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    e.look().holes().stream()
        .filter(h -> h.place() != Place.RECESSION_LEFT && h.place() != Place.RECESSION_RIGHT)
        .forEach(h -> out.add(null, h.place(), 100 * h.share(), Unit.PERCENT, List.of()));
  }
}
