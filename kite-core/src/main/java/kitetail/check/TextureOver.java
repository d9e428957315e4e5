package kitetail.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kitetail.cut.Texture;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Dose;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/** More weight taken by texturising than this hair bears. */
final class TextureOver implements Rule {
  /** Under what the hair bears: doses of other moves add to it, and columns differ. */
  private static final double KEPT_UNDER = 0.9;

  @Override
  public String id() {
    return "texture-over";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (Outcome.Step step : e.outcome().steps()) {
      step.doses().stream()
          .filter(d -> d.percent() > d.mostPercent())
          .max(Comparator.comparing(d -> d.percent() - d.mostPercent()))
          .ifPresent(
              d ->
                  out.add(
                      step.move().id(),
                      nearColumn(e, step, d.aroundDeg()),
                      d.percent(),
                      Unit.PERCENT,
                      List.of()));
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return bearable(e.plan(), e.outcome(), f).map(Remedy.Worked::new);
  }

  /** Every move that thins the columns that have too much takes less of them, in one proportion. */
  private static Optional<Plan> bearable(Plan plan, Outcome outcome, Finding f) {
    Outcome.Step last =
        outcome.steps().stream().filter(s -> s.move().id().equals(f.move())).findFirst().get();
    List<Dose> over = last.doses().stream().filter(d -> d.percent() > d.mostPercent()).toList();
    double part =
        over.stream().mapToDouble(d -> KEPT_UNDER * d.mostPercent() / d.percent()).min().orElse(1);
    Optional<Plan> out = Optional.of(plan);
    for (Outcome.Step s : outcome.steps()) {
      boolean there =
          s.doses().stream()
              .anyMatch(d -> over.stream().anyMatch(o -> o.aroundDeg() == d.aroundDeg()));
      if (there && s.cut() instanceof Texture t) {
        double most = part * t.share() * t.passes();
        out = out.flatMap(p -> Reworked.lighter(p, s.move().id(), most));
      }
    }
    return out;
  }

  private static Place nearColumn(Evidence e, Outcome.Step step, double aroundDeg) {
    Scalp s = e.scalp();
    int best = step.roots()[0];
    double off = Double.MAX_VALUE;
    for (int i : step.roots()) {
      double d = Math.abs(Math.IEEEremainder(Math.toDegrees(s.azimuthRad(i)) - aroundDeg, 360));
      if (d < off) {
        off = d;
        best = i;
      }
    }
    return e.near(best);
  }
}
