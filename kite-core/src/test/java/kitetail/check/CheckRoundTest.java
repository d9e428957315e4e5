package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Slip;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** The round after the cut: what is looked at, in which order, and how. */
class CheckRoundTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp S = Scalp.of(Head.of(SPEC), 900);

  @Test
  void theRoundChecksSeamsAndLastBitesFirst_thenAcross_thenBothSides() {
    Plan p =
        On.plan(
            SPEC,
            StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
            List.of(
                new Section(
                    "top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400))),
                new Section(
                    "side", "Sides", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)))),
            // What the first move leaves on top is cut over by the second, and so not checked.
            List.of(
                round("early", 70, "top", Facing.UP),
                round("a", 60, "top", Facing.BACK),
                round("b", 60, "side", Facing.UP)),
            Wishes.NONE,
            null);
    Plan slipped = Slip.into(p, "b", Place.CROWN, 9);
    CheckRound r = CheckRound.of(slipped, PlanEngine.run(slipped, S));
    assertThat(r.items().get(0).place())
        .as("what slipped is looked at first")
        .isEqualTo(Place.CROWN);
    List<CheckRound.Kind> kinds = r.items().stream().map(CheckRound.Item::kind).toList();
    assertThat(kinds).isSorted().contains(CheckRound.Kind.values());
    assertThat(r.items())
        .filteredOn(i -> i.kind() == CheckRound.Kind.SEAM)
        .allSatisfy(
            i -> {
              assertThat(i.expectMm()).isCloseTo(60, within(2.0));
              assertThat(i.sections()).containsExactlyInAnyOrder("top", "side");
            });
    // Across the way it was cut: worked back in crosswise bites, checked level; worked up, upright.
    assertThat(r.items())
        .filteredOn(i -> i.kind() == CheckRound.Kind.ACROSS)
        .extracting(CheckRound.Item::way)
        .containsExactly(CheckRound.Way.LEVEL, CheckRound.Way.UPRIGHT);
    assertThat(r.items()).allSatisfy(i -> assertThat(i.toleranceMm()).isBetween(1.0, 10.0));
    assertThat(Arrays.stream(CheckRound.Kind.values())).hasSize(5);
  }

  private static Move round(String id, double mm, String section, Facing toward) {
    return new Move(
        id,
        id,
        section,
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), toward, 12),
        Damp.DRY,
        Move.Stand.BACK,
        "",
        "",
        false);
  }
}
