package kitetail.check;

import kitetail.client.Wishes;
import kitetail.head.Place;
import kitetail.look.Side;
import kitetail.plan.Finding.Severity;

/** A fringe was wished, and the hairline shows. */
final class HairlineShows implements Rule {
  @Override
  public String id() {
    return "hairline-shows";
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
    Wishes.Fringe wished = e.plan().wishes().fringe();
    if (wished == null || wished == Wishes.Fringe.NONE || wished == Wishes.Fringe.SIDE) {
      return;
    }
    e.look()
        .landing(Side.FRINGE)
        .filter(l -> l.place() == null)
        .ifPresent(l -> out.add(null, Place.FRONT, Math.abs(l.ofHairlineMm())));
  }
}
