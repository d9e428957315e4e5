package kitetail.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PartingTest {
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 800);
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 800);

  static Stream<Parting> all() {
    return Stream.of(
        new Parting.Across(Facing.UP),
        new Parting.Across(Facing.BACK),
        new Parting.Diagonal(Facing.BACK, 30),
        new Parting.Diagonal(Facing.FRONT, -40),
        new Parting.Hairline(),
        new Parting.Centre(),
        new Parting.Pivot(Place.CROWN, true),
        new Parting.Pivot(Place.APEX, false),
        new Parting.Panels(3, Facing.FRONT));
  }

  @ParameterizedTest
  @MethodSource("all")
  void goingBack_comesToEarlierBites_alongTheSkin(Parting p) {
    Random r = new Random(7);
    int down = 0;
    int tried = 0;
    for (int k = 0; k < 200; k++) {
      int i = r.nextInt(HEAD.sites());
      Vec3 at = HEAD.pointMm(i);
      var back = p.back(HEAD.head(), at, HEAD.normal(i));
      assertThat(back.dot(HEAD.normal(i))).isCloseTo(0, within(1e-9));
      Vec3 next = HEAD.head().surface().onto(at.plus(back.times(1)));
      double off = p.atMm(HEAD.head(), next) - p.atMm(HEAD.head(), at);
      // At the head's turning places, and where a turn begins, there is no earlier bite.
      if (Math.abs(off) > 0.05 && Math.abs(off) < 20) {
        tried++;
        down += off < 0 ? 1 : 0;
      }
    }
    assertThat((double) down / tried).isGreaterThan(0.93);
    assertThat(tried).isGreaterThan(120);
  }

  @ParameterizedTest
  @MethodSource("all")
  void aMirroredParting_isTheSame_onTheOtherSide(Parting p) {
    Parting other = p.mirrored();
    assertThat(other.mirrored()).isEqualTo(p);
    Vec3 at = new Vec3(41, -33, 118);
    Vec3 there = new Vec3(-41, -33, 118);
    assertThat(other.atMm(HEAD.head(), there)).isCloseTo(p.atMm(HEAD.head(), at), within(0.05));
  }

  @Test
  void partingsOfABall_liePlainlyABiteApart() {
    Zone all = Zone.of(BALL, Region.ALL);
    List<PartingLines.Line> lines = PartingLines.of(all, new Parting.Across(Facing.BACK), 20);
    // 180 mm from front to back, a parting every 20 but for the ends.
    assertThat(lines.stream().map(PartingLines.Line::bite).distinct().count()).isEqualTo(8);
    for (PartingLines.Line l : lines) {
      for (Vec3 p : l.pointsMm()) {
        assertThat(p.y()).isCloseTo(90 - 20.0 * l.bite(), within(0.05));
        assertThat(p.norm()).isCloseTo(90, within(0.4));
      }
    }
  }

  @Test
  void partingsAlongTheHairline_runAllTheWayRound() {
    Zone all = Zone.of(BALL, Region.ALL);
    List<PartingLines.Line> lines = PartingLines.of(all, new Parting.Hairline(), 30);
    assertThat(lines).hasSize((int) (Math.PI / 2 * 90 / 30));
    double once = 0;
    List<Vec3> first = lines.get(0).pointsMm();
    for (int i = 1; i < first.size(); i++) {
      once += first.get(i).distanceTo(first.get(i - 1));
    }
    assertThat(once).isCloseTo(2 * Math.PI * 90 * Math.cos(30.0 / 90), within(3.0));
  }
}
