package kitetail.check;

import kitetail.client.Reading;
import kitetail.plan.Finding.Severity;

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
