package kitetail.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import kitetail.On;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;

class SectionTest {
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 2000);

  private static Section of(Limit... limits) {
    return new Section("s", "S", List.of(limits));
  }

  private static double share(Section s) {
    return BALL.areaMm2(On.roots(BALL, s)) / BALL.totalAreaMm2();
  }

  @Test
  void withoutLimits_itIsTheWholeScalp() {
    assertThat(On.roots(BALL, of())).hasSize(BALL.roots());
  }

  @Test
  void aQuarterRound_isAQuarterOfABall() {
    assertThat(share(of(new Limit.Between(Scalar.AROUND_DEG, 0, 90))))
        .isCloseTo(0.25, within(0.01));
  }

  @Test
  void aboveTheRidgeOfABall_liesTheCapAbove45Degrees() {
    assertThat(share(of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400))))
        .isCloseTo(1 - Math.sqrt(0.5), within(0.015)); // Archimedes
  }

  @Test
  void roundTheBack_minIsAboveMax() {
    int[] back = On.roots(BALL, of(new Limit.Between(Scalar.AROUND_DEG, 150, -150)));
    assertThat(Arrays.stream(back).mapToDouble(i -> BALL.pointMm(i).y()).max().orElseThrow())
        .isLessThanOrEqualTo(1e-9);
    assertThat(share(of(new Limit.Between(Scalar.AROUND_DEG, 150, -150))))
        .isCloseTo(60 / 360.0, within(0.01));
  }

  @Test
  void twoSectionsThatMeet_shareNoPlace_andLeaveNoneOut() {
    int low = On.roots(BALL, of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 50))).length;
    int high = On.roots(BALL, of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 50, 400))).length;
    assertThat(low + high).isEqualTo(BALL.roots());
  }

  @Test
  void theLowerEdge_isTheHighestOfItsLowerLimits() {
    double quarter = Math.PI / 2 * 90;
    assertThat(On.zone(BALL, of()).lowerEdgeFromApexMm(1)).isCloseTo(quarter, within(0.05));
    assertThat(
            On.zone(BALL, of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 30, 60)))
                .lowerEdgeFromApexMm(1))
        .isCloseTo(quarter - 30, within(0.05));
    assertThat(
            On.zone(BALL, of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 5, 60)))
                .lowerEdgeFromApexMm(1))
        .isCloseTo(quarter / 2 - 5, within(0.05));
    assertThat(
            On.zone(BALL, of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 20))).lowerEdgeFromApexMm(1))
        .isCloseTo(20, within(0.05));
  }

  @Test
  void aLimitTheWrongWayRound_isRefused_butForAzimuth() {
    assertThatThrownBy(() -> new Limit.Between(Scalar.ABOVE_RIDGE_MM, 5, -5))
        .hasMessageContaining("5.0 to -5.0");
    assertThat(new Limit.Between(Scalar.AROUND_DEG, 5, -5).min()).isEqualTo(5);
    assertThatThrownBy(() -> new Limit.Between(Scalar.ACROSS_MM, Double.NaN, 5))
        .hasMessageContaining("finite");
  }
}
