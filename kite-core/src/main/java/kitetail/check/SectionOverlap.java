package kitetail.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Plan;
import kitetail.section.Cover;
import kitetail.section.Section;

/** Hair that is in two sections. */
final class SectionOverlap implements Rule {
  @Override
  public String id() {
    return "section-overlap";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Cover.Patch o : e.outcome().cover().overlaps()) {
      out.add(null, o.near(), o.areaMm2(), Unit.MM2, o.sections());
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(apart(e.plan(), f.with()));
  }

  /** The later of two sections leaves out the earlier. */
  private static Plan apart(Plan plan, List<String> two) {
    List<Section> out = new ArrayList<>();
    for (Section s : plan.sections()) {
      if (s.id().equals(two.get(1)) && !plan.section(two.get(0)).without().contains(s.id())) {
        List<String> without = new ArrayList<>(s.without());
        without.add(two.get(0));
        out.add(new Section(s.id(), s.name(), s.limits(), without, s.over()));
      } else {
        out.add(s);
      }
    }
    return plan.with(out, plan.moves());
  }
}
