package kitetail.check;

import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.section.Cover;

/** Hair that is in two sections. */
final class SectionOverlap implements Rule {
  @Override
  public String id() {
    return "section-overlap";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Cover.Patch o : e.outcome().cover().overlaps()) {
      out.add(Severity.NOTE, null, o.near(), o.areaMm2(), Unit.MM2, o.sections());
    }
  }
}
