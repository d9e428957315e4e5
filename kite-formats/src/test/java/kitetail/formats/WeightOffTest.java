package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.cut.Texture;
import kitetail.formats.json.Families;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.Planner;
import kitetail.planning.Risk;
import kitetail.planning.WeightOff;
import org.junit.jupiter.api.Test;

/** "Same again, but lighter": weight goes, the line stays. */
class WeightOffTest {
  private static final DemoClients.Client CLIENT = DemoClients.all().get(0);
  private static final Head HEAD = Head.of(CLIENT.head());
  private static final Workbench FEW = new Workbench(Scalp.of(HEAD, Risk.SITES));

  private static List<Plan> plans() {
    Workbench places = new Workbench(Scalp.ofPlaces(HEAD));
    return Families.all().values().stream()
        .map(f -> Planner.fit(CLIENT.on(f), places).plan())
        .toList();
  }

  private static Stock last(Plan plan) {
    List<Stock> states = PlanEngine.states(plan, FEW);
    return states.get(states.size() - 1);
  }

  private static double grams(Plan plan) {
    HairMap hair = FEW.hair(plan.hair());
    Stock after = last(plan);
    double out = 0;
    for (int i = 0; i < FEW.scalp().sites(); i++) {
      out += hair.grams(i, after.meanMm(i));
    }
    return out;
  }

  @Test
  void asMuchIsTakenAsIsAsked_andNoLineIsShorterForIt() {
    int set = 0;
    for (Plan plan : plans()) {
      if (!WeightOff.any(plan)) {
        continue;
      }
      double was = WeightOff.share(plan, FEW);
      for (double wanted : new double[] {0.6 * was, 1.3 * was}) {
        WeightOff.Turned t = WeightOff.set(plan, FEW, wanted);
        assertThat(t.was()).isEqualTo(was);
        // Shares are said by hundredths: no nearer than one of them.
        assertThat(t.got()).as(plan.title()).isCloseTo(wanted, within(0.015));
        assertThat(grams(t.plan()) < grams(plan)).as(plan.title()).isEqualTo(wanted > was);
        assertThat(last(t.plan()).longest()).as(plan.title()).containsExactly(last(plan).longest());
        set++;
      }
    }
    assertThat(set).isGreaterThan(20);
  }

  /** What is told is weighed: with its texturising moves left out a plan leaves so much more. */
  @Test
  void theShareTold_isWhatThePlanWithoutThoseMovesWeighsMore() {
    for (Plan plan : plans()) {
      Plan lines =
          plan.withMoves(plan.moves().stream().filter(m -> !(m.cut() instanceof Texture)).toList());
      assertThat(grams(lines) * (1 - WeightOff.share(plan, FEW)))
          .as(plan.title())
          .isCloseTo(grams(plan), within(1e-9 * grams(lines)));
    }
  }

  @Test
  void aPlanThatTakesNoWeight_andAShareThatCannotBe_areSaid() {
    Plan even = Families.all().get("even-all-over");
    assertThat(WeightOff.any(even)).isFalse();
    assertThatThrownBy(() -> WeightOff.set(even, FEW, 0.2)).hasMessageContaining("no move");
    assertThatThrownBy(() -> WeightOff.set(even, FEW, 1)).hasMessageContaining("0 to 0.9");
  }
}
