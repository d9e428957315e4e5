package kitetail.head;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;

class ScalpTest {
  @Test
  void siteAreasOfABall_addUpToItsUpperHalf() {
    Scalp s = Scalp.of(Head.of(new HeadSpec.Ball(90)), Scalp.DEFAULT_SITES);
    assertThat(sum(s)).isCloseTo(2 * Math.PI * 90 * 90, within(0.001 * 2 * Math.PI * 90 * 90));
  }

  /** Surface of half an ellipsoid of revolution by Gauss quadrature (Hipparchus) of its profile. */
  @Test
  void siteAreasOfAnEllipsoid_addUpToItsUpperHalf() {
    double a = 76;
    double c = 92;
    double expected =
        new IterativeLegendreGaussIntegrator(16, 1e-10, 1e-10)
            .integrate(
                200_000,
                t -> 2 * Math.PI * a * Math.sin(t) * Math.hypot(a * Math.cos(t), c * Math.sin(t)),
                0,
                Math.PI / 2);
    Scalp s = Scalp.of(Head.of(new HeadSpec.Ellipsoid(a, a, c)), Scalp.DEFAULT_SITES);
    assertThat(sum(s)).isCloseTo(expected, within(0.001 * expected));
  }

  @Test
  void sites_areManyAndEvenlySpread() {
    Scalp s = Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), Scalp.DEFAULT_SITES);
    assertThat(s.sites()).isBetween(3800, 4200);
    double mean = s.totalAreaMm2() / s.sites();
    long odd =
        IntStream.range(0, s.sites())
            .filter(i -> s.areaMm2(i) < 0.6 * mean || s.areaMm2(i) > 1.5 * mean)
            .count();
    assertThat(odd).isLessThan(s.sites() / 20);
    for (int i = s.sites(); i < s.roots(); i++) {
      assertThat(s.areaMm2(i)).isZero();
    }
  }

  @Test
  void theCentreWalk_runsFromFrontOverApexAndCrownToNape() {
    Walk w = Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), 500).walk(Walk.Kind.CENTRE);
    assertThat(w.marksMm())
        .containsKeys(Place.FRONT, Place.APEX, Place.CROWN, Place.OCCIPITAL, Place.NAPE);
    assertThat(w.marksMm().get(Place.APEX)).isLessThan(w.marksMm().get(Place.CROWN));
    assertThat(w.marksMm().get(Place.CROWN)).isLessThan(w.marksMm().get(Place.OCCIPITAL));
  }

  @Test
  void theWalksOfABall_areItsArcs() {
    Scalp s = Scalp.of(Head.of(new HeadSpec.Ball(90)), 500);
    assertThat(s.walk(Walk.Kind.CENTRE).lengthMm()).isCloseTo(Math.PI * 90, within(0.1));
    assertThat(s.walk(Walk.Kind.EDGE).lengthMm()).isCloseTo(2 * Math.PI * 90, within(0.1));
  }

  private static double sum(Scalp s) {
    return IntStream.range(0, s.sites()).mapToDouble(s::areaMm2).sum();
  }
}
