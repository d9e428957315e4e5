package kitetail.check;

import kitetail.look.Standing;
import kitetail.plan.Finding.Severity;

/** Hair too short to bend over, among hair that lies. */
final class StandsOff implements Rule {
  @Override
  public String id() {
    return "stands-off";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Standing s : e.look().standing()) {
      out.add(Severity.NOTE, null, s.place(), s.offMm());
    }
  }
}
