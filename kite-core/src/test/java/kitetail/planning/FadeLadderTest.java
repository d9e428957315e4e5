package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import kitetail.cut.Fade;
import kitetail.edit.FadeEdit;
import kitetail.plan.Kit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FadeLadderTest {
  private static final Fade MIDDLE = new Fade(FadeEdit.even(0.5, 1, 2, 3), 34, 38, 50, null, 60);

  /** Heights the usual set can be put to: the blade by its lever, and eighths of an inch. */
  private static final double[] USUAL = {
    0.3, 0.7, 1.4, 1.5875, 3.175, 4.7625, 6.35, 9.525, 11.1125, 12.7, 15.875, 19.05, 22.225, 25.4
  };

  /** What is offered errs as the exact ladder for the same number of guards does. */
  @ParameterizedTest
  @ValueSource(doubles = {4, 9.5, 16})
  void theOffers_areTheExactLadders(double toMm) {
    FadeLadder.Wish wish = new FadeLadder.Wish(0.5, toMm);
    double[][] target = new double[1][50];
    for (int i = 0; i < 50; i++) {
      target[0][i] = 0.5 + (i + 0.5) / 50 * (toMm - 0.5);
    }
    List<Ladder.Answer> exact = Ladder.solve(target, 1, Ladder.Rules.usual(USUAL, 7, 0));
    for (FadeLadder.Offer o : FadeLadder.offers(MIDDLE, Kit.USUAL, wish)) {
      int changes = o.fade().bands().size() - 1;
      Ladder.Answer a =
          exact.stream()
              .filter(Objects::nonNull)
              .filter(x -> x.bands().size() - 1 == changes)
              .findFirst()
              .orElseThrow();
      assertThat(o.worstMm()).as("%d changes", changes).isCloseTo(a.worstMm(), within(0.4));
    }
  }

  @Test
  void moreGuards_comeNearer_andFewerAreOfferedFirst() {
    List<FadeLadder.Offer> all =
        FadeLadder.offers(MIDDLE, Kit.USUAL, new FadeLadder.Wish(1.6, 9.5));
    assertThat(all.size()).isGreaterThan(2);
    for (int k = 1; k < all.size(); k++) {
      assertThat(all.get(k).worstMm()).isLessThan(all.get(k - 1).worstMm());
      assertThat(all.get(k).fade().bands().size())
          .isGreaterThan(all.get(k - 1).fade().bands().size());
    }
    FadeLadder.Offer best = all.get(all.size() - 1);
    assertThat(best.worstMm()).isLessThan(1.2);
    assertThat(best.fade().napeMm()).isEqualTo(50);
  }

  /**
   * A shop whose one leaves more than its one and a half should: the useless one is not offered.
   */
  @Test
  void guardsAreTakenAsTheShopMeasuredThem() {
    Kit odd = new Kit(List.of(new Kit.Measured(1, 5.2), new Kit.Measured(1.5, 4.6)), 0.7, 1.4);
    FadeLadder.Wish wish = new FadeLadder.Wish(1.6, 9.5);
    for (FadeLadder.Offer o : FadeLadder.offers(MIDDLE, odd, wish)) {
      assertThat(o.fade().attachments()).doesNotContain(1.5);
      assertThat(o.worstMm()).isEqualTo(FadeLadder.worstMm(o.fade(), wish, odd), within(1e-12));
    }
    assertThat(FadeLadder.wish(MIDDLE, odd).toMm()).isCloseTo(9.525, within(1e-9));
  }

  @Test
  void aFadeThatRunsNowhere_hasNoOffer_andWishesAreInRange() {
    Fade none = new Fade(FadeEdit.even(1, 2), 0, 0, 0, null, 60);
    assertThat(FadeLadder.offers(none, Kit.USUAL, new FadeLadder.Wish(1, 9))).isEmpty();
    assertThatThrownBy(() -> new FadeLadder.Wish(0, 9)).hasMessageContaining("0.3 to 40");
    assertThatThrownBy(() -> new FadeLadder.Wish(5, 4)).hasMessageContaining("5.0 to 40");
  }
}
