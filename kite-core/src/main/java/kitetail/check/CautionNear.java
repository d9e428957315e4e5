package kitetail.check;

import java.util.List;
import kitetail.client.Cautions;
import kitetail.plan.Finding.Severity;

/** Cautions of skin and health, by ids of their own. */
final class CautionNear implements Rule {
  private static final String STOPS = "skin-stop";

  @Override
  public String id() {
    return "caution";
  }

  @Override
  public List<String> finds() {
    return List.of(STOPS, "skin-place");
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public Severity severity(String finding) {
    return finding.equals(STOPS) ? Severity.STOP : Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Cautions.Caution c : e.plan().cautions().all()) {
      if (c.near() != null) {
        out.as(c.id(), null, c.near(), List.of());
      }
    }
  }
}
