package kitetail.check;

import java.util.List;
import kitetail.client.Wishes;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;

/** More or less of the ear covered than was wished. */
final class EarCover implements Rule {
  @Override
  public String id() {
    return "ear-cover";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    Wishes.Ear wished = e.plan().wishes().ear();
    if (wished == null) {
      return;
    }
    one(wished, e.look().ears().leftShare(), Place.EAR_TOP_LEFT, out);
    one(wished, e.look().ears().rightShare(), Place.EAR_TOP_RIGHT, out);
  }

  /** Borders are assumptions. */
  private static void one(Wishes.Ear wished, double share, Place ear, Found out) {
    boolean right =
        switch (wished) {
          case FREE -> share <= 0.15;
          case TOUCHING -> share <= 0.35;
          case HALF -> share >= 0.25 && share <= 0.8;
          case COVERED -> share >= 0.75;
        };
    if (!right) {
      out.add(null, ear, 100 * share, Unit.PERCENT, List.of());
    }
  }
}
