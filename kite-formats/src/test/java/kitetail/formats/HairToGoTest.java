package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.client.Wishes;
import kitetail.formats.json.Families;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.HairToGo;
import kitetail.planning.Mending;
import kitetail.planning.Planner;
import kitetail.planning.Reach;
import org.junit.jupiter.api.Test;

/**
 * A shape the hair does not reach is planned for when it does, and whoever begins it today is told.
 */
class HairToGoTest {
  private static final HeadSpec.Measured HEAD = new HeadSpec.Measured(572, 350.0, 330.0);
  private static final Workbench CHECKED = new Workbench(Scalp.of(Head.of(HEAD), Mending.SITES));
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(Head.of(HEAD)));
  private static final SitDown SHORT =
      new SitDown(
          SitDown.VERSION,
          HEAD,
          new Hair(60, 0.36),
          StartingHair.Taped.six(80, 75, 70, 50, 55, 45),
          Wishes.NONE,
          null);

  private static Planner.Fit fitted(SitDown client, String family) {
    return Mending.of(client.planOf(Families.all().get(family)), PLACES, CHECKED);
  }

  @Test
  void aTailOnShortHair_waits_andItsPlanSaysSoUntilTheHairIsThere() {
    Reach reach = Reach.of(fitted(SHORT, "crop-and-tail"), PLACES);
    assertThat(reach.now()).as("a tail out of 45 mm at the nape").isFalse();
    Plan later = fitted(reach.then(SHORT), "crop-and-tail").plan();
    assertThat(HairToGo.weeks(later, SHORT.start(), PLACES)).isCloseTo(reach.weeks(), within(1.0));
    StartingHair half = SHORT.start().later(7 * reach.weeks() / 2, 0.36);
    assertThat(HairToGo.weeks(later, half, PLACES)).isCloseTo(reach.weeks() / 2, within(1.0));
    StartingHair there = SHORT.start().later(7 * reach.weeks(), 0.36);
    assertThat(HairToGo.weeks(later, there, PLACES)).isZero();
  }

  @Test
  void aPlanForTheHairThatIsThere_waitsForNothing() {
    for (String family : List.of("gents-scissor-cut", "short-sides-chipped-top")) {
      Plan today = fitted(SHORT, family).plan();
      assertThat(HairToGo.weeks(today, SHORT.start(), PLACES)).isZero();
    }
  }
}
