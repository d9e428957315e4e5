package kitetail.check;

import java.util.Optional;
import kitetail.client.Reading;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;

/** A wish the result falls short of. */
final class WishTooShort implements Rule {
  @Override
  public String id() {
    return "wish-too-short";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Reading w : e.outcome().wishes()) {
      if (w.shortMm() > 1) {
        out.add(null, w.wish().place(), w.shortMm());
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return e.outcome().wishes().stream()
        .filter(w -> w.wish().place() == f.place())
        .findFirst()
        .map(w -> new Remedy.LengthAt(f.place(), w.needMm() + 1));
  }
}
