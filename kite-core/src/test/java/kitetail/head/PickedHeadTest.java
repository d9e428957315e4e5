package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import kitetail.geom.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PickedHeadTest {
  private static HeadSpec.Measured picked(HeadShape shape, HairlineShape hairline) {
    return new HeadSpec.Measured(570, null, null, null, null, shape, hairline, null);
  }

  private static Head shaped(double sides, double back, double forehead, double crown) {
    return Head.of(picked(new HeadShape(sides, back, forehead, crown, 0, 0, 0), null));
  }

  private static Head edged(HairlineShape h) {
    return Head.of(picked(null, h));
  }

  private static Head nudged(Place place, double up, double across) {
    return Head.of(
        new HeadSpec.Measured(
            570, null, null, null, null, null, null, Map.of(place, new Nudge(up, across))));
  }

  /**
   * Any head of the model, its own five measures taken, comes back from them: measures and skin.
   */
  @Test
  void twoHundredRandomHeads_comeBackFromTheirOwnMeasures() {
    Random r = new Random(1);
    for (int i = 0; i < 200; i++) {
      HeadShape shape =
          new HeadShape(
              2 * r.nextDouble() - 1,
              2 * r.nextDouble() - 1,
              2 * r.nextDouble() - 1,
              2 * r.nextDouble() - 1,
              8 * r.nextGaussian(),
              3 * r.nextGaussian(),
              3 * r.nextGaussian());
      double k = 0.9 + 0.18 * r.nextDouble();
      HeadBody drawn =
          HeadBody.of(
              HeadBody.picked(
                  new HeadSpec.Measured(570, null, null, null, null, shape, null, null)),
              new Vec3(
                  k * (0.93 + 0.14 * r.nextDouble()),
                  k * (0.93 + 0.14 * r.nextDouble()),
                  k * (0.93 + 0.14 * r.nextDouble())),
              1.4 * r.nextDouble() - 0.7,
              30 * r.nextDouble() - 15,
              picked(shape, null));
      Head fitted =
          Head.of(
              new HeadSpec.Measured(
                  Measure.GIRTH.of(drawn),
                  Measure.EAR_TO_EAR.of(drawn),
                  Measure.FRONT_TO_NAPE.of(drawn),
                  Measure.BREADTH.of(drawn),
                  Measure.LENGTH.of(drawn),
                  shape,
                  null,
                  null));
      Head.Measures m = fitted.measures();
      assertThat(m.girthMm()).isCloseTo(Measure.GIRTH.of(drawn), within(1.0));
      assertThat(m.earToEarMm()).isCloseTo(Measure.EAR_TO_EAR.of(drawn), within(1.0));
      assertThat(m.frontToNapeMm()).isCloseTo(Measure.FRONT_TO_NAPE.of(drawn), within(1.0));
      assertThat(m.breadthMm()).isCloseTo(Measure.BREADTH.of(drawn), within(1.0));
      assertThat(m.lengthMm()).isCloseTo(Measure.LENGTH.of(drawn), within(1.0));
      for (int k2 = 0; k2 < 40; k2++) {
        Vec3 d = new Vec3(r.nextGaussian(), r.nextGaussian(), Math.abs(r.nextGaussian()));
        Vec3 p = drawn.surface().onto(drawn.surface().centreMm().plus(d));
        assertThat(fitted.surface().heightMm(p.x(), p.y(), p.z())).isCloseTo(0, within(1.0));
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "570,350,335,160,200",
    "540,330,,150,",
    "600,,350,,212",
    "560,340,325,150,203",
    "520,315,300,,"
  })
  void measuresTakenTogether_areEachMetToAMillimetre(
      double girth, Double ear, Double front, Double breadth, Double length) {
    Head.Measures m =
        Head.of(new HeadSpec.Measured(girth, ear, front, breadth, length, null, null, null))
            .measures();
    assertThat(m.girthMm()).isCloseTo(girth, within(1.0));
    near(m.earToEarMm(), ear);
    near(m.frontToNapeMm(), front);
    near(m.breadthMm(), breadth);
    near(m.lengthMm(), length);
  }

  private static void near(double got, Double wanted) {
    if (wanted != null) {
      assertThat(got).isCloseTo(wanted, within(1.0));
    }
  }

  @Test
  void contradictoryMeasures_areRefusedByTheOneFarthestOut_withWhatTheOthersAllow() {
    HeadSpec spec = new HeadSpec.Measured(570, 350.0, 330.0, 200.0, null, null, null, null);
    assertThatThrownBy(() -> Head.of(spec))
        .isInstanceOfSatisfying(
            HeadMeasureException.class,
            e -> {
              assertThat(e.field()).isEqualTo("breadthMm");
              // What it names as allowed is allowed.
              for (double edge : new double[] {e.minMm(), e.maxMm()}) {
                Head h =
                    Head.of(new HeadSpec.Measured(570, 350.0, 330.0, edge, null, null, null, null));
                assertThat(h.measures().breadthMm()).isCloseTo(edge, within(1.0));
              }
            });
  }

  @Test
  void flatSides_runStraighterDownFromTheRidge_thanRoundOnes() {
    Head flat = shaped(-1, 0, 0, 0);
    Head round = shaped(1, 0, 0, 0);
    // At the same share of the head's breadth, a flat-sided head is wider up at the ridge.
    assertThat(halfWidthAt(flat, 0.8)).isGreaterThan(halfWidthAt(round, 0.8) + 0.06);
    assertThat(flat.place(Place.RIDGE_RIGHT).x())
        .isGreaterThan(round.place(Place.RIDGE_RIGHT).x() + 2);
  }

  private static double halfWidthAt(Head h, double shareOfHeight) {
    double z = shareOfHeight * h.place(Place.APEX).z();
    Vec3 from = new Vec3(0, h.surface().centreMm().y(), z);
    double x = Tape.fromInside(h.surface(), from, kitetail.geom.UnitVec.RIGHT);
    return 2 * x / h.measures().breadthMm();
  }

  @Test
  void aStrongOccipitalBone_standsOutMore_andAFlatBackLess() {
    double flat = shaped(0, -1, 0, 0).measures().occipitalMm();
    double round = shaped(0, 0, 0, 0).measures().occipitalMm();
    double strong = shaped(0, 1, 0, 0).measures().occipitalMm();
    assertThat(flat).isLessThan(round - 1);
    assertThat(strong).isGreaterThan(round + 2);
  }

  @Test
  void aLowCrown_liesLower_aHighOneHigher_andToItsSide() {
    assertThat(shaped(0, 0, 0, -1).place(Place.CROWN).z())
        .isLessThan(shaped(0, 0, 0, 0).place(Place.CROWN).z() - 5);
    assertThat(shaped(0, 0, 0, 1).place(Place.CROWN).z())
        .isGreaterThan(shaped(0, 0, 0, 0).place(Place.CROWN).z() + 3);
    Head right = Head.of(picked(new HeadShape(0, 0, 0, 0, 20, 0, 0), null));
    assertThat(right.place(Place.CROWN).x()).isCloseTo(20, within(1.5));
  }

  @Test
  void anUprightForehead_standsFartherForward_highUp() {
    assertThat(shaped(0, 0, 1, 0).place(Place.FRONT).y())
        .isGreaterThan(shaped(0, 0, -1, 0).place(Place.FRONT).y() + 3);
  }

  @Test
  void aHigherEar_liftsItsSideOfTheHairline_andLeavesTheOther() {
    Head usual = shaped(0, 0, 0, 0);
    Head lifted = Head.of(picked(new HeadShape(0, 0, 0, 0, 0, 0, 8), null));
    assertThat(lifted.place(Place.EAR_TOP_RIGHT).z())
        .isCloseTo(usual.place(Place.EAR_TOP_RIGHT).z() + 8, within(2.0));
    assertThat(lifted.place(Place.EAR_TOP_LEFT).z())
        .isCloseTo(usual.place(Place.EAR_TOP_LEFT).z(), within(1.0));
  }

  @Test
  void theHairline_goesWhereItsNumbersSay() {
    Head usual = edged(HairlineShape.USUAL);
    Head v = edged(new HairlineShape(15, 20, 20, 0, 0, 0, 0, 0));
    assertThat(v.place(Place.RECESSION_LEFT).y())
        .isLessThan(usual.place(Place.RECESSION_LEFT).y() - 8);
    // The front to nape measure is met first; against its corners the centre hangs lower.
    assertThat(centreOverCorners(v)).isLessThan(centreOverCorners(usual) - 10);
    assertThat(centreOverCorners(edged(new HairlineShape(-12, 0, 0, 0, 0, 0, 0, 0))))
        .isGreaterThan(centreOverCorners(usual) + 4);
    Head long20 = edged(new HairlineShape(0, 0, 0, 20, 0, 0, 0, 0));
    assertThat(long20.place(Place.SIDEBURN_RIGHT).z())
        .isCloseTo(usual.place(Place.SIDEBURN_RIGHT).z() - 20, within(2.5));
    Head low = edged(new HairlineShape(0, 0, 0, 0, 15, 0, 0, 0));
    assertThat(low.place(Place.NAPE_CORNER_LEFT).z())
        .isLessThan(usual.place(Place.NAPE_CORNER_LEFT).z() - 9);
    Head points = edged(new HairlineShape(0, 0, 0, 0, 0, 0, 14, 0));
    assertThat(points.edge(Math.toRadians(157)).z()).isLessThan(points.place(Place.NAPE).z() - 6);
    Head napeV = edged(new HairlineShape(0, 0, 0, 0, 0, 16, 0, 0));
    assertThat(napeV.place(Place.NAPE).z()).isLessThan(napeV.edge(Math.toRadians(160)).z() - 8);
    Head rounded = edged(new HairlineShape(0, 0, 0, 0, 0, 0, 0, 14));
    assertThat(rounded.place(Place.NAPE_CORNER_RIGHT).z())
        .isGreaterThan(usual.place(Place.NAPE_CORNER_RIGHT).z() + 6);
  }

  private static double centreOverCorners(Head h) {
    return h.place(Place.FRONT).z() - h.edge(Math.toRadians(38)).z();
  }

  @Test
  void aNudgedLandmark_moves_andWhatHangsOnItMoves() {
    Head usual = shaped(0, 0, 0, 0);
    assertThat(nudged(Place.CROWN, 1, 0).place(Place.CROWN).distanceTo(usual.place(Place.CROWN)))
        .isCloseTo(Nudge.FINGER_MM, within(3.0));
    Head ridge = nudged(Place.RIDGE_RIGHT, 1, 0);
    assertThat(ridge.ridgeFromApexMm(Math.PI / 2))
        .isCloseTo(usual.ridgeFromApexMm(Math.PI / 2) - Nudge.FINGER_MM, within(1.5));
    assertThat(ridge.ridgeFromApexMm(-Math.PI / 2))
        .isCloseTo(usual.ridgeFromApexMm(-Math.PI / 2), within(0.5));
    Head corner = nudged(Place.NAPE_CORNER_LEFT, 0.5, 0);
    assertThat(corner.place(Place.NAPE_CORNER_LEFT).z())
        .isGreaterThan(usual.place(Place.NAPE_CORNER_LEFT).z() + 6);
  }

  @Test
  void facePlaces_lieInTheirOrderDownTheFace() {
    Map<FacePlace, Vec3> f = shaped(0, 0, 0, 0).face();
    assertThat(f).hasSize(FacePlace.values().length);
    assertThat(f.get(FacePlace.BROW_LEFT).z()).isGreaterThan(f.get(FacePlace.EYE_LEFT).z());
    assertThat(f.get(FacePlace.EYE_LEFT).z()).isGreaterThan(f.get(FacePlace.NOSE_TIP).z());
    assertThat(f.get(FacePlace.NOSE_TIP).z()).isGreaterThan(f.get(FacePlace.CHIN).z());
    assertThat(f.get(FacePlace.JAW_RIGHT).y()).isLessThan(f.get(FacePlace.CHIN).y());
    assertThat(f.get(FacePlace.COLLAR).y()).isNegative();
    assertThat(f.get(FacePlace.NOSE_TIP).y()).isGreaterThan(f.get(FacePlace.BROW_LEFT).y());
  }

  @Test
  void aSpot_followsTheHead() {
    Head a = shaped(0, 0, 0, 0);
    Head b = Head.of(new HeadSpec.Measured(600, null, null));
    Spot s = Spot.of(a, a.onRidge(1.2));
    assertThat(s.on(a).distanceTo(a.onRidge(1.2))).isLessThan(0.05);
    assertThat(s.on(b).distanceTo(b.onRidge(1.2))).isLessThan(6);
  }
}
