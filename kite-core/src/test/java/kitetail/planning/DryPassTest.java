package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.fall.Styling;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/**
 * Common practice: hair that stands out at the crown is cut short enough to lie close, or left long
 * enough for its weight to hold it.
 */
class DryPassTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Worn.Stand STAND = Worn.Stand.of(Scalp.of(Head.of(SPEC), 800));

  private static Plan even(double mm) {
    return On.plan(
            SPEC,
            StartingHair.Taped.six(mm, mm, mm, mm, mm, mm),
            List.of(new Section("all", "All", List.of())),
            List.of(),
            Wishes.NONE,
            null)
        .worn(Styling.NATURAL);
  }

  @Test
  void whatStandsUp_isToldTwoLengthsAtWhichItLies_eachTrue() {
    DryPass d = DryPass.of(even(26), STAND, Place.CROWN);
    assertThat(d.lies()).isFalse();
    assertThat(d.lengthMm()).isCloseTo(26, within(1.0));
    assertThat(d.shorterMm()).isBetween(5.0, 25.0);
    assertThat(d.longerMm()).isBetween(27.0, 70.0);
    // A centimetre or so a month.
    assertThat(d.weeks()).isCloseTo((d.longerMm() - 26) / 2.5, within(1.5));
    assertThat(DryPass.of(even(d.longerMm()), STAND, Place.CROWN).lies()).isTrue();
    assertThat(DryPass.of(even(d.shorterMm()), STAND, Place.CROWN).lies()).isTrue();
  }

  @Test
  void whatLies_isLeftAlone() {
    DryPass d = DryPass.of(even(200), STAND, Place.APEX);
    assertThat(d.lies()).isTrue();
    assertThat(d.shorterMm()).isZero();
    assertThat(d.longerMm()).isZero();
  }
}
