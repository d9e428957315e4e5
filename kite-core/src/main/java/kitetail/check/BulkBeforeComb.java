package kitetail.check;

import java.util.Optional;
import java.util.stream.IntStream;
import kitetail.cut.Comb;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Outcome;

/** Long hair falls over the comb and hides the line. */
final class BulkBeforeComb implements Rule {
  /** Common practice; the figure an assumption. */
  private static final double HIDES_COMB_MM = 75;

  /** Longer hair in less of what the comb takes falls away from it; an assumption. */
  private static final double SHARE = 0.35;

  private static final double TAKES_MM = 10;

  /** A guard leaves this much over what the comb will, so that the comb still has hair to cut. */
  private static final double OVER_COMB_MM = 6;

  @Override
  public String id() {
    return "bulk-before-comb";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      if (!(step.cut() instanceof Comb)) {
        continue;
      }
      double[] before = e.beforeMm(k);
      int at = -1;
      int hides = 0;
      int taken = 0;
      for (int i : step.roots()) {
        if (step.leftMm()[i] < before[i] - TAKES_MM) {
          taken++;
          hides += before[i] > HIDES_COMB_MM ? 1 : 0;
          at = at < 0 || before[i] > before[at] ? i : at;
        }
      }
      if (hides > SHARE * taken) {
        out.add(step.move().id(), e.near(at), before[at]);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return e.outcome().steps().stream()
        .filter(s -> s.move().id().equals(f.move()) && s.cut() instanceof Comb)
        .findFirst()
        .map(
            s -> {
              double left = IntStream.of(s.roots()).mapToDouble(i -> s.leftMm()[i]).max().orElse(0);
              return new Remedy.GuardFirst(f.move(), Math.max(0, left) + OVER_COMB_MM);
            });
  }
}
