package kitetail.check;

import java.util.List;
import java.util.Set;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;

/**
 * A hole at the recession: the corners were not brought back to it. Where longer hair is meant to
 * lie over short hair there, it is none.
 */
final class HoleAtFront implements Rule {
  private static final Set<Place> RECESSIONS = Set.of(Place.RECESSION_LEFT, Place.RECESSION_RIGHT);

  @Override
  public String id() {
    return "hole-at-front";
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
        .filter(h -> RECESSIONS.contains(h.place()))
        .filter(
            h -> e.outcome().ledges().stream().noneMatch(l -> l.meant() && l.near() == h.place()))
        .forEach(h -> out.add(null, h.place(), 100 * h.share(), Unit.PERCENT, List.of()));
  }
}
