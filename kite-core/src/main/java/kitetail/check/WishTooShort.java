package kitetail.check;

import kitetail.plan.Finding.Severity;
import kitetail.wish.Reading;

/** A wish the result falls short of. */
final class WishTooShort implements Rule {
  @Override
  public String id() {
    return "wish-too-short";
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Reading w : e.outcome().wishes()) {
      if (w.shortMm() > 1) {
        out.add(Severity.WARN, null, w.wish().place(), w.shortMm());
      }
    }
  }
}
