package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import kitetail.geom.RadiusTable;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.hipparchus.special.elliptic.legendre.LegendreEllipticIntegral;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeadTest {
  private static final Head ADULT = Head.of(new HeadSpec.Measured(573, null, null));

  @ParameterizedTest
  @CsvSource({"573,,", "540,330,", "560,345,330", "600,380,360", "520,310,300", "500,300,"})
  void everyGivenMeasure_isMetToAMillimetre(double girth, Double ear, Double front) {
    Head.Measures m = Head.of(new HeadSpec.Measured(girth, ear, front)).measures();
    assertThat(m.girthMm()).isCloseTo(girth, within(1.0));
    if (ear != null) {
      assertThat(m.earToEarMm()).isCloseTo(ear, within(1.0));
    }
    if (front != null) {
      assertThat(m.frontToNapeMm()).isCloseTo(front, within(1.0));
    }
  }

  @Test
  void anImpossibleMeasure_isRefusedWithItsRange() {
    assertThatThrownBy(() -> Head.of(new HeadSpec.Measured(573, 500.0, null)))
        .isInstanceOfSatisfying(
            HeadMeasureException.class,
            e -> {
              assertThat(e.field()).isEqualTo("earToEarMm");
              assertThat(e.minMm()).isLessThan(e.maxMm()).isBetween(280.0, 320.0);
              assertThat(e).hasMessageContaining("500").hasMessageContaining("allowed");
            });
    assertThatThrownBy(() -> Head.of(new HeadSpec.Measured(1000, null, null)))
        .hasMessageContaining("girthMm");
  }

  /**
   * First to ninety-ninth percentile of women and men together, 1988 Anthropometric Survey of U.S.
   * Army Personnel (Gordon et al., NATICK/TR-89/044), values from memory and rounded outward.
   */
  @Test
  void theDefaultHead_liesInsidePublishedAdultRanges() {
    Head.Measures m = ADULT.measures();
    assertThat(m.girthMm()).isBetween(510.0, 605.0); // head circumference
    assertThat(m.earToEarMm()).isBetween(310.0, 385.0); // bitragion coronal arc
    assertThat(m.breadthMm()).isBetween(131.0, 165.0); // head breadth
    assertThat(m.lengthMm()).isBetween(172.0, 215.0); // head length
  }

  @Test
  void theGirthOfAnEllipsoid_isTheCompleteEllipticIntegral() {
    double a = 72;
    double b = 98;
    double m = 1 - a * a / (b * b);
    double expected = 4 * b * LegendreEllipticIntegral.bigE(m);
    assertThat(Head.of(new HeadSpec.Ellipsoid(a, b, 85)).measures().girthMm())
        .isCloseTo(expected, within(0.1));
  }

  @Test
  void theArcsOfAnEllipsoid_areHalfItsPerimeters() {
    double across = 72;
    double forward = 98;
    double up = 85;
    Head.Measures m = Head.of(new HeadSpec.Ellipsoid(across, forward, up)).measures();
    assertThat(m.earToEarMm())
        .isCloseTo(
            2 * up * LegendreEllipticIntegral.bigE(1 - across * across / (up * up)), within(0.1));
    assertThat(m.frontToNapeMm())
        .isCloseTo(
            2 * forward * LegendreEllipticIntegral.bigE(1 - up * up / (forward * forward)),
            within(0.1));
  }

  @Test
  void theBakedSkull_isTheSolidToTwoHundredthsOfAMillimetre() {
    StarSurface s = ModelHead.surface();
    Random random = new Random(7);
    for (int i = 0; i < 4000; i++) {
      UnitVec d =
          UnitVec.of(
              random.nextGaussian(), random.nextGaussian(), Math.abs(random.nextGaussian()) - 0.6);
      double exact = RadiusTable.firstSkin(ModelHead.skull(ModelHead.Build.USUAL), s.centreMm(), d);
      if (exact > 125) {
        continue; // down the neck, where no hair is computed
      }
      assertThat(s.radiusMm(d.x(), d.y(), d.z())).isCloseTo(exact, within(0.02));
    }
  }

  @Test
  void theLandmarks_lieWhereAStylistFindsThem() {
    Vec3 apex = ADULT.place(Place.APEX);
    for (double deg = 0; deg < 360; deg += 10) {
      assertThat(ADULT.onRidge(Math.toRadians(deg)).z())
          .isLessThan(apex.z()); // a comb on top touches the apex only
      assertThat(ADULT.edge(Math.toRadians(deg)).z())
          .isLessThanOrEqualTo(ADULT.onRidge(Math.toRadians(deg)).z());
    }
    assertThat(ADULT.onRidge(0).distanceTo(ADULT.place(Place.FRONT)))
        .isLessThan(0.5); // a horseshoe
    Vec3 back = ADULT.place(Place.OCCIPITAL);
    assertThat(back.y())
        .isLessThan(ADULT.place(Place.CROWN).y())
        .isLessThan(ADULT.place(Place.NAPE).y());
    assertThat(ADULT.place(Place.CROWN).z()).isBetween(back.z(), apex.z());
    assertThat(ADULT.place(Place.EAR_TOP_RIGHT).x())
        .isGreaterThan(ADULT.place(Place.RIDGE_RIGHT).x());
    assertThat(ADULT.place(Place.SIDEBURN_RIGHT).z())
        .isLessThan(ADULT.place(Place.EAR_TOP_RIGHT).z());
  }

  @Test
  void leftAndRight_areMirrored() {
    for (Place p : Place.values()) {
      if (p.name().endsWith("_LEFT")) {
        Vec3 l = ADULT.place(p);
        Vec3 r = ADULT.place(Place.valueOf(p.name().replace("_LEFT", "_RIGHT")));
        assertThat(new Vec3(-l.x(), l.y(), l.z()).distanceTo(r)).isLessThan(0.3);
      }
    }
  }
}
