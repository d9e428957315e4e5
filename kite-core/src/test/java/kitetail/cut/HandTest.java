package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import kitetail.On;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Parting;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a hand does within a bite, on a ball of 90 mm against its closed form, to 0.1 mm. */
class HandTest {
  private static final double R = 90;
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(R)), 500);
  private static final Section ALL = new Section("all", "All", List.of());
  private static final Hold OUT = new Hold.StraightOut();
  private static final Fingers EVEN =
      new Fingers(OUT, new CutLine.Round(100), new Guide.Travelling(), Facing.UP, 12);

  private static void check(Cut cut, Section section, IntToDoubleFunction expected) {
    int[] roots = On.roots(BALL, section);
    double[] left = On.leaves(cut, BALL, section);
    assertThat(roots).isNotEmpty();
    for (int k = 0; k < roots.length; k++) {
      assertThat(left[k])
          .as("root %s", BALL.pointMm(roots[k]))
          .isCloseTo(expected.applyAsDouble(roots[k]), within(0.1));
    }
  }

  /** Lifted past straight out, each mm further up is left shorter; the line below stays whole. */
  @ParameterizedTest
  @ValueSource(doubles = {90, 120, 150})
  void liftedFirstThenLowered_losesWeightAbove_andKeepsTheLine(double elevation) {
    double lost = -Math.cos(Math.toRadians(elevation));
    check(
        EVEN.with(new Hand(new Hand.Lift(elevation, 110), null, false)),
        ALL,
        i -> Math.min(100, Math.max(0, 110 - lost * BALL.aboveHairlineMm(i))));
  }

  /** In over a stretch, then along the line again so much nearer: no step at either end. */
  @ParameterizedTest
  @ValueSource(doubles = {-30, 20})
  void fingersTuckedInOrStandingOut_changeTheLineByTheirTangent(double deg) {
    Hand.Tuck tuck = new Hand.Tuck(Scalar.ABOVE_HAIRLINE_MM, 20, 60, deg);
    check(
        EVEN.with(new Hand(null, tuck, false)),
        ALL,
        i ->
            100
                + Math.tan(Math.toRadians(deg))
                    * (Math.max(20, Math.min(60, BALL.aboveHairlineMm(i))) - 20));
  }

  /** On a wall hair grows longer over the top; round the head it stays what it is at the ridge. */
  @Test
  void pastTheRidge_fingersThatGoRoundTheHead_leaveWhatTheyLeftThere() {
    Section right =
        new Section("right", "Right", List.of(new Limit.Between(Scalar.AROUND_DEG, 80, 100)));
    Fingers wall =
        new Fingers(
            OUT,
            new CutLine.Flat(Facing.RIGHT, Place.EAR_TOP_RIGHT, 40, 0),
            new Guide.Travelling(),
            Facing.UP,
            12);
    int[] roots = On.roots(BALL, right);
    double[] flat = On.leaves(wall, BALL, right);
    double[] round = On.leaves(wall.with(new Hand(null, null, true)), BALL, right);
    double out = BALL.head().place(Place.EAR_TOP_RIGHT).x() * (R + 40) / R;
    int above = 0;
    for (int k = 0; k < roots.length; k++) {
      double past = BALL.aboveRidgeMm(roots[k]);
      if (past <= 0) {
        assertThat(round[k]).isEqualTo(flat[k]);
      } else if (past > 3) {
        double azimuth = BALL.azimuthRad(roots[k]);
        double down = BALL.head().ridgeFromApexMm(azimuth) / R;
        double toward = Math.sin(down) * Math.sin(azimuth);
        assertThat(round[k]).isCloseTo(out / toward - R, within(0.1));
        assertThat(round[k]).isLessThan(flat[k]);
        above++;
      }
    }
    assertThat(above).isPositive();
  }

  /** Pinched to the middle of its bite, a fringe gains toward both its ends: law of cosines. */
  @Test
  void aFringePinchedToItsMiddle_isShortestInTheMiddle() {
    Section fringe =
        new Section(
            "fringe",
            "Fringe",
            List.of(
                new Limit.Between(Scalar.AROUND_DEG, -35, 35),
                new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 12)));
    double line = 60;
    Fingers pinched =
        new Fingers(
            OUT,
            new CutLine.Round(line),
            new Guide.Pinched(),
            new Parting.Hairline(),
            12,
            null,
            0,
            null);
    int[] roots = On.roots(BALL, fringe);
    double[] left = On.leaves(pinched, BALL, fringe);
    for (int k = 0; k < roots.length; k++) {
      Vec3 p = BALL.pointMm(roots[k]);
      // The bite's middle lies on the centre line; its height is that of the band's mean.
      double a = Math.atan2(Math.abs(p.x()), Math.hypot(p.y(), p.z()));
      double want = Math.sqrt(R * R + (R + line) * (R + line) - 2 * R * (R + line) * Math.cos(a));
      assertThat(left[k]).as("root %s", p).isCloseTo(want, within(1.5));
      assertThat(left[k]).isGreaterThanOrEqualTo(line - 0.1);
    }
  }

  /** However it is parted, every hair goes straight to the centre plane. */
  @Test
  void broughtToAPlane_lengthGrowsWithTheWayToIt_howeverItIsParted() {
    Section top = new Section("top", "Top", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 60)));
    double line = 70;
    Guide plane = new Guide.Fixed(Place.APEX, Guide.Gather.PLANE);
    for (Parting parting :
        List.of(
            new Parting.Across(Facing.BACK),
            new Parting.Across(Facing.RIGHT),
            new Parting.Pivot(Place.APEX, true))) {
      check(
          new Fingers(OUT, new CutLine.Round(line), plane, parting, 12, null, 0, null),
          top,
          i -> {
            double a = Math.asin(Math.abs(BALL.normal(i).x()));
            return Math.sqrt(R * R + (R + line) * (R + line) - 2 * R * (R + line) * Math.cos(a));
          });
    }
  }

  /** A level outline, on a real head: hairline to level is plumb, so every end is at one height. */
  @Test
  void aLevelOutline_endsAtOneHeight_andMayFallToTheBack() {
    Scalp s = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 600);
    double nape = s.head().place(Place.NAPE).z();
    for (double falls : new double[] {0, 20}) {
      CutLine level = new CutLine.Level(Place.NAPE, 150, falls);
      Fingers f = new Fingers(new Hold.Elevation(0), level, new Guide.Travelling(), Facing.UP, 25);
      int[] roots = On.roots(s, ALL);
      double[] left = On.leaves(f, s, ALL);
      for (int k = 0; k < roots.length; k++) {
        double a = s.azimuthRad(roots[k]);
        Vec3 edge = s.head().point(a, s.head().hairlineFromApexMm(a));
        double end = edge.z() - (left[k] - s.aboveHairlineMm(roots[k]));
        double back = s.head().place(Place.NAPE).y() - edge.y();
        double want = nape - 150 - Math.tan(Math.toRadians(falls)) * back;
        assertThat(end).isCloseTo(want, within(1.0));
      }
    }
    CutLine level = new CutLine.Level(Place.NAPE, 150, 0);
    assertThatThrownBy(() -> new Fingers(OUT, level, new Guide.Travelling(), Facing.UP, 25))
        .hasMessageContaining("natural fall");
  }

  @Test
  void aHandThatCannotBe_isRefusedWithTheReason() {
    assertThatThrownBy(() -> EVEN.with(new Hand(null, null, true)))
        .hasMessageContaining("flat line");
    assertThatThrownBy(() -> new Hand.Tuck(Scalar.ACROSS_MM, 0, 10, 5))
        .hasMessageContaining("same on both sides");
    assertThatThrownBy(() -> new Hand.Tuck(Scalar.FROM_APEX_MM, 10, 10, 5))
        .hasMessageContaining("more than fromMm");
    assertThatThrownBy(() -> new Hand.Lift(45, 10)).hasMessageContaining("60 to 180");
  }

  /** A lever opened over the comb leaves so much more everywhere; scissors have none. */
  @Test
  void aLeverOpenedOverTheComb_leavesSoMuchMore() {
    Section low =
        new Section("low", "Low", List.of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 60)));
    double[] closed = On.leaves(comb(Comb.Tool.CLIPPER, 0), BALL, low);
    double[] open = On.leaves(comb(Comb.Tool.CLIPPER, 1.5), BALL, low);
    double[] scissors = On.leaves(comb(Comb.Tool.SCISSORS, 1.5), BALL, low);
    for (int k = 0; k < closed.length; k++) {
      assertThat(open[k] - closed[k]).isCloseTo(1.5, within(1e-9));
      assertThat(scissors[k]).isEqualTo(closed[k]);
    }
  }

  private static Comb comb(Comb.Tool tool, double lever) {
    return new Comb(6, 0, 2, 40, tool, null, null, null, null, 0, lever);
  }
}
