package kitetail.client;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import org.junit.jupiter.api.Test;

class ReadingTest {
  private static final Head HEAD = Head.of(new HeadSpec.Measured(570, null, null));

  @Test
  void aLengthThatIsThere_saysHowMuchComesOff() {
    Reading r = Reading.of(new Wish(Place.APEX, 60), HEAD, Hair.DEFAULT, 95);
    assertThat(r.offMm()).isCloseTo(35, within(1e-9));
    assertThat(r.shortMm()).isZero();
    assertThat(r.weeks()).isZero();
  }

  @Test
  void aLengthThatIsNot_saysHowMuchIsMissing_andInHowManyWeeks() {
    Reading r = Reading.of(new Wish(Place.APEX, 120), HEAD, new Hair(60, 0.4), 92);
    assertThat(r.shortMm()).isCloseTo(28, within(1e-9));
    assertThat(r.weeks()).isCloseTo(10, within(1e-9));
    assertThat(r.offMm()).isZero();
  }

  @Test
  void curlyHair_needsMoreToHangAsLong() {
    Hair curly = new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.8), Growth.USUAL, List.of());
    assertThat(new Wish(Place.APEX, 80).needMm(HEAD, curly)).isCloseTo(100, within(1e-9));
  }

  /** From the front hairline a longer way at each step: brow, eye, nose, chin. */
  @Test
  void landings_lieFartherDownTheFaceInTheirOrder() {
    double last = 0;
    for (Landing l : new Landing[] {Landing.BROW, Landing.EYE, Landing.NOSE_TIP, Landing.CHIN}) {
      double need = new Wish(Place.FRONT, l).needMm(HEAD, Hair.DEFAULT);
      assertThat(need).isGreaterThan(last + 10);
      last = need;
    }
    // A fringe to the brow is some two and a half inches: common practice.
    assertThat(new Wish(Place.FRONT, Landing.BROW).needMm(HEAD, Hair.DEFAULT))
        .isBetween(50.0, 85.0);
    double left = new Wish(Place.RIDGE_LEFT, Landing.MID_EAR).needMm(HEAD, Hair.DEFAULT);
    double right = new Wish(Place.RIDGE_RIGHT, Landing.MID_EAR).needMm(HEAD, Hair.DEFAULT);
    assertThat(left).isCloseTo(right, within(0.5)).isBetween(90.0, 140.0);
  }

  @Test
  void aWish_givesALength_aLanding_orAHeight() {
    assertThatThrownBy(() -> new Wish(Place.APEX, null, null, null)).hasMessageContaining("one of");
    assertThatThrownBy(() -> new Wish(Place.APEX, 5.0, Landing.BROW, null))
        .hasMessageContaining("one of");
    assertThatThrownBy(() -> Wish.standing(Place.APEX, 2)).hasMessageContaining("5 to 300");
  }
}
