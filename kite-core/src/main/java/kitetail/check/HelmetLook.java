package kitetail.check;

import java.util.List;
import kitetail.look.WeightLine;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Job;

/** One heavy line all round and nothing layered above it looks like a helmet. */
final class HelmetLook implements Rule {
  private static final double ROUND_DEG = 200;
  private static final double SHARE = 0.4;

  @Override
  public String id() {
    return "helmet-look";
  }

  @Override
  public boolean needsLook() {
    return true;
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public void find(Evidence e, Found out) {
    boolean textured = e.plan().moves().stream().anyMatch(m -> m.job() == Job.TEXTURE);
    for (WeightLine l : e.look().lines()) {
      if (!textured && l.toDeg() - l.fromDeg() >= ROUND_DEG && l.share() > SHARE) {
        out.add(null, l.near(), 100 * l.share(), Unit.PERCENT, List.of());
        return;
      }
    }
  }
}
