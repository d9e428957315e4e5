package kitetail.check;

import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.plan.Finding.Severity;

/** A strip left long between sides cut high: it looks like a crest. */
final class MohawkLook implements Rule {
  private static final double STRIP_MM = 48;
  private static final double LEAST_MM = 30;
  private static final double TIMES = 2.5;

  @Override
  public String id() {
    return "mohawk-look";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    Walk w = e.scalp().walk(Walk.Kind.EAR_TO_EAR);
    double apex = w.marksMm().getOrDefault(Place.APEX, w.lengthMm() / 2);
    double top = e.endMm(w, apex);
    double beside = Math.max(e.endMm(w, apex - STRIP_MM), e.endMm(w, apex + STRIP_MM));
    if (top > LEAST_MM && top > TIMES * beside) {
      out.add(null, Place.APEX, top - beside);
    }
  }
}
