package kitetail.check;

import java.util.List;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Ledge;

/** A step in length between hairs side by side that is not meant, wherever it lies. */
final class LedgeStands implements Rule {
  @Override
  public String id() {
    return "ledge";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Ledge l : e.outcome().ledges()) {
      if (!l.meant()) {
        List<String> where =
            l.one().isEmpty() || l.other().isEmpty() ? List.of() : List.of(l.one(), l.other());
        out.add(null, l.near(), l.heightMm(), Unit.MM, where);
      }
    }
  }
}
