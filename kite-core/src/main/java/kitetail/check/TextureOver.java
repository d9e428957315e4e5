package kitetail.check;

import java.util.Comparator;
import java.util.List;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;
import kitetail.plan.Outcome;

/** More weight taken by texturising than this hair bears. */
final class TextureOver implements Rule {
  @Override
  public String id() {
    return "texture-over";
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
                      Severity.WARN,
                      step.move().id(),
                      nearColumn(e, step, d.aroundDeg()),
                      d.percent(),
                      Unit.PERCENT,
                      List.of()));
    }
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
