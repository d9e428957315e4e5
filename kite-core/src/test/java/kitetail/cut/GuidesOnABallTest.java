package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import kitetail.On;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Parting;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Guides, lines, combs and outlines on a ball of 90 mm, against closed forms, to 0.1 mm. */
class GuidesOnABallTest {
  private static final double R = 90;
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(R)), 500);
  private static final Section ALL = new Section("all", "All", List.of());
  private static final Walk CENTRE = BALL.walk(Walk.Kind.CENTRE);
  private static final Hold OUT = new Hold.StraightOut();

  private static Fingers fingers(CutLine line, Guide guide, double bite) {
    return new Fingers(OUT, line, guide, Facing.BACK, bite);
  }

  private static IntStream centre() {
    return IntStream.range(CENTRE.firstRoot(), CENTRE.firstRoot() + CENTRE.size());
  }

  private static void check(Cut cut, IntStream roots, IntToDoubleFunction expected) {
    double[] left = On.everywhere(cut, BALL, ALL);
    roots.forEach(
        i -> {
          double want = expected.applyAsDouble(i);
          if (Double.isInfinite(want)) {
            assertThat(left[i]).as("root %s", BALL.pointMm(i)).isInfinite();
          } else if (!Double.isNaN(want)) {
            assertThat(left[i]).as("root %s", BALL.pointMm(i)).isCloseTo(want, within(0.1));
          }
        });
  }

  private static IntStream all() {
    return IntStream.range(0, BALL.roots());
  }

  /** Distance along the centre walk, and so along the ball, from the first bite. */
  private static double fromStart(int root) {
    return CENTRE.distanceMm()[root - CENTRE.firstRoot()];
  }

  private static boolean onABorder(int root, double bite) {
    double bites = fromStart(root) / bite;
    return Math.abs(bites - Math.rint(bites)) * bite < 0.2
        || fromStart(root) > Math.PI * R - 3; // opposite the first bite every way leads back
  }

  /** Held in the middle is neutral, common practice; on a ball by symmetry exactly so. */
  @ParameterizedTest
  @ValueSource(doubles = {6, 12.7, 25.4})
  void heldInTheMiddleOfThePair_nothingIsGainedOrLost(double bite) {
    check(
        fingers(new CutLine.Round(70), new Guide.Middle(), bite),
        centre().filter(i -> fromStart(i) < Math.PI * R - 3),
        i -> 70);
  }

  /**
   * Old hair brought on to the new: the old one's L reaches to (R + x) on the next radius, the law
   * of cosines solved for x. Every bite loses; common practice: never.
   */
  @ParameterizedTest
  @ValueSource(doubles = {6, 12.7, 19})
  void broughtOnToTheNewBite_everyBiteLoses(double bite) {
    double turn = bite / R;
    check(
        fingers(new CutLine.Round(90), new Guide.NewBite(), bite),
        centre(),
        i -> {
          double want = 90;
          for (int n = (int) (fromStart(i) / bite); n > 0; n--) {
            double across = R * Math.sin(turn);
            want =
                want * want > across * across
                    ? Math.max(
                        0, Math.sqrt(want * want - across * across) - R * (1 - Math.cos(turn)))
                    : 0;
          }
          return onABorder(i, bite) || want < 15 ? Double.NaN : want;
        });
  }

  @Test
  void whatOneGuideGains_theOtherLoses_inEqualMeasureForSmallBites() {
    double bite = 6;
    int back = BALL.root(Place.APEX);
    double gains =
        On.everywhere(fingers(new CutLine.Round(90), new Guide.LastBite(), bite), BALL, ALL)[back];
    double loses =
        On.everywhere(fingers(new CutLine.Round(90), new Guide.NewBite(), bite), BALL, ALL)[back];
    assertThat(gains - 90).isPositive().isCloseTo(90 - loses, within(0.15 * (gains - 90)));
  }

  @ParameterizedTest
  @CsvSource({"90,10", "90,-10", "45,0", "45,15", "120,20", "0,0"})
  void aFingerAngle_gainsCosinePlusSineTimesItsTangent(double elevation, double finger) {
    double e = Math.toRadians(elevation);
    double gain = Math.cos(e) + Math.sin(e) * Math.tan(Math.toRadians(finger));
    check(
        new Fingers(
            new Hold.Elevation(elevation),
            new CutLine.Round(60, finger),
            new Guide.Travelling(),
            Facing.UP,
            12),
        all(),
        i -> Math.max(0, 60 + gain * BALL.aboveHairlineMm(i)));
  }

  @Test
  void aSlope_runsEvenlyFromOneLengthToTheOther() {
    double far = Math.PI / 2 * R;
    check(
        fingers(new CutLine.Slope(Place.APEX, 40, Place.FRONT, 100), new Guide.Travelling(), 12),
        centre(),
        i -> {
          double forward = BALL.fromApexMm(i) * Math.cos(BALL.azimuthRad(i));
          return 40 + 60 * Math.max(0, Math.min(1, forward / far));
        });
  }

  /** Named for one side, cut on both: left and right are the same; without it they are not. */
  @Test
  void aSlopeOfEachSide_isTheSameLeftAndRight() {
    Place near = Place.APEX;
    Place far = Place.EAR_TOP_LEFT;
    double to = BALL.head().fromApexMm(BALL.head().place(far));
    double around = BALL.head().azimuthRad(BALL.head().place(far));
    CutLine each = new CutLine.Slope(near, 100, far, 40, true);
    check(
        fingers(each, new Guide.Travelling(), 12),
        all(),
        i -> {
          double a = -Math.abs(BALL.azimuthRad(i));
          double out = BALL.fromApexMm(i) * Math.cos(a - around);
          return 100 - 60 * Math.max(0, Math.min(1, out / to));
        });
    double[] one =
        On.everywhere(
            fingers(new CutLine.Slope(near, 100, far, 40), new Guide.Travelling(), 12), BALL, ALL);
    assertThat(one[BALL.root(Place.EAR_TOP_RIGHT)])
        .isGreaterThan(one[BALL.root(Place.EAR_TOP_LEFT)] + 50);
  }

  @Test
  void fingersRolledUp_leaveTheTopOfEachBiteShorter() {
    double bite = 20;
    Fingers f =
        new Fingers(
            OUT,
            new CutLine.Round(80),
            new Guide.Travelling(),
            new Parting.Hairline(),
            bite,
            Fingers.Tension.FIRM,
            20,
            null);
    check(
        f,
        all(),
        i -> {
          double in = BALL.aboveHairlineMm(i) % bite;
          return Math.min(in, bite - in) < 0.2
              ? Double.NaN
              : 80 - in * Math.tan(Math.toRadians(20));
        });
  }

  /** The arc while it turns, its last tangent from there on: no shelf is left where it ends. */
  @Test
  void aCombTurnedInAC_addsItsArc_andThenGoesStraightOn() {
    Comb c =
        new Comb(6, 0, 2, 40, Comb.Tool.CLIPPER, null, null, new Comb.Turn(10, 30), null, 0, 0);
    double steep = 27 / Math.sqrt(900 - 27 * 27);
    check(
        c,
        all().filter(i -> BALL.aboveHairlineMm(i) < 100),
        i -> {
          double s = BALL.aboveHairlineMm(i) - 10;
          double straight = (R + 6) / Math.cos(BALL.aboveHairlineMm(i) / R) - R;
          double turned = Math.max(0, Math.min(27, s));
          double on = Math.max(0, s - 27) * steep;
          return straight + 30 - Math.sqrt(900 - turned * turned) + on;
        });
  }

  @Test
  void aCombAlongTheGrowth_leavesMore_byTheExitAngle() {
    double lies = Math.sin(Math.toRadians(Hair.DEFAULT.exitDeg()));
    check(
        new Comb(6, 0, 2, 40, Comb.Tool.CLIPPER, null, Comb.Lift.ALONG_GROWTH, null, null, 0, 0),
        all().filter(i -> BALL.aboveHairlineMm(i) < 100),
        i -> ((R + 6) / Math.cos(BALL.aboveHairlineMm(i) / R) - R) / lies);
  }

  /** Seen from above not following the round: the wall's distance along the normal. */
  @Test
  void aCombParallelToTheWall_leavesTheDistanceToThatWall() {
    check(
        new Comb(6, 0, 2, 40, Comb.Tool.SCISSORS, Facing.RIGHT, null, null, null, 0, 0),
        all().filter(i -> BALL.normal(i).x() > 0.2),
        i -> (R + 6) / BALL.normal(i).x() - R);
  }

  @Test
  void aHalfMoon_leavesTheDistanceDownToItsArc() {
    Edge e = new Edge(new Outline.HalfMoon(Outline.Side.RIGHT, -12), 0.5);
    double front = BALL.head().azimuthRad(BALL.head().place(Place.SIDEBURN_RIGHT));
    double back = BALL.head().azimuthRad(BALL.head().place(Place.BEHIND_EAR_RIGHT));
    check(
        e,
        all(),
        i -> {
          double u = (BALL.azimuthRad(i) - (front + back) / 2) / ((back - front) / 2);
          double line = BALL.aboveHairlineMm(i) + 12 * Math.sqrt(Math.max(0, 1 - u * u));
          // Over the last fifth on either side the trimmer leaves the head.
          double t = Math.max(0, Math.min(1, (1 - Math.abs(u)) / 0.2));
          return t == 0
              ? Double.POSITIVE_INFINITY
              : Math.max(0.5, line / (3 * t * t - 2 * t * t * t));
        });
  }

  @ParameterizedTest
  @EnumSource(Outline.Nape.Form.class)
  void aNapeLine_isAsHighAsItIsAskedAtItsCentre_andBaresWhatGrowsBelow(Outline.Nape.Form form) {
    Edge e = new Edge(new Outline.Nape(form, 10, 15), 0.4);
    double[] left = On.everywhere(e, BALL, ALL);
    assertThat(left[BALL.root(Place.NAPE)]).isEqualTo(0.4);
    assertThat(left[BALL.root(Place.FRONT)]).isInfinite();
    int up =
        all()
            .filter(i -> Math.abs(BALL.pointMm(i).x()) < 2 && BALL.pointMm(i).y() < 0)
            .filter(i -> BALL.aboveHairlineMm(i) > 20 && BALL.aboveHairlineMm(i) < 40)
            .findFirst()
            .orElseThrow();
    double down =
        form == Outline.Nape.Form.NATURAL
            ? BALL.aboveHairlineMm(up) - 10
            : BALL.pointMm(up).z() - 10;
    assertThat(left[up]).isCloseTo(down, within(1.2)); // a point falls to the side by its slope
  }

  @Test
  void aSquareNapesCorners_areRoundedOff() {
    double[] square =
        On.everywhere(new Edge(new Outline.Nape(Outline.Nape.Form.SQUARE, 0, 0), 0), BALL, ALL);
    double[] rounded =
        On.everywhere(new Edge(new Outline.Nape(Outline.Nape.Form.SQUARE, 0, 30), 0), BALL, ALL);
    int corners = 0;
    for (int i = 0; i < BALL.roots(); i++) {
      if (Double.isFinite(square[i])) {
        assertThat(rounded[i]).isLessThanOrEqualTo(square[i] + 1e-9);
        corners += rounded[i] < square[i] - 1 ? 1 : 0;
      }
    }
    assertThat(corners).isPositive();
  }

  @Test
  void aHardLine_goesToTheSkin_andNowhereElse() {
    Edge e = new Edge(new Outline.HardLine(Place.APEX, Place.FRONT, 8), 0.3);
    double[] left = On.everywhere(e, BALL, ALL);
    centre().filter(i -> BALL.pointMm(i).y() > 5).forEach(i -> assertThat(left[i]).isEqualTo(0.3));
    all()
        .filter(i -> Math.abs(BALL.pointMm(i).x()) > 6 || BALL.pointMm(i).y() < -1)
        .forEach(i -> assertThat(left[i]).isInfinite());
  }

  @Test
  void aHardLine_runsFromPlaceToPlace_onTheSkin() {
    Head head = BALL.head();
    List<Vec3> along = new Outline.HardLine(Place.APEX, Place.FRONT, 8).along(head);
    assertThat(along.get(0).distanceTo(head.place(Place.APEX))).isLessThan(0.01);
    assertThat(along.get(along.size() - 1).distanceTo(head.place(Place.FRONT))).isLessThan(0.01);
    assertThat(along)
        .allSatisfy(p -> assertThat(p.distanceTo(head.surface().onto(p))).isLessThan(0.01));
  }

  @Test
  void aDropTaper_fallsBehindTheEar_andLeavesTheFrontAlone() {
    Edge e = new Edge(new Outline.Taper(1, 13, 10, 40, 60), 0.3);
    double[] left = On.everywhere(e, BALL, ALL);
    double recession = fromFrontDeg(Place.RECESSION_RIGHT);
    double sideburn = fromFrontDeg(Place.SIDEBURN_RIGHT);
    for (int i = 0; i < BALL.roots(); i++) {
      double a = Math.abs(Math.toDegrees(BALL.azimuthRad(i)));
      double up = BALL.aboveHairlineMm(i);
      if (a > 179) {
        // Past its top it is flicked out: no step where it ends.
        double past = Math.max(0, up / 60 - 1);
        double want = 1 + (up / 60 + past * past) * 12;
        assertThat(left[i]).isEqualTo(want, within(0.2));
      } else if (a < recession) {
        assertThat(left[i]).isInfinite();
      } else if (Math.abs(a - sideburn) < 1) {
        assertThat(left[i] > 13).as("%.1f mm up", up).isEqualTo(up > 10);
      }
    }
  }

  /**
   * Part of an ellipse, flat at its foot; from nine tenths of its height the comb goes straight on,
   * so that no shelf is left above it.
   */
  @Test
  void overACombTurnedInAC_theEdgeStaysShort_andRunsOutIntoTheHairAboveIt() {
    Edge e = new Edge(new Outline.Taper(6, 24, 20, 26, 56, Comb.Tool.CLIPPER), 0.5);
    double[] left = On.everywhere(e, BALL, ALL);
    double steepest = 0.9 / Math.sqrt(1 - 0.81);
    for (int i = 0; i < BALL.roots(); i++) {
      double t = BALL.aboveHairlineMm(i) / 56;
      if (Math.abs(Math.toDegrees(BALL.azimuthRad(i))) > 179) {
        double want =
            t < 0.9
                ? 6 + 18 * (1 - Math.sqrt(1 - t * t))
                : 6 + 18 * (1 - Math.sqrt(1 - 0.81) + steepest * (t - 0.9));
        assertThat(left[i]).as("%.2f of its height", t).isCloseTo(want, within(0.3));
      }
    }
  }

  private static double fromFrontDeg(Place p) {
    return Math.abs(Math.toDegrees(BALL.head().azimuthRad(BALL.head().place(p))));
  }

  /** The lengths of two places cut before are put in, and what is left beyond the guide. */
  @Test
  void guidesSeen_arePutInAsNumbers() {
    Before before =
        new Before() {
          @Override
          public double handMm(Place place) {
            return place == Place.APEX ? 50 : 80;
          }

          @Override
          public double guardMm(double number) {
            return 4;
          }
        };
    Fingers seen = fingers(new CutLine.Round(5), new Guide.Seen(Place.APEX), 12);
    assertThat(seen.takesOver()).isTrue();
    assertThat(seen.resolved(before))
        .isEqualTo(fingers(new CutLine.Round(55), new Guide.Travelling(), 12));
    Fingers two = fingers(new CutLine.Round(0), new Guide.Two(Place.APEX, Place.FRONT), 12);
    assertThat(two.resolved(before))
        .isEqualTo(
            fingers(
                new CutLine.Slope(Place.APEX, 50, Place.FRONT, 80), new Guide.Travelling(), 12));
    Guard measured = new Guard(1, 0, Guard.Grain.AGAINST, null).resolved(before);
    assertThat(measured.heightMm()).isEqualTo(4);
  }

  @Test
  void wedgesAboutAPoint_andPanels_areCountedByTheirGeometry() {
    Section cap =
        new Section(
            "cap", "Cap", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, Math.PI / 2 * R)));
    Fingers pivot =
        new Fingers(
            OUT,
            new CutLine.Round(50),
            new Guide.Travelling(),
            new Parting.Pivot(Place.APEX, true),
            15,
            null,
            0,
            null);
    // Once round at 90 mm from the point, a bite each 15 mm.
    int wedges = (int) Math.ceil(2 * Math.PI * 90 / 15);
    assertThat(Bites.of(pivot, On.zone(BALL, cap)).partings()).isBetween(wedges - 2, wedges);
    // Once round from reaches of 80° takes five places to stand.
    assertThat(Bites.of(pivot, On.zone(BALL, cap)).turns()).isEqualTo(4);
    assertThat(Bites.of(pivot, On.zone(BALL, cap), 30).count())
        .isGreaterThan(Bites.of(pivot, On.zone(BALL, cap), 90).count());
    Fingers panels =
        new Fingers(
            OUT,
            new CutLine.Round(50),
            new Guide.Travelling(),
            new Parting.Panels(3, Facing.BACK),
            15,
            null,
            0,
            null);
    int bands = (int) Math.ceil(2 * R / 15);
    assertThat(Bites.of(panels, On.zone(BALL, cap)).partings()).isBetween(2 * bands, 3 * bands);
  }
}
