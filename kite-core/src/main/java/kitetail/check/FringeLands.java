package kitetail.check;

import java.util.Optional;
import kitetail.client.Wishes;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.look.Side;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;

/** A fringe wished at the brow that ends above or below it. */
final class FringeLands implements Rule {
  private static final double MOST_MM = 12;

  @Override
  public String id() {
    return "fringe-lands";
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
    if (e.plan().wishes().fringe() != Wishes.Fringe.BROW) {
      return;
    }
    e.look()
        .landing(Side.FRINGE)
        .filter(l -> l.place() != null)
        .ifPresent(
            l -> {
              Head head = e.scalp().head();
              double brow = head.place(Place.FRONT).z() - head.face().get(FacePlace.BROW_RIGHT).z();
              double off = l.ofHairlineMm() - brow;
              if (Math.abs(off) > MOST_MM) {
                out.add(null, Place.FRONT, off);
              }
            });
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Remedy.at(Place.FRONT, e.longestMm(Place.FRONT) - f.amount());
  }
}
