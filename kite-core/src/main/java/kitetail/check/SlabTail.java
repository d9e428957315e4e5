package kitetail.check;

import java.util.List;
import kitetail.head.FacePlace;
import kitetail.head.Place;
import kitetail.look.WeightLine;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;

/** A tail all of whose ends lie at one level is a slab. */
final class SlabTail implements Rule {
  private static final double SHARE = 0.4;

  @Override
  public String id() {
    return "slab-tail";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    double collar =
        e.scalp().head().face().isEmpty()
            ? Double.NEGATIVE_INFINITY
            : e.scalp().head().face().get(FacePlace.COLLAR).z();
    for (WeightLine l : e.look().lines()) {
      double middle = (l.fromDeg() + l.toDeg()) / 2;
      if (l.heightMm() < collar
          && Math.abs(middle - 180) < 60
          && l.toDeg() - l.fromDeg() < 200
          && l.share() > SHARE) {
        out.add(null, Place.NAPE, 100 * l.share(), Unit.PERCENT, List.of());
      }
    }
  }
}
