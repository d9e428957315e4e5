package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LadderTest {
  private static final double STEP = 5;

  /** Tries every ladder there is: guards that rise, heights and arcs, and the comb on top. */
  private static final class Exhaustive {
    private final double[][] target;
    private final Ladder.Rules rules;
    private final double[] guards;
    private final double[] best;

    Exhaustive(double[][] target, Ladder.Rules rules) {
      this.target = target;
      this.rules = rules;
      this.guards = rules.guardsMm();
      this.best = new double[rules.mostChanges() + 1];
      Arrays.fill(best, Double.POSITIVE_INFINITY);
      for (int t = 0; t < guards.length; t++) {
        from(0, t, 0, 0);
      }
      if (rules.combErrorMm() > 0) {
        best[0] = Math.min(best[0], rules.combErrorMm());
      }
    }

    private double error(int i, double mm) {
      double e = 0;
      for (double[] c : target) {
        e = Math.max(e, Math.abs(mm - c[i]));
      }
      return e;
    }

    private int samples() {
      return target[0].length;
    }

    private void end(int changes, double worst) {
      best[changes] = Math.min(best[changes], worst);
    }

    private void from(int start, int t, int changes, double worst) {
      double w = worst;
      for (int i = start; i < samples(); i++) {
        w = Math.max(w, error(i, guards[t]));
        if (i + 1 == samples()) {
          end(changes, w);
        } else {
          next(i + 1, t, changes, w);
        }
      }
    }

    private void next(int i, int t, int changes, double w) {
      if (rules.combErrorMm() > 0) {
        end(changes, Math.max(w, rules.combErrorMm()));
      }
      for (int u = t + 1; u < guards.length && changes < rules.mostChanges(); u++) {
        if (guards[u] - guards[t] <= rules.stepShare() * guards[t] + 1e-12) {
          from(i, u, changes + 1, w);
        }
        for (double r : rules.rockRadiiMm()) {
          double worst = w;
          int j = i;
          while (j < samples()) {
            double s = (j - i + 1) * STEP;
            double mm =
                s >= r ? Double.POSITIVE_INFINITY : guards[t] + r - Math.sqrt(r * r - s * s);
            if (mm >= guards[u]) {
              break;
            }
            worst = Math.max(worst, error(j++, mm));
          }
          if (j > i && j < samples()) {
            from(j, u, changes + 1, worst);
          }
        }
      }
    }
  }

  private static double[] rising(Random r, int n, double from, double step) {
    double[] out = new double[n];
    double v = from;
    for (int i = 0; i < n; i++) {
      v += 0.3 + step * r.nextDouble();
      out[i] = v;
    }
    return out;
  }

  @Test
  void itIsAsGoodAsExhaustiveSearch_onFiveHundredSmallCases() {
    Random r = new Random(20261123);
    for (int run = 0; run < 500; run++) {
      int samples = 2 + r.nextInt(6);
      double[][] target = new double[1 + r.nextInt(3)][];
      for (int c = 0; c < target.length; c++) {
        target[c] = rising(r, samples, r.nextDouble() * 4, 5);
      }
      double[] radii = new double[r.nextInt(3)];
      for (int i = 0; i < radii.length; i++) {
        radii[i] = 8 + 60 * r.nextDouble();
      }
      Ladder.Rules rules =
          new Ladder.Rules(
              rising(r, 1 + r.nextInt(4), r.nextDouble() * 3, 6),
              radii,
              r.nextDouble(),
              r.nextInt(4),
              r.nextInt(3) == 0 ? 0.5 + 2 * r.nextDouble() : 0);
      double[] want = new Exhaustive(target, rules).best;
      List<Ladder.Answer> got = Ladder.solve(target, STEP, rules);
      for (int c = 0; c < want.length; c++) {
        if (Double.isInfinite(want[c])) {
          assertThat(got.get(c)).as("run %d, %d changes", run, c).isNull();
        } else {
          assertThat(got.get(c).worstMm())
              .as("run %d, %d changes", run, c)
              .isCloseTo(want[c], within(1e-9));
          assertThat(told(got.get(c), target, rules))
              .as("bands of run %d, %d changes", run, c)
              .isCloseTo(want[c], within(1e-9));
        }
      }
    }
  }

  /** Worst error of the bands as they are told, worked out anew. */
  private static double told(Ladder.Answer a, double[][] target, Ladder.Rules rules) {
    double worst = 0;
    int next = 0;
    for (Ladder.Band b : a.bands()) {
      assertThat(b.fromSample()).isEqualTo(next);
      next = b.toSample();
      for (int i = b.fromSample(); i < b.toSample(); i++) {
        if (b.guard() == Ladder.COMB) {
          worst = Math.max(worst, rules.combErrorMm());
          continue;
        }
        double mm = rules.guardsMm()[b.guard()];
        if (i >= b.rockFromSample()) {
          mm = Ladder.rocked(mm, b.rockRadiusMm(), (i - b.rockFromSample() + 1) * STEP);
        }
        for (double[] c : target) {
          worst = Math.max(worst, Math.abs(mm - c[i]));
        }
      }
    }
    assertThat(next).isEqualTo(target[0].length);
    return worst;
  }

  /** A usual taper goes 6, then 4 or 3, then smaller at the edge; common practice. */
  @Test
  void aTaperFromOneToEighteenMillimetres_isClimbedWithRisingGuards() {
    double[] guards = {1.5, 3.2, 6.4, 9.5, 12.7, 19.1};
    double[][] target = new double[24][40];
    for (double[] c : target) {
      for (int i = 0; i < c.length; i++) {
        c[i] = 1.5 + 17.5 * i / (c.length - 1);
      }
    }
    List<Ladder.Answer> all =
        Ladder.solve(target, 2.5, new Ladder.Rules(guards, new double[] {30, 60, 120}, 0.35, 5, 0));
    Ladder.Answer best = all.get(5);
    assertThat(best.worstMm()).isLessThan(3.3);
    assertThat(best.bands()).hasSize(6);
    for (int k = 1; k < 6; k++) {
      assertThat(best.bands().get(k).guard()).isGreaterThan(best.bands().get(k - 1).guard());
    }
    // Fewer changes of attachment err more: that is what is traded.
    assertThat(all.get(1).worstMm()).isGreaterThan(best.worstMm());
  }

  @Test
  void combWork_isChosenWhenItCostsLess_thanChangingAttachments() {
    double[][] target = {{3, 5, 8, 12, 16, 21}};
    Ladder.Rules rules =
        new Ladder.Rules(new double[] {3, 6, 12, 20}, new double[] {60}, 0.4, 3, 0.8);
    List<Ladder.Answer> all = Ladder.trade(target, STEP, rules);
    Ladder.Answer quickComb = Ladder.choose(all, 2, 60, 1);
    assertThat(quickComb.changes()).isZero();
    assertThat(quickComb.combSamples()).isPositive();
    Ladder.Answer slowComb = Ladder.choose(all, 10, 1, 60);
    assertThat(slowComb.combSamples()).isZero();
  }

  @Test
  void badInput_isRefusedWithItsRange() {
    assertThatThrownBy(() -> new Ladder.Rules(new double[] {3, 2}, new double[0], 0.3, 2, 0))
        .hasMessageContaining("must rise")
        .hasMessageContaining("2.0");
    assertThatThrownBy(() -> new Ladder.Rules(new double[] {3}, new double[0], 1.5, 2, 0))
        .hasMessageContaining("0 to 1");
    assertThatThrownBy(
            () ->
                Ladder.solve(
                    new double[][] {{3, -1}},
                    1,
                    new Ladder.Rules(new double[] {3}, new double[0], 0.3, 0, 0)))
        .hasMessageContaining("0 to 1500")
        .hasMessageContaining("-1.0");
  }
}
