package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.Texture;
import kitetail.fall.Styling;
import kitetail.hair.StartingHair;
import kitetail.hair.Stock;
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
    // Swept over on purpose: nobody parted it.
    Styling swept = new Styling(Styling.Way.LEFT, Styling.Part.NONE, 0, 0, false);
    assertThat(HeavySide.of(Worn.of(EVEN, STAND, 0, swept))).isEmpty();
  }

  /** So many passes, taken by the engine, bring it near; one fewer does not. */
  @Test
  void thePassesThatAreAsked_areAsManyAsItTakes() {
    HeavySide heavy = parted(Styling.Part.LEFT).orElseThrow();
    Worn worn = Worn.of(EVEN, STAND, 0, new Styling(null, Styling.Part.LEFT, 0, 0, false));
    double light = worn.look().weight().leftGrams();
    int[] roots = worn.look().weight().side(false);
    Texture pass = new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, 1);
    int n = heavy.passes() > 0 ? heavy.passes() : HeavySide.MOST_PASSES;
    double had = 0;
    double left = 0;
    double before = 0;
    Stock after = worn.stock().texturised(roots, pass.share(), pass.backMm(), n);
    Stock fewer = worn.stock().texturised(roots, pass.share(), pass.backMm(), n - 1);
    for (int i : roots) {
      had += worn.stock().meanMm(i);
      left += after.meanMm(i);
      before += fewer.meanMm(i);
    }
    double grams = worn.look().weight().rightGrams();
    if (heavy.passes() > 0) {
      assertThat(grams * left / had).isLessThan(1.26 * light);
      assertThat(grams * before / had).isGreaterThan(1.14 * light);
    } else {
      assertThat(grams * left / had).isGreaterThan(1.14 * light);
    }
  }
}
