package kitetail.check;

import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.section.Cover;

/** Hair that is in no section. */
final class SectionGap implements Rule {
  @Override
  public String id() {
    return "section-gap";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Cover.Patch g : e.outcome().cover().gaps()) {
      out.add(null, g.near(), g.areaMm2(), Unit.MM2, g.sections());
    }
  }
}
