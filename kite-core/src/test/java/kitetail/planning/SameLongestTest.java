package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import kitetail.On;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.look.Silhouette;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** Neither just cut nor due: common practice that some want it so. */
class SameLongestTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Worn.Stand STAND = Worn.Stand.of(Scalp.of(Head.of(SPEC), 500));

  private static Plan plan(double mm, Wishes wishes) {
    return On.plan(
        SPEC,
        StartingHair.Taped.six(150, 150, 150, 150, 150, 150),
        List.of(new Section("all", "All", List.of())),
        List.of(
            new Move(
                "round",
                "Round",
                "all",
                new Fingers(
                    new Hold.StraightOut(),
                    new CutLine.Round(mm),
                    new Guide.Travelling(),
                    Facing.BACK,
                    12),
                null,
                null,
                "",
                "",
                false)),
        wishes,
        null);
  }

  /** The area between two squares of 40 and 44 mm over the perimeter of the first. */
  @Test
  void anOutlineMoves_byTheAreaBetween_overItsLength() {
    assertThat(square(20).shiftMm(square(22))).isCloseTo((44 * 44 - 40 * 40) / 160.0, within(1e-9));
    assertThat(square(20).shiftMm(square(20))).isZero();
  }

  private static Silhouette square(double half) {
    return new Silhouette(
        Silhouette.From.FRONT,
        new double[] {-half, half, half, -half, -half},
        new double[] {-half, -half, half, half, -half});
  }

  @Test
  void whatIsTaken_changesNoMoreThanThePlanAsItWas_andEverySettingIsLookedAt() {
    List<Integer> told = new ArrayList<>();
    SameLongest s = SameLongest.of(plan(70, Wishes.NONE), STAND, 6, told::add);
    assertThat(told).hasSize(SameLongest.TRIED).endsWith(SameLongest.TRIED);
    assertThat(s.changeMm()).isPositive().isLessThanOrEqualTo(s.wasMm());
    double now = s.plan().move("round").cut().dial(Dial.LENGTH).orElseThrow().value();
    assertThat(now).isCloseTo(70 * s.share(), within(0.3));
  }

  /** A longer wait changes more. */
  @Test
  void moreWeeks_changeMore() {
    Plan p = plan(70, Wishes.NONE);
    assertThat(SameLongest.of(p, STAND, 12, n -> {}).wasMm())
        .isGreaterThan(SameLongest.of(p, STAND, 3, n -> {}).wasMm());
  }

  @Test
  void whatTheClientAskedFor_stays() {
    SameLongest s =
        SameLongest.of(plan(70, Wishes.of(new Wish(Place.APEX, 70))), STAND, 8, n -> {});
    assertThat(s.plan().move("round").cut().dial(Dial.LENGTH).orElseThrow().value())
        .isCloseTo(70, within(3.5));
  }

  @Test
  void weeksOutOfRange_areRefused() {
    assertThatThrownBy(() -> SameLongest.of(plan(70, Wishes.NONE), STAND, 40, n -> {}))
        .hasMessageContaining("1 to 26");
  }
}
