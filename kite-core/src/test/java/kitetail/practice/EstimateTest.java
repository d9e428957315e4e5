package kitetail.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kitetail.planning.Hands;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EstimateTest {
  @Test
  void aSimulatedHand_isWithinItsRange_19TimesIn20() {
    Random r = new Random(1);
    int mean = 0;
    int spread = 0;
    int runs = 2000;
    for (int run = 0; run < runs; run++) {
      double bias = 6 * (r.nextDouble() - 0.5);
      double sd = 0.5 + 3 * r.nextDouble();
      List<Double> seen = new ArrayList<>();
      int n = 6 + r.nextInt(30);
      for (int k = 0; k < n; k++) {
        seen.add(bias + sd * r.nextGaussian());
      }
      Estimate e = Estimate.of(seen);
      mean += e.meanLow() <= bias && bias <= e.meanHigh() ? 1 : 0;
      spread += e.spreadLow() <= sd && sd <= e.spreadHigh() ? 1 : 0;
    }
    // 2 000 runs tell a share to a hundredth, two deviations.
    assertThat((double) mean / runs).isBetween(0.94, 0.96);
    assertThat((double) spread / runs).isBetween(0.94, 0.96);
  }

  /** Worked by hand: 2, 4, 4, 6 has mean 4 and spread √(8/3); t₀.₉₇₅ of 3 is 3.182 (any table). */
  @Test
  void fourNumbers_asByHand() {
    Estimate e = Estimate.of(List.of(2.0, 4.0, 4.0, 6.0));
    assertThat(e.mean()).isEqualTo(4);
    assertThat(e.spread())
        .isCloseTo(Math.sqrt(8.0 / 3), org.assertj.core.data.Offset.offset(1e-12));
    assertThat(e.meanHigh() - 4)
        .isCloseTo(3.182 * Math.sqrt(8.0 / 3) / 2, org.assertj.core.data.Offset.offset(1e-3));
    assertThatThrownBy(() -> Estimate.of(List.of(1.0)))
        .hasMessage("at least 4 must be seen, were 1");
  }

  @Test
  void aHandSeldomSeen_countsAsUsual_oneSeenOftenAsItself() {
    Hand none = Hand.of(List.of());
    assertThat(none.over(Hands.USUAL)).isEqualTo(Hands.USUAL);
    Random r = new Random(3);
    List<Seen> much = new ArrayList<>();
    for (int k = 0; k < 400; k++) {
      much.add(new Seen(Skill.COMB_GAP, 3 * r.nextGaussian()));
      much.add(new Seen(Skill.ELEVATION, -7 + r.nextGaussian()));
    }
    Hands own = Hand.of(much).over(Hands.USUAL);
    assertThat(own.gapMm()).isCloseTo(3, org.assertj.core.data.Offset.offset(0.3));
    assertThat(own.sinkDeg()).isCloseTo(7, org.assertj.core.data.Offset.offset(0.4));
    assertThat(own.lengthMm()).isEqualTo(Hands.USUAL.lengthMm());
  }

  /** Whatever was tried, hands stray by no more than hands can: plans are worked out under them. */
  @Test
  void aHandThatWasOffByAnything_isStillAHand() {
    List<Seen> wild = new ArrayList<>();
    for (int k = 0; k < 40; k++) {
      for (Skill s : Skill.values()) {
        wild.add(new Seen(s, k % 2 == 0 ? -1500 : 1400));
      }
    }
    Hands own = Hand.of(wild).over(Hands.USUAL);
    assertThat(own.elevationDeg()).isEqualTo(60);
    assertThat(own.gapMm()).isEqualTo(60);
    assertThat(own.sinkDeg()).isEqualTo(42, org.assertj.core.data.Offset.offset(2.0));
  }

  @Test
  void aTryAtAnotherLevel_tellsOnlyWhatItCan() {
    // Good where it is harder is good here; not good there says nothing of here.
    assertThat(Staircase.next(2.4, 4, true)).isGreaterThan(4);
    assertThat(Staircase.next(2.4, 4, false)).isEqualTo(2.4);
    assertThat(Staircase.next(2.4, 1, true)).isEqualTo(2.4);
    assertThat(Staircase.next(2.4, 1, false)).isLessThan(2.4);
    assertThat(Staircase.next(2.4, 2, true)).isEqualTo(Staircase.next(2.4, true));
  }

  /** Learners who manage a level with a chance that falls by it, whatever their skill. */
  @ParameterizedTest
  @ValueSource(doubles = {2.2, 3, 4})
  void difficulty_settlesWhereFourInFiveAreGood(double skill) {
    Random r = new Random(5);
    double level = Staircase.FIRST;
    int good = 0;
    int tries = 4000;
    for (int k = 0; k < tries; k++) {
      double chance = 1 / (1 + Math.exp(2.5 * (level - skill)));
      boolean well = r.nextDouble() < chance;
      good += well && k >= 200 ? 1 : 0;
      level = Staircase.next(level, well);
    }
    assertThat((double) good / (tries - 200)).isBetween(0.75, 0.85);
  }

  @Test
  void whatCostsMost_isNext_andNotWhatWasJustDone() {
    Random r = new Random(9);
    List<Seen> seen = new ArrayList<>();
    for (int k = 0; k < 30; k++) {
      seen.add(new Seen(Skill.ELEVATION, -12 + 3 * r.nextGaussian()));
      seen.add(new Seen(Skill.COMB_GAP, 0.5 * r.nextGaussian()));
    }
    Hand hand = Hand.of(seen);
    assertThat(NextDrill.of(hand, java.util.Map.of())).isEqualTo(Drill.HOLD);
    assertThat(NextDrill.of(hand, java.util.Map.of(Drill.HOLD, 0.01))).isNotEqualTo(Drill.HOLD);
  }
}
