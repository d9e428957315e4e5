package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.fall.Styling;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/**
 * Common practice: with an off-centre part the wide side is heavier and is thinned a pass or two;
 * with a middle part, or without one, both sides are alike.
 */
class HeavySideTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Worn.Stand STAND = Worn.Stand.of(Scalp.of(Head.of(SPEC), 900));
  private static final Plan EVEN =
      On.plan(
          SPEC,
          StartingHair.Taped.six(160, 160, 160, 160, 160, 160),
          List.of(new Section("all", "All", List.of())),
          List.of(),
          Wishes.NONE,
          null);

  private static Optional<HeavySide> parted(Styling.Part part) {
    return HeavySide.of(Worn.of(EVEN, STAND, 0, new Styling(null, part, 0, 0, false)));
  }

  @Test
  void theWideSideOfAnOffCentrePart_isHeavier_byWhatLiesThere() {
    HeavySide right = parted(Styling.Part.LEFT).orElseThrow();
    HeavySide left = parted(Styling.Part.RIGHT).orElseThrow();
    assertThat(right.left()).isFalse();
    assertThat(left.left()).isTrue();
    // The usual head is the same on both sides.
    assertThat(right.moreGrams()).isCloseTo(left.moreGrams(), within(0.15 * left.moreGrams()));
    Worn worn = Worn.of(EVEN, STAND, 0, new Styling(null, Styling.Part.LEFT, 0, 0, false));
    double seen = worn.look().weight().rightGrams() - worn.look().weight().leftGrams();
    assertThat(right.moreGrams()).isCloseTo(seen, within(0.05 * seen));
  }

  @Test
  void aMiddlePart_andNone_haveNoHeavySide() {
    assertThat(parted(Styling.Part.CENTRE)).isEmpty();
    assertThat(parted(Styling.Part.NONE)).isEmpty();
  }

  @Test
  void noMorePassesAreAsked_thanThatHairBears() {
    assertThat(parted(Styling.Part.LEFT).orElseThrow().passes())
        .isBetween(0, HeavySide.MOST_PASSES);
  }
}
