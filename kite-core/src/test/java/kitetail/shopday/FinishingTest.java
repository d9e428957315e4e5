package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.Guard;
import kitetail.fall.Styling;
import kitetail.fall.Styling.Dried;
import kitetail.hair.Damp;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.HeadSpec;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Section;
import kitetail.shopday.Finishing.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes in at which dampness: common practice. */
class FinishingTest {
  private static final Hair STRAIGHT = hair(WetDry.STRAIGHT);
  private static final Hair CURLY = hair(new WetDry(0.03, 0.6));

  private static Hair hair(WetDry wetDry) {
    return new Hair(60, 0.36, 200, 70, wetDry, Growth.USUAL, List.of());
  }

  private static Styling styled(Styling.Way way, double product, double hold, Dried dried) {
    return new Styling(way, Styling.Part.NONE, product, hold, false, dried, 0, 0);
  }

  private static List<Finishing.Step> steps(Hair hair, Styling s, Damp... cut) {
    List<Move> moves = new ArrayList<>();
    for (Damp d : cut) {
      Guard guard = new Guard(6, 0, Guard.Grain.AGAINST, null);
      moves.add(new Move("m" + moves.size(), "Cut", "all", guard, d, null, "", "", false));
    }
    Plan p =
        On.plan(
                new HeadSpec.Ball(90),
                StartingHair.Taped.six(80, 80, 80, 80, 80, 80),
                List.of(new Section("all", "All", List.of())),
                moves,
                Wishes.NONE,
                null)
            .withHair(hair)
            .worn(s);
    return Finishing.of(p).steps();
  }

  private static List<What> done(Hair hair, Styling s, Damp... cut) {
    return steps(hair, s, cut).stream().map(Finishing.Step::what).toList();
  }

  @Test
  void gelGoesInBeforeDrying_creamWhenDry() {
    assertThat(done(STRAIGHT, styled(Styling.Way.RIGHT, 0.1, 0.8, Dried.NOZZLE)))
        .containsSubsequence(What.GEL, What.DRY_ALONG, What.HOLD_UNTIL_COLD, What.CREAM);
    assertThat(done(STRAIGHT, styled(Styling.Way.RIGHT, 0, 0, Dried.NOZZLE)))
        .doesNotContain(What.GEL, What.CREAM, What.HOLD_UNTIL_COLD);
  }

  @Test
  void powderIsForDryCooledHairThatStands_andTheNeckIsCleanedInTheWait() {
    assertThat(done(STRAIGHT, styled(Styling.Way.UP, 0.1, 0.8, Dried.NOZZLE)))
        .containsSubsequence(
            What.DRY_UP, What.HOLD_UNTIL_COLD, What.CLEAN_NECK, What.LOOK_DRY, What.POWDER)
        .doesNotContain(What.GEL);
  }

  @Test
  void curlsAreCreamedDamp_andDriedGently() {
    assertThat(done(CURLY, styled(Styling.Way.NATURAL, 0.1, 0, Dried.DIFFUSER)))
        .containsSubsequence(What.TOWEL, What.CURL_CREAM, What.DRY_CURLS)
        .doesNotContain(What.DRY_ALONG, What.HOLD_UNTIL_COLD, What.CREAM);
  }

  /** The plan says with what; a step that names another tool would be wrong. */
  @ParameterizedTest
  @CsvSource({
    "AIR,AIR_DRY",
    "CLOTH,CLOTH_DRY",
    "NOZZLE,DRY_ALONG",
    "DIFFUSER,DRY_CURLS",
    "VENT_BRUSH,DRY_VENT",
    "FLAT_BRUSH,DRY_FLAT",
    "ROUND_BRUSH,DRY_ROUND",
    "IRON,IRON"
  })
  void itIsDriedWithWhatThePlanSays(Dried dried, What step) {
    List<What> all = done(STRAIGHT, styled(Styling.Way.BACK, 0.1, 0.3, dried), Damp.WET);
    assertThat(all).containsSubsequence(What.TOWEL, step, What.LOOK_DRY, What.CREAM);
    // Nothing was heated, so nothing cools.
    assertThat(all.contains(What.HOLD_UNTIL_COLD))
        .isEqualTo(dried != Dried.AIR && dried != Dried.CLOTH);
  }

  @Test
  void hairCutDryAtTheEnd_isNotTowelledAgain_andWettedOnlyForWhatGoesInDamp() {
    Styling soft = styled(Styling.Way.RIGHT, 0.1, 0.2, Dried.VENT_BRUSH);
    assertThat(done(STRAIGHT, soft, Damp.WET, Damp.DRY))
        .containsSubsequence(What.BRUSH_OUT, What.LOOK_DRY, What.CREAM)
        .doesNotContain(What.TOWEL, What.MIST, What.DRY_VENT);
    Styling firm = styled(Styling.Way.RIGHT, 0.1, 0.8, Dried.VENT_BRUSH);
    assertThat(done(STRAIGHT, firm, Damp.DRY))
        .containsSubsequence(What.BRUSH_OUT, What.MIST, What.GEL, What.DRY_VENT, What.CREAM)
        .doesNotContain(What.TOWEL);
    assertThat(done(STRAIGHT, firm, Damp.DRY, Damp.WET)).startsWith(What.TOWEL);
  }

  @Test
  void hairOnlyEverGetsDrier_butForTheMist() {
    for (Styling.Way way : Styling.Way.values()) {
      for (Dried dried : Dried.values()) {
        for (Damp cut : Damp.values()) {
          Damp before = Damp.WET;
          boolean misted = false;
          for (Finishing.Step s : steps(STRAIGHT, styled(way, 0.1, 0.8, dried), cut)) {
            assertThat(misted || s.damp().compareTo(before) >= 0).as("%s", s).isTrue();
            misted = s.what() == What.MIST;
            before = s.damp();
          }
        }
      }
    }
  }
}
