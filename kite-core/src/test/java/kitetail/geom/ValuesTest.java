package kitetail.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ValuesTest {
  @Test
  void aPointThatIsNotANumber_isRefused() {
    assertThatThrownBy(() -> new Vec3(1, Double.NaN, 0)).hasMessageContaining("finite");
  }

  @Test
  void aDirectionOfNoLength_isRefused() {
    assertThatThrownBy(() -> UnitVec.of(0, 0, 0)).hasMessageContaining("no direction");
    assertThatThrownBy(() -> new UnitVec(1, 1, 0)).hasMessageContaining("length 1");
  }

  @Test
  void aDirectionLaidOnTheSkin_isSquareToTheNormal() {
    UnitVec n = UnitVec.of(1, 2, 3);
    assertThat(UnitVec.UP.alongSurface(n).dot(n)).isCloseTo(0, within(1e-12));
    assertThat(UnitVec.UP.alongSurface(UnitVec.UP).dot(UnitVec.UP)).isCloseTo(0, within(1e-12));
  }

  @Test
  void theBlendOfTwoSolids_neverLiesOutsideEither_andKeepsThemFarFromTheJoin() {
    Solid one = new Solid.Ellipsoid(new Vec3(0, 0, 0), new Vec3(10, 10, 10), 0);
    Solid two = new Solid.Capsule(new Vec3(15, 0, 0), new Vec3(40, 0, 0), 6, 6);
    Solid both = Solid.Joined.first(one).with(two, 8);
    assertThat(both.valueMm(12, 0, 0))
        .isLessThan(Math.min(one.valueMm(12, 0, 0), two.valueMm(12, 0, 0)));
    assertThat(both.valueMm(-10, 0, 0)).isCloseTo(0, within(1e-12));
    assertThat(both.valueMm(46, 0, 0)).isCloseTo(0, within(1e-12));
  }

  @Test
  void aSolidWithoutAHollow_isOutsideInTheHollow() {
    Solid ball = new Solid.Ellipsoid(new Vec3(0, 0, 0), new Vec3(10, 10, 10), 0);
    Solid dent = new Solid.Ellipsoid(new Vec3(10, 0, 0), new Vec3(4, 4, 4), 0);
    Solid bowl = Solid.Joined.first(ball).without(dent, 2);
    assertThat(bowl.valueMm(9, 0, 0)).isPositive();
    assertThat(bowl.valueMm(-9, 0, 0)).isNegative();
  }
}
