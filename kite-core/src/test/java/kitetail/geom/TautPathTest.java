package kitetail.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.sf.geographiclib.Geodesic;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TautPathTest {
  private static final double R = 90;
  private final EllipsoidSurface ball = new EllipsoidSurface(R, R, R);

  private static Vec3 onMeridian(double radius, double deg) {
    return new Vec3(
        0, radius * Math.cos(Math.toRadians(deg)), radius * Math.sin(Math.toRadians(deg)));
  }

  @ParameterizedTest
  @ValueSource(doubles = {3, 20, 45, 60})
  void whereTheHeadIsClear_theTautPathIsStraight(double deg) {
    Vec3 p = onMeridian(R, 0);
    Vec3 tip = onMeridian(R + 120, deg);
    double expected =
        Math.sqrt(
            R * R + 210 * 210 - 2 * R * 210 * Math.cos(Math.toRadians(deg))); // law of cosines
    assertThat(new TautPath(ball).lengthMm(p, tip)).isCloseTo(expected, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(doubles = {70, 90, 120, 150})
  void pastTheTangent_theTautPathIsTangentPlusArc(double deg) {
    double out = 60;
    double max = Math.acos(R / (R + out));
    double expected = Math.sqrt((R + out) * (R + out) - R * R) + R * (Math.toRadians(deg) - max);
    assertThat(new TautPath(ball).lengthMm(onMeridian(R, 0), onMeridian(R + out, deg)))
        .isCloseTo(expected, within(0.1));
  }

  /** Karney, "Algorithms for geodesics", J. Geodesy 87 (2013), through GeographicLib-Java 2.1. */
  @ParameterizedTest
  @CsvSource({"10,0,70,120", "5,0,40,60", "20,-30,25,75", "60,10,80,170", "2,0,3,100", "1,0,50,20"})
  void betweenTwoPlacesOfAnEllipsoid_theTautPathIsTheGeodesic(
      double lat1, double lon1, double lat2, double lon2) {
    double a = 76;
    double c = 92;
    EllipsoidSurface egg = new EllipsoidSurface(a, a, c);
    Geodesic geodesic = new Geodesic(a, (a - c) / a);
    double expected = geodesic.Inverse(lat1, lon1, lat2, lon2).s12;
    double got = new TautPath(egg).lengthMm(at(egg, lat1, lon1), at(egg, lat2, lon2));
    assertThat(got).isCloseTo(expected, within(0.0005 * expected + 0.02));
  }

  /** Geographic latitude: the angle of the normal. */
  private static Vec3 at(EllipsoidSurface e, double latDeg, double lonDeg) {
    double f = Math.toRadians(latDeg);
    double l = Math.toRadians(lonDeg);
    double a2 = e.aMm() * e.aMm();
    double c2 = e.cMm() * e.cMm();
    double n = a2 / Math.sqrt(a2 * Math.cos(f) * Math.cos(f) + c2 * Math.sin(f) * Math.sin(f));
    return new Vec3(
        n * Math.cos(f) * Math.cos(l), n * Math.cos(f) * Math.sin(l), c2 / a2 * n * Math.sin(f));
  }

  @Test
  void theTautStringOverAPolyline_bridgesHollows() {
    double[] u = {0, 1, 2, 3, 4};
    double[] v = {0, 2, 0.5, 2, 0};
    assertThat(TautPath.tautLength(u, v, 5, new int[5]))
        .isCloseTo(2 * Math.sqrt(5) + 2, within(1e-12));
  }
}
