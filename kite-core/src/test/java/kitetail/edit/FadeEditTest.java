package kitetail.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import kitetail.On;
import kitetail.cut.Fade;
import kitetail.cut.Guard;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FadeEditTest {
  private static final HeadSpec.Measured SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1200);

  /** A head of 24 mm all over, so that a fade has something to take. */
  private static final Plan PLAN =
      On.plan(
          SPEC,
          StartingHair.Taped.six(60, 60, 60, 60, 60, 60),
          List.of(new Section("all", "All", List.of())),
          List.of(
              new Move(
                  "all",
                  "All over",
                  "all",
                  new Guard(8, 0, Guard.Grain.AGAINST, null),
                  Damp.DRY,
                  Move.Stand.BACK,
                  "",
                  "",
                  false)),
          null,
          null);

  private static Fade fade(Plan p) {
    return (Fade)
        p.moves().stream().filter(m -> m.cut() instanceof Fade).findFirst().orElseThrow().cut();
  }

  @ParameterizedTest
  @EnumSource(FadeEdit.Start.class)
  void everyStart_cutsASoundPlan(FadeEdit.Start start) {
    Plan with = FadeEdit.start(PLAN, start, 1);
    assertThat(with.moves()).hasSize(2);
    Outcome o = PlanEngine.run(with, SCALP);
    assertThat(o.steps().get(1).takenMaxMm()).isGreaterThan(10);
    assertThat(o.endMm(Place.APEX)).isEqualTo(PlanEngine.run(PLAN, SCALP).endMm(Place.APEX));
    assertThat(On.found(with, SCALP))
        .filteredOn(f -> f.severity() == Finding.Severity.WARN)
        .isEmpty();
  }

  /** Low, middle and high climb; a drop falls behind the ear; common practice. */
  @Test
  void theStarts_areWhatTheyAreCalled() {
    Fade low = fade(FadeEdit.start(PLAN, FadeEdit.Start.LOW, 1));
    Fade middle = fade(FadeEdit.start(PLAN, FadeEdit.Start.MIDDLE, 1));
    Fade high = fade(FadeEdit.start(PLAN, FadeEdit.Start.HIGH, 1));
    Fade drop = fade(FadeEdit.start(PLAN, FadeEdit.Start.DROP, 1));
    assertThat(low.behindEarMm()).isLessThan(middle.behindEarMm());
    assertThat(middle.behindEarMm()).isLessThan(high.behindEarMm());
    assertThat(drop.behindEarMm()).isLessThan(drop.sideburnMm()).isLessThan(drop.napeMm());
    assertThat(drop.attachments()).containsExactly(0.5, 1.0, 2.0, 3.0);
    assertThat(fade(FadeEdit.start(PLAN, FadeEdit.Start.SKIN, 1)).attachments()).startsWith(0.0);
    assertThat(fade(FadeEdit.start(PLAN, FadeEdit.Start.TEMPLE, 1)).napeMm()).isZero();
    assertThat(fade(FadeEdit.start(PLAN, FadeEdit.Start.NAPE, 1)).sideburnMm()).isZero();
  }

  @Test
  void aSecondStart_keepsTheGuards_andTakesTheHeights() {
    Plan drop = FadeEdit.start(PLAN, FadeEdit.Start.DROP, 1);
    Fade own = fade(drop).with(FadeEdit.even(1.5, 2));
    Plan set = drop.withMoves(List.of(drop.moves().get(0), drop.moves().get(1).with(own)));
    Plan low = FadeEdit.start(set, FadeEdit.Start.LOW, 0);
    assertThat(low.moves()).hasSize(2);
    assertThat(fade(low).attachments()).containsExactly(1.5, 2.0);
    assertThat(fade(low).behindEarMm())
        .isEqualTo(fade(FadeEdit.start(PLAN, FadeEdit.Start.LOW, 1)).behindEarMm());
    assertThat(fade(FadeEdit.start(set, FadeEdit.Start.SKIN, 0)).attachments()).startsWith(0.0);
    assertThatThrownBy(() -> FadeEdit.start(PLAN, FadeEdit.Start.LOW, 5))
        .hasMessageContaining("0 to 1");
  }

  /** On, and changed, for every guard: 20 seconds each is what is assumed. */
  @Test
  void everyGuard_costsAChange() {
    Plan four = FadeEdit.start(PLAN, FadeEdit.Start.DROP, 1);
    Fade two = fade(four).with(FadeEdit.even(0.5, 3));
    Plan with = four.withMoves(List.of(four.moves().get(0), four.moves().get(1).with(two)));
    double more =
        PlanEngine.run(four, SCALP).steps().get(1).minutes()
            - PlanEngine.run(with, SCALP).steps().get(1).minutes();
    assertThat(more).isGreaterThanOrEqualTo(2 * 20 / 60.0 - 0.01);
  }
}
