package kitetail.check;

import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.School;

/** No cross-check, where the stylist checks every section. */
final class CrossCheckMissing implements Rule {
  @Override
  public String id() {
    return "cross-check-missing";
  }

  @Override
  public void find(Evidence e, Found out) {
    boolean checks = e.plan().moves().stream().anyMatch(m -> m.job() == Job.CHECK);
    if (e.plan().school().crossCheck() == School.Check.EVERY_SECTION && !checks) {
      out.add(Severity.NOTE, null, Place.CROWN, 0);
    }
  }
}
