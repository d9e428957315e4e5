package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import kitetail.On;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a way of cutting does on a measured head. All expectations are common practice. */
class OnAHeadTest {
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), 1500);
  private static final Section ALL = new Section("all", "All", List.of());
  private static final Hold OUT = new Hold.StraightOut();

  private static double at(double[] left, Section section, Place place) {
    int[] roots = On.roots(HEAD, section);
    int best = 0;
    for (int k = 1; k < roots.length; k++) {
      double d = HEAD.pointMm(roots[k]).distanceTo(HEAD.head().place(place));
      best = d < HEAD.pointMm(roots[best]).distanceTo(HEAD.head().place(place)) ? k : best;
    }
    return left[best];
  }

  private static double[] cut(Cut c, Section s) {
    return On.leaves(c, HEAD, s);
  }

  private static Fingers fingers(Hold hold, CutLine line, Guide guide, Facing progress) {
    return new Fingers(hold, line, guide, progress, 12);
  }

  @Test
  void aFlatLineAcrossTheTop_leavesTheFrontLonger_sinceTheForeheadFallsAway() {
    double[] left =
        cut(
            fingers(
                new Hold.Toward(Facing.UP),
                new CutLine.Flat(Facing.UP, Place.APEX, 60, 0),
                new Guide.Travelling(),
                Facing.BACK),
            ALL);
    assertThat(at(left, ALL, Place.APEX)).isCloseTo(60, within(0.5));
    assertThat(at(left, ALL, Place.FRONT)).isGreaterThan(75);
    assertThat(at(left, ALL, Place.RIDGE_RIGHT))
        .isGreaterThan(at(left, ALL, Place.APEX) + 5); // corners heavier
  }

  @Test
  void hairBroughtBackFromTheFront_leavesTheFrontLonger() {
    double[] left =
        cut(
            fingers(
                OUT,
                new CutLine.Round(60),
                new Guide.Fixed(Place.CROWN, Guide.Gather.SPOT),
                Facing.BACK),
            ALL);
    assertThat(at(left, ALL, Place.CROWN)).isCloseTo(60, within(1.0));
    assertThat(at(left, ALL, Place.FRONT))
        .isGreaterThan(at(left, ALL, Place.APEX))
        .isGreaterThan(150);
  }

  @Test
  void broughtToTheLastBite_everyBiteGains() {
    double[] left =
        cut(fingers(OUT, new CutLine.Round(60), new Guide.LastBite(), Facing.BACK), ALL);
    assertThat(at(left, ALL, Place.FRONT)).isCloseTo(60, within(2.0));
    assertThat(at(left, ALL, Place.APEX)).isGreaterThan(62);
    assertThat(at(left, ALL, Place.CROWN)).isGreaterThan(at(left, ALL, Place.APEX));
  }

  @Test
  void aSmallerBite_gainsLessAltogether() {
    double[] small =
        cut(new Fingers(OUT, new CutLine.Round(60), new Guide.LastBite(), Facing.BACK, 6), ALL);
    double[] bold =
        cut(new Fingers(OUT, new CutLine.Round(60), new Guide.LastBite(), Facing.BACK, 25), ALL);
    assertThat(at(bold, ALL, Place.CROWN)).isGreaterThan(at(small, ALL, Place.CROWN));
  }

  @Test
  void belowStraightOut_weightBuilds_aboveIt_weightCollapses() {
    Section back =
        new Section(
            "back",
            "Back",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, 150, -150),
                new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    double[] low =
        cut(
            fingers(
                new Hold.Elevation(45), new CutLine.Round(50), new Guide.Travelling(), Facing.UP),
            back);
    double[] high =
        cut(
            fingers(
                new Hold.Elevation(120), new CutLine.Round(90), new Guide.Travelling(), Facing.UP),
            back);
    assertThat(at(low, back, Place.OCCIPITAL)).isGreaterThan(at(low, back, Place.NAPE) + 30);
    assertThat(at(high, back, Place.OCCIPITAL)).isLessThan(at(high, back, Place.NAPE) - 20);
  }

  @Test
  void fingersOutFromTheHead_leaveItLongerAwayFromTheHairline() {
    Section side =
        new Section(
            "side",
            "Side",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, 75, 115),
                new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    Hold hold = OUT;
    double[] upright =
        cut(
            fingers(
                hold,
                new CutLine.Flat(Facing.RIGHT, Place.EAR_TOP_RIGHT, 30, 0),
                new Guide.Travelling(),
                Facing.UP),
            side);
    double[] out =
        cut(
            fingers(
                hold,
                new CutLine.Flat(Facing.RIGHT, Place.EAR_TOP_RIGHT, 30, 12),
                new Guide.Travelling(),
                Facing.UP),
            side);
    assertThat(at(out, side, Place.EAR_TOP_RIGHT))
        .isCloseTo(at(upright, side, Place.EAR_TOP_RIGHT), within(1.0));
    assertThat(at(out, side, Place.RIDGE_RIGHT))
        .isGreaterThan(at(upright, side, Place.RIDGE_RIGHT) + 4);
  }

  @Test
  void overTheComb_hairGrowsTowardTheRidge_andACombTurnedOutTapersOnlyTheEdge() {
    Section side =
        new Section(
            "side",
            "Side",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, 80, 110),
                new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    double[] parallel = cut(new Comb(8, 0, 2, Comb.Tool.SCISSORS), side);
    double[] turned = cut(new Comb(8, 45, 2, Comb.Tool.SCISSORS), side);
    assertThat(at(parallel, side, Place.EAR_TOP_RIGHT)).isBetween(7.0, 12.0);
    assertThat(at(parallel, side, Place.RIDGE_RIGHT))
        .isGreaterThan(at(parallel, side, Place.EAR_TOP_RIGHT) + 10);
    assertThat(at(turned, side, Place.RIDGE_RIGHT))
        .isGreaterThan(at(parallel, side, Place.RIDGE_RIGHT) + 30);
  }

  @ParameterizedTest
  @ValueSource(doubles = {3, 8, 15})
  void theCombNeverDigsIn_evenWhereTheBackOfTheHeadBulgesOverTheNape(double gap) {
    Section back =
        new Section("back", "Back", List.of(new Limit.Between(Scalar.AROUND_DEG, 150, -150)));
    double[] left = cut(new Comb(gap, 0, 2, Comb.Tool.CLIPPER), back);
    assertThat(Arrays.stream(left).min().orElseThrow()).isGreaterThanOrEqualTo(Math.min(2, gap));
    assertThat(at(left, back, Place.OCCIPITAL)).isGreaterThan(gap * 0.8);
  }

  @Test
  void whatIsDoneOnTheLeft_isDoneOnTheRight() {
    Section left =
        new Section(
            "l",
            "Left",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, -118, -1),
                new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    Section right =
        new Section(
            "r",
            "Right",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, 1, 118),
                new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0)));
    Comb comb = new Comb(10, 6, 2, Comb.Tool.SCISSORS);
    double[] l = cut(comb, left);
    double[] r = cut(comb, right);
    Walk walk = HEAD.walk(Walk.Kind.EAR_TO_EAR);
    int[] lr = On.roots(HEAD, left);
    int[] rr = On.roots(HEAD, right);
    int compared = 0;
    for (int k = 0; k < walk.size() / 4; k++) {
      int a = Arrays.binarySearch(lr, walk.firstRoot() + k);
      int b = Arrays.binarySearch(rr, walk.firstRoot() + walk.size() - 1 - k);
      if (a >= 0 && b >= 0) {
        assertThat(l[a]).isCloseTo(r[b], within(0.4));
        compared++;
      }
    }
    assertThat(compared).isGreaterThan(15);
  }

  @Test
  void hairPulledUpFromTheNape_liesOverTheHead_soMoreIsLeftThanStraightAcross() {
    Section nape =
        new Section(
            "n",
            "Nape",
            List.of(
                new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 20),
                new Limit.Between(Scalar.AROUND_DEG, 165, -165)));
    double[] left =
        cut(
            fingers(
                OUT,
                new CutLine.Round(40),
                new Guide.Fixed(Place.CROWN, Guide.Gather.SPOT),
                Facing.UP),
            nape);
    int[] roots = On.roots(HEAD, nape);
    var crown = HEAD.head().place(Place.CROWN);
    var tip = crown.plus(HEAD.head().surface().normalAt(crown).times(40));
    for (int k = 0; k < roots.length; k++) {
      assertThat(left[k]).isGreaterThan(HEAD.pointMm(roots[k]).distanceTo(tip) + 1);
    }
  }
}
