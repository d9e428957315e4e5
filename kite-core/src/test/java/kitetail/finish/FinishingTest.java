package kitetail.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.On;
import kitetail.fall.Styling;
import kitetail.finish.Finishing.What;
import kitetail.hair.Damp;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;
import kitetail.section.Section;
import kitetail.wish.Wishes;
import org.junit.jupiter.api.Test;

/** What goes in at which dampness: common practice. */
class FinishingTest {
  private static List<What> worn(Styling.Way way, double product, double hold, WetDry wetDry) {
    return steps(way, product, hold, wetDry).stream().map(Finishing.Step::what).toList();
  }

  private static List<Finishing.Step> steps(
      Styling.Way way, double product, double hold, WetDry wetDry) {
    Plan p =
        On.plan(
                new HeadSpec.Ball(90),
                StartingHair.Taped.six(80, 80, 80, 80, 80, 80),
                List.of(new Section("all", "All", List.of())),
                List.of(),
                Wishes.NONE,
                null)
            .withHair(new Hair(60, 0.36, 200, 70, wetDry, Growth.USUAL, List.of()))
            .worn(new Styling(way, Styling.Part.NONE, product, hold, false));
    return Finishing.of(p).steps();
  }

  @Test
  void gelGoesInBeforeDrying_creamWhenDry() {
    List<What> side = worn(Styling.Way.RIGHT, 0.1, 0.8, WetDry.STRAIGHT);
    assertThat(side)
        .containsSubsequence(What.GEL, What.DRY_ALONG, What.HOLD_UNTIL_COLD, What.CREAM);
    assertThat(worn(Styling.Way.RIGHT, 0, 0, WetDry.STRAIGHT))
        .doesNotContain(What.GEL, What.CREAM, What.HOLD_UNTIL_COLD);
  }

  @Test
  void powderIsForDryCooledHairThatStands_andTheNeckIsCleanedInTheWait() {
    assertThat(worn(Styling.Way.UP, 0.1, 0.8, WetDry.STRAIGHT))
        .containsSubsequence(
            What.DRY_UP, What.HOLD_UNTIL_COLD, What.CLEAN_NECK, What.LOOK_DRY, What.POWDER)
        .doesNotContain(What.GEL);
  }

  @Test
  void curlsAreCreamedDamp_andDriedGently() {
    assertThat(worn(Styling.Way.NATURAL, 0.1, 0, new WetDry(0.03, 0.6)))
        .containsSubsequence(What.TOWEL, What.CURL_CREAM, What.DRY_CURLS)
        .doesNotContain(What.DRY_ALONG, What.HOLD_UNTIL_COLD, What.CREAM);
  }

  @Test
  void hairOnlyEverGetsDrier() {
    for (Styling.Way way : Styling.Way.values()) {
      List<Damp> damp =
          steps(way, 0.1, 0.8, WetDry.STRAIGHT).stream().map(Finishing.Step::damp).toList();
      assertThat(damp).isSortedAccordingTo((a, b) -> Integer.compare(a.ordinal(), b.ordinal()));
    }
  }
}
