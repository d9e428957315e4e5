package kitetail.fall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Hair let go on whole heads. */
class FallTest {
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 800);
  private static final Ground ON_BALL = Ground.of(BALL);
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1500);
  private static final Ground ON_HEAD = Ground.of(HEAD);

  static Stock all(Scalp s, double mm) {
    double[] l = new double[s.roots()];
    Arrays.fill(l, mm);
    return Stock.of(l);
  }

  @Test
  void aLongStrandHangsPlumbAfterLeavingTheBall() {
    Fall f = Fall.of(ON_BALL, Hair.DEFAULT, all(BALL, 420), Styling.NATURAL);
    int last = f.points() - 1;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 end = f.point(i, last).minus(f.point(i, last - 1));
      assertThat(-end.z() / end.norm())
          .as("strand %d", i)
          .isGreaterThan(Math.cos(Math.toRadians(8)));
    }
  }

  @ParameterizedTest
  @EnumSource(Styling.Way.class)
  void nothingLiesInsideTheHead(Styling.Way way) {
    Fall f =
        Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 140), new Styling(way, null, 0.1, 0.2, false));
    double deepest = 0;
    for (int i = 0; i < f.strands(); i++) {
      for (int k = 1; k < f.points(); k++) {
        Vec3 p = f.point(i, k);
        deepest = Math.min(deepest, ON_HEAD.body().atMm(p.x(), p.y(), p.z(), null));
        deepest = Math.min(deepest, HEAD.head().surface().heightMm(p.x(), p.y(), p.z()));
      }
    }
    assertThat(deepest).isGreaterThan(-0.2);
  }

  @Test
  void strandsKeepTheirLength() {
    Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 90), Styling.NATURAL);
    for (int i = 0; i < f.strands(); i += 7) {
      double sum = 0;
      for (int k = 1; k < f.points(); k++) {
        sum += f.point(i, k).distanceTo(f.point(i, k - 1));
      }
      assertThat(sum).isCloseTo(90, within(0.01));
    }
  }

  @Test
  void theSameHairFallsTheSameWayToTheLastBit() {
    Fall a = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 80), Styling.NATURAL);
    Fall b = Fall.of(Ground.of(HEAD), Hair.DEFAULT, all(HEAD, 80), Styling.NATURAL);
    assertThat(a.xyz()).isEqualTo(b.xyz());
  }

  @Test
  void almostAllStrandsComeToRest() {
    for (double mm : new double[] {20, 80, 200}) {
      Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, mm), Styling.NATURAL);
      assertThat(f.unsettled()).as("at %s mm", mm).isLessThan(f.strands() / 20);
    }
  }

  @Test
  void twiceThePointsLandAtTheSamePlace() {
    for (double mm : new double[] {30, 90}) {
      Fall a = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, mm), Styling.NATURAL, 16);
      Fall b = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, mm), Styling.NATURAL, 31);
      double[] off = new double[a.strands()];
      for (int i = 0; i < off.length; i++) {
        off[i] = a.tip(i).distanceTo(b.tip(i));
      }
      Arrays.sort(off);
      assertThat(off[(int) (0.95 * off.length)]).as("at %s mm", mm).isLessThan(2);
    }
  }

  @Test
  void shortHairStandsOffAndLongHairLies() {
    Place[] top = {Place.APEX};
    Fall shortHair = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 15), Styling.NATURAL);
    Fall longHair = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 120), Styling.NATURAL);
    int i = near(top[0]);
    assertThat(steepest(shortHair, i)).isGreaterThan(0.3);
    assertThat(steepest(longHair, i)).isLessThan(0.15);
  }

  /** How much the last third of a strand points away from the head. */
  private static double steepest(Fall f, int i) {
    Vec3 a = f.point(i, f.points() * 2 / 3);
    Vec3 d = f.tip(i).minus(a);
    return HEAD.head().surface().normalAt(HEAD.head().surface().onto(a)).dot(d) / d.norm();
  }

  private static int near(Place place) {
    int best = 0;
    for (int i = 0; i < HEAD.sites(); i++) {
      if (HEAD.pointMm(i).distanceTo(HEAD.head().place(place))
          < HEAD.pointMm(best).distanceTo(HEAD.head().place(place))) {
        best = i;
      }
    }
    return best;
  }

  @Test
  void shortHairBeneathHoldsLongHairUp() {
    double[] bare = new double[HEAD.roots()];
    double[] held = new double[HEAD.roots()];
    for (int i = 0; i < bare.length; i++) {
      boolean top = HEAD.aboveRidgeMm(i) > 25;
      bare[i] = top ? 150 : 0;
      held[i] = top ? 150 : 25;
    }
    Fall over = Fall.of(ON_HEAD, Hair.DEFAULT, Stock.of(held), Styling.NATURAL);
    Fall flat = Fall.of(ON_HEAD, Hair.DEFAULT, Stock.of(bare), Styling.NATURAL);
    assertThat(meanHeight(over)).isGreaterThan(meanHeight(flat) + 1);
  }

  private static double meanHeight(Fall f) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      if (f.lengthMm(i) > 100 && Math.abs(HEAD.pointMm(i).x()) > 20) {
        Vec3 p = f.point(i, f.points() * 2 / 3);
        sum += ON_HEAD.body().atMm(p.x(), p.y(), p.z(), null);
        n++;
      }
    }
    return sum / n;
  }

  @Test
  void curlsAreShorterAndLift() {
    Hair curly = new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.6), null, null);
    Fall straight = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 100), Styling.NATURAL);
    Fall curls = Fall.of(ON_HEAD, curly, all(HEAD, 100), Styling.NATURAL);
    assertThat(curls.lengthMm(5)).isCloseTo(60, within(0.01));
    double lifted = 0;
    double flat = 0;
    for (int i = 0; i < curls.strands(); i++) {
      Vec3 a = curls.point(i, 8);
      Vec3 b = straight.point(i, 5);
      lifted += ON_HEAD.body().atMm(a.x(), a.y(), a.z(), null);
      flat += ON_HEAD.body().atMm(b.x(), b.y(), b.z(), null);
    }
    assertThat(lifted).isGreaterThan(1.3 * flat);
  }

  @Test
  void hairIsCombedWhereItIsCombed() {
    Fall back =
        Fall.of(
            ON_HEAD,
            Hair.DEFAULT,
            all(HEAD, 90),
            new Styling(Styling.Way.BACK, null, 0.1, 0.3, false));
    Fall forward =
        Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 90), Styling.NATURAL.combed(Styling.Way.FORWARD));
    int front = near(Place.FRONT);
    assertThat(back.tip(front).y()).isLessThan(HEAD.pointMm(front).y() - 40);
    assertThat(forward.tip(front).z()).isLessThan(HEAD.pointMm(front).z() - 40);
    Styling parted = new Styling(null, Styling.Part.CENTRE, 0, 0, false);
    Fall sides = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 120), parted);
    int right = near(Place.RECESSION_RIGHT);
    int left = near(Place.RECESSION_LEFT);
    assertThat(sides.tip(right).x()).isPositive();
    assertThat(sides.tip(left).x()).isNegative();
  }

  /** A nape grown in and up turns short hair; long hair that only passes over it hangs. */
  @Test
  void longHairHangsOverANapeThatSwirls_shortHairFollowsIt() {
    Hair swirls =
        new Hair(
            60,
            0.36,
            200,
            70,
            WetDry.STRAIGHT,
            new Growth(null, null, Growth.Nape.SWIRLS),
            List.of());
    Fall hangs = Fall.of(ON_HEAD, swirls, all(HEAD, 150), Styling.NATURAL);
    Fall usual = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 150), Styling.NATURAL);
    assertThat(widthBelowTheNape(hangs)).isGreaterThan(0.8 * widthBelowTheNape(usual));
    int corner = near(Place.NAPE_CORNER_LEFT);
    Fall turned = Fall.of(ON_HEAD, swirls, all(HEAD, 12), Styling.NATURAL);
    Fall straight = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 12), Styling.NATURAL);
    assertThat(turned.tip(corner).x()).isGreaterThan(straight.tip(corner).x() + 1);
    assertThat(turned.tip(corner).z()).isGreaterThan(straight.tip(corner).z() + 1);
  }

  /** How far apart the ends of the back hang, mean from the middle. */
  private static double widthBelowTheNape(Fall f) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      if (Math.abs(Math.toDegrees(HEAD.azimuthRad(i))) > 130) {
        sum += Math.abs(f.tip(i).x());
        n++;
      }
    }
    return sum / n;
  }

  @Test
  void whatDidNotComeToRestIsCountedByPlace() {
    Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 260), Styling.NATURAL);
    assertThat(f.unsettledNear().values().stream().mapToInt(Integer::intValue).sum())
        .isEqualTo(f.unsettled());
  }

  @Test
  void stylingsOutOfRangeAreRefusedWithTheRange() {
    assertThatThrownBy(() -> new Styling(null, null, 2, 0, false))
        .hasMessageContaining("productShare must be 0 to 1, was 2");
    assertThatThrownBy(() -> new Styling(null, null, 0, Double.NaN, false))
        .hasMessageContaining("hold must be 0 to 1");
    assertThatThrownBy(() -> Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 9), Styling.NATURAL, 3))
        .hasMessageContaining("points must be 7 to 61");
    Styling right = new Styling(Styling.Way.RIGHT, Styling.Part.LEFT, 0.1, 0.2, false);
    assertThat(right.mirrored().mirrored()).isEqualTo(right);
    assertThat(right.partX(HEAD.head())).isEqualTo(-right.mirrored().partX(HEAD.head()));
  }
}
