package kitetail.check;

import java.util.Optional;
import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;

/** A point left on top stands up. */
final class PointOnTop implements Rule {
  private static final double AWAY_MM = 30;
  private static final double LEAST_MM = 6;

  @Override
  public String id() {
    return "point-on-top";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    Walk w = e.scalp().walk(Walk.Kind.CENTRE);
    double apex = w.marksMm().getOrDefault(Place.APEX, w.lengthMm() / 3);
    for (double at = apex - 40; at <= apex + 40; at += 5) {
      double here = e.endMm(w, at);
      double around = Math.max(e.endMm(w, at - AWAY_MM), e.endMm(w, at + AWAY_MM));
      if (here - around > LEAST_MM && here < 2 * e.bendingLengthMm()) {
        out.add(null, Place.APEX, here - around);
        return;
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Remedy.at(Place.APEX, e.longestMm(Place.APEX) - f.amount());
  }
}
