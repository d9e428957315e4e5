package kitetail.check;

import java.util.List;
import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.plan.Finding.Severity;

/** Hair left longer at the ridge than above and below it: a corner. */
final class CornerAtRidge implements Rule {
  private static final double AWAY_MM = 36;
  private static final double LEAST_MM = 6;
  private static final double SHARE = 0.12;

  @Override
  public String id() {
    return "corner-at-ridge";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    Walk w = e.scalp().walk(Walk.Kind.EAR_TO_EAR);
    for (Place ridge : List.of(Place.RIDGE_LEFT, Place.RIDGE_RIGHT)) {
      Double at = w.marksMm().get(ridge);
      if (at == null) {
        continue;
      }
      double here = Math.max(e.endMm(w, at), Math.max(e.endMm(w, at - 8), e.endMm(w, at + 8)));
      double around = Math.max(e.endMm(w, at - AWAY_MM), e.endMm(w, at + AWAY_MM));
      if (here - around > Math.max(LEAST_MM, SHARE * around)) {
        out.add(null, ridge, here - around);
      }
    }
  }
}
