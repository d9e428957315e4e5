package kitetail.check;

import java.util.List;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Jumps;

/** A jump in length between neighbours that is not meant. */
final class Jump implements Rule {
  @Override
  public String id() {
    return "jump";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Jumps j : e.outcome().jumps()) {
      if (!j.meant()) {
        out.add(Severity.NOTE, null, j.near(), j.mm(), Unit.MM, List.of(j.one(), j.other()));
      }
    }
  }
}
