package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import kitetail.On;
import kitetail.hair.Hair;
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

/** Every way of cutting on a ball of 90 mm, against its closed form, to 0.1 mm. */
class OnABallTest {
  private static final double R = 90;
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(R)), 500);
  private static final Section ALL = new Section("all", "All", List.of());
  private static final Walk CENTRE = BALL.walk(Walk.Kind.CENTRE);
  private static final Hold OUT = new Hold.StraightOut();

  private void check(Cut cut, IntToDoubleFunction expected) {
    check(cut, ALL, expected);
  }

  private void check(Cut cut, Section section, IntToDoubleFunction expected) {
    int[] roots = On.roots(BALL, section);
    double[] left = On.leaves(cut, BALL, section);
    for (int k = 0; k < roots.length; k++) {
      double want = expected.applyAsDouble(roots[k]);
      if (Double.isInfinite(want)) {
        assertThat(left[k]).isInfinite();
      } else if (!Double.isNaN(want)) {
        assertThat(left[k]).as("root %s", BALL.pointMm(roots[k])).isCloseTo(want, within(0.1));
      }
    }
  }

  private static Fingers fingers(
      Hold hold, CutLine line, Guide guide, Facing progress, double bite) {
    return new Fingers(hold, line, guide, progress, bite);
  }

  @Test
  void heldStraightOutToARoundLine_leavesOneLength() {
    check(fingers(OUT, new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12), i -> 60);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 45, 90, 135})
  void belowStraightOut_everyMillimetreUpGainsTheCosine(double elevation) {
    check(
        fingers(
            new Hold.Elevation(elevation),
            new CutLine.Round(100),
            new Guide.Travelling(),
            Facing.UP,
            12),
        i -> Math.max(0, 100 + Math.cos(Math.toRadians(elevation)) * BALL.aboveHairlineMm(i)));
  }

  @Test
  void aLevelLineCombedStraightUp_leavesTheHeightUnderIt() {
    double over = 70;
    check(
        fingers(
            new Hold.Toward(Facing.UP),
            new CutLine.Flat(Facing.UP, Place.APEX, over, 0),
            new Guide.Travelling(),
            Facing.BACK,
            12),
        i -> R + over - BALL.pointMm(i).z());
  }

  @Test
  void aLevelLineHeldStraightOut_leavesTheDistanceAlongTheNormal() {
    double over = 70;
    check(
        fingers(
            OUT,
            new CutLine.Flat(Facing.UP, Place.APEX, over, 0),
            new Guide.Travelling(),
            Facing.BACK,
            12),
        i -> laid(BALL.normal(i).z(), (R + over) / BALL.normal(i).z() - R));
  }

  @Test
  void anUprightLineHeldStraightOut_leavesTheDistanceToTheWall() {
    Section right =
        new Section("right", "Right", List.of(new Limit.Between(Scalar.AROUND_DEG, 30, 150)));
    check(
        fingers(
            OUT,
            new CutLine.Flat(Facing.RIGHT, Place.EAR_TOP_RIGHT, 40, 0),
            new Guide.Travelling(),
            Facing.UP,
            12),
        right,
        i -> {
          double toward = BALL.normal(i).x();
          // The ear of a calibration body lies at 96.5° round, on the equator... its own x sets the
          // wall.
          double wall = BALL.head().place(Place.EAR_TOP_RIGHT).x() * (R + 40) / R;
          return laid(toward, wall / toward - R);
        });
  }

  /**
   * Fingers lie on a line up to 30° to the pull; from there to 20° they lift off it, by the share 3
   * t² − 2 t³, and beyond that nothing is cut, so that the line ends in no step.
   */
  private static double laid(double toward, double lineMm) {
    double t = Math.max(0, Math.min(1, (toward - 0.35) / 0.15));
    return t == 0 ? Double.POSITIVE_INFINITY : Math.max(0, lineMm) / (3 * t * t - 2 * t * t * t);
  }

  @Test
  void aFixedGuide_leavesTheLawOfCosines_andPastTheTangentItsArc() {
    double guide = 60;
    double reach = R + guide;
    double max = Math.acos(R / reach);
    check(
        fingers(
            OUT,
            new CutLine.Round(guide),
            new Guide.Fixed(Place.FRONT, Guide.Gather.SPOT),
            Facing.BACK,
            12),
        i -> {
          double a = Math.acos(Math.max(-1, Math.min(1, BALL.normal(i).y())));
          return a <= max
              ? Math.sqrt(R * R + reach * reach - 2 * R * reach * Math.cos(a))
              : Math.sqrt(reach * reach - R * R) + R * (a - max);
        });
  }

  @Test
  void aFixedGuideByRows_isTheSameAlongTheCentre() {
    double guide = 60;
    double reach = R + guide;
    double max = Math.acos(R / reach);
    Fingers f =
        fingers(
            OUT,
            new CutLine.Round(guide),
            new Guide.Fixed(Place.APEX, Guide.Gather.ROW),
            Facing.FRONT,
            12);
    int[] roots = centre();
    double[] left = On.everywhere(f, BALL, ALL);
    for (int k = 0; k < roots.length; k++) {
      double a = BALL.fromApexMm(roots[k]) / R;
      double want =
          a <= max
              ? Math.sqrt(R * R + reach * reach - 2 * R * reach * Math.cos(a))
              : Math.sqrt(reach * reach - R * R) + R * (a - max);
      assertThat(left[roots[k]]).isCloseTo(want, within(0.1));
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {12, 19, 25.4})
  void broughtBackOneBiteAtATime_theLawOfCosinesIsAppliedToTheLastLength(double bite) {
    double guide = 70;
    Fingers f = fingers(OUT, new CutLine.Round(guide), new Guide.LastBite(), Facing.BACK, bite);
    int[] roots = centre();
    double[] left = On.everywhere(f, BALL, ALL);
    double turn = bite / R;
    for (int k = 0; k < roots.length; k++) {
      double fromStart = CENTRE.distanceMm()[k];
      if (fromStart > Math.PI * R - 3) {
        continue; // opposite the first parting every way leads back
      }
      // A root on the border of two bites may fall to either.
      if (Math.abs(fromStart / bite - Math.rint(fromStart / bite)) * bite < 0.2) {
        continue;
      }
      double want = guide;
      for (int n = (int) (fromStart / bite); n > 0; n--) {
        double reach = R + want;
        want = Math.sqrt(R * R + reach * reach - 2 * R * reach * Math.cos(turn));
      }
      assertThat(left[roots[k]]).as("at %s mm", fromStart).isCloseTo(want, within(0.1));
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {6, 12, 20})
  void overTheComb_hairGrowsAsTheHeadCurvesAway(double gap) {
    check(
        new Comb(gap, 0, 2, Comb.Tool.CLIPPER),
        i -> {
          double lat = Math.asin(BALL.normal(i).z());
          return Math.cos(lat) < 0.12 ? Double.NaN : (R + gap) / Math.cos(lat) - R;
        });
  }

  @Test
  void aCombTurnedOut_leavesTheDistanceToItsStraightTrack() {
    double gap = 5;
    double out = Math.toRadians(45);
    check(
        new Comb(gap, 45, 2, Comb.Tool.SCISSORS),
        i -> {
          double lat = Math.asin(BALL.normal(i).z());
          // The track (R+gap, 0) + s(sin, cos) meets the ray (R+t)(cos lat, sin lat).
          double across = Math.cos(lat + out);
          return across < 0.12 ? Double.NaN : (R + gap) * Math.cos(out) / across - R;
        });
  }

  @Test
  void noShorterThanTheCombIsThick() {
    double[] left = On.leaves(new Comb(0, -20, 4, Comb.Tool.CLIPPER), BALL, ALL);
    assertThat(java.util.Arrays.stream(left).min().orElseThrow()).isEqualTo(4.0);
  }

  @Test
  void aGuard_leavesAnEighthOfAnInchANumber_moreWithTheGrain() {
    assertThat(Guard.MM_PER_NUMBER * 8).isEqualTo(25.4);
    check(new Guard(4, 0, Guard.Grain.AGAINST, null), i -> 12.7);
    double lies = Math.sin(Math.toRadians(Hair.DEFAULT.exitDeg()));
    check(new Guard(4, 0, Guard.Grain.WITH, null), i -> 12.7 / lies);
  }

  @Test
  void rockingOff_addsTheArc() {
    double r = 50;
    check(
        new Guard(2, 0.5, Guard.Grain.AGAINST, new Guard.RockOut(Scalar.ABOVE_HAIRLINE_MM, 40, r)),
        i -> {
          double s = BALL.aboveHairlineMm(i) - 40;
          double base = 2 * 3.175 + 0.5;
          return s <= 0
              ? base
              : s >= r ? Double.POSITIVE_INFINITY : base + r - Math.sqrt(r * r - s * s);
        });
  }

  @Test
  void bites_coverTheSectionsArea() {
    int[] roots = On.roots(BALL, ALL);
    double least = BALL.totalAreaMm2() / (12 * 60);
    int bites =
        fingers(OUT, new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12)
            .bites(On.zone(BALL, ALL));
    assertThat((double) bites).isBetween(least, least * 1.6);
    assertThat(
            fingers(OUT, new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 6)
                .bites(On.zone(BALL, ALL)))
        .isGreaterThan(bites * 3 / 2);
  }

  private static int[] centre() {
    return java.util.stream.IntStream.range(CENTRE.firstRoot(), CENTRE.firstRoot() + CENTRE.size())
        .toArray();
  }
}
