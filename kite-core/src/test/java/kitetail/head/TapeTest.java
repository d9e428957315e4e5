package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import kitetail.geom.RadiusTable;
import kitetail.geom.Solid;
import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TapeTest {
  private static final double RADIUS = 60;

  /** Two balls beside each other: between them the skin is hollow. */
  private static StarSurface twoBalls(double halfApart) {
    Solid pair = Solid.Joined.first(ball(halfApart)).with(ball(-halfApart), 0.01);
    return RadiusTable.bake(pair, new Vec3(0, 0, 0), 200);
  }

  private static Solid ball(double x) {
    return new Solid.Ellipsoid(new Vec3(x, 0, 0), new Vec3(RADIUS, RADIUS, RADIUS), 0);
  }

  /** The hull of two circles of radius r, d apart, has the perimeter 2πr + 2d. */
  @ParameterizedTest
  @ValueSource(doubles = {15, 25, 35})
  void aTapeRoundAHollow_isThePerimeterOfTheHull(double halfApart) {
    StarSurface s = twoBalls(halfApart);
    Vec3 front = s.onto(new Vec3(0, 1, 0));
    Vec3 back = s.onto(new Vec3(0, -1, 0));
    double hull = 2 * Math.PI * RADIUS + 4 * halfApart;
    assertThat(Tape.girthMm(s, front, back)).isCloseTo(hull, within(0.1));
  }

  /** From side to side over the top: half the hull, the hollow between bridged straight. */
  @ParameterizedTest
  @ValueSource(doubles = {15, 25, 35})
  void aTapeOverAHollow_bridgesIt(double halfApart) {
    StarSurface s = twoBalls(halfApart);
    Vec3 left = s.onto(new Vec3(-1, 0, 0));
    Vec3 right = s.onto(new Vec3(1, 0, 0));
    Vec3 top = s.onto(new Vec3(0, 0, 1));
    assertThat(top.z()).isLessThan(RADIUS - 1);
    assertThat(Tape.arcMm(s, left, top, right))
        .isCloseTo(Math.PI * RADIUS + 2 * halfApart, within(0.1));
  }

  private static HeadBody body(double across, double forward, double up, double fullness) {
    HeadSpec.Measured spec = new HeadSpec.Measured(570, null, null);
    return HeadBody.of(HeadBody.picked(spec), new Vec3(across, forward, up), fullness, 0, spec);
  }

  @ParameterizedTest
  @EnumSource(Measure.class)
  void everyMeasure_growsWithTheHead_inProportion(Measure m) {
    double one = m.of(body(1, 1, 1, 0));
    assertThat(m.of(body(1.1, 1.1, 1.1, 0))).isCloseTo(1.1 * one, within(0.3));
  }

  @Test
  void breadthFollowsTheStretchAcross_lengthTheOneForward_andGirthTheCorners() {
    HeadBody usual = body(1, 1, 1, 0);
    assertThat(Measure.BREADTH.of(body(1.05, 1, 1, 0)))
        .isCloseTo(1.05 * Measure.BREADTH.of(usual), within(0.1));
    assertThat(Measure.LENGTH.of(body(1, 1.05, 1, 0)))
        .isCloseTo(1.05 * Measure.LENGTH.of(usual), within(0.1));
    assertThat(Measure.GIRTH.of(body(1, 1, 1, 1))).isGreaterThan(Measure.GIRTH.of(usual) + 8);
    assertThat(Measure.BREADTH.of(body(1, 1, 1, 1)))
        .isCloseTo(Measure.BREADTH.of(usual), within(1.0));
  }

  @Test
  void theHairlinesApart_lengthenFrontToNape_byJustThatMuch() {
    HeadSpec.Measured spec = new HeadSpec.Measured(570, null, null);
    var picked = HeadBody.picked(new HeadSpec.Measured(570, null, null));
    Vec3 k = new Vec3(1, 1, 1);
    double usual = Measure.FRONT_TO_NAPE.of(HeadBody.of(picked, k, 0, 0, spec));
    double apart = Measure.FRONT_TO_NAPE.of(HeadBody.of(picked, k, 0, 20, spec));
    // The hollow of the nape is bridged, so a little less than along the skin.
    assertThat(apart - usual).isBetween(17.0, 20.1);
  }
}
