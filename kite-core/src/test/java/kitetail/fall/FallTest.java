package kitetail.fall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import kitetail.On;
import kitetail.cut.Outline;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.Stock;
import kitetail.hair.WetDry;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Hair let go on whole heads. */
class FallTest {
  private static final Scalp BALL = Scalp.of(Head.of(new HeadSpec.Ball(90)), 800);
  private static final Ground ON_BALL = Ground.of(BALL);
  private static final Scalp HEAD = Scalp.of(Head.of(new HeadSpec.Measured(570, null, null)), 1500);
  private static final Ground ON_HEAD = Ground.of(HEAD);

  private record Stand(String name, Scalp scalp, Ground ground) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static Stand stand(String name, HeadSpec spec) {
    Scalp scalp = Scalp.of(Head.of(spec), 1500);
    return new Stand(name, scalp, Ground.of(scalp));
  }

  private static final Stand USUAL = new Stand("usual", HEAD, ON_HEAD);
  private static final Stand SCANNED = stand("scanned", On.scanned());

  /**
   * From the most upright forehead hair hangs plumb past the hollow above the nose, 14 mm off it;
   * so not quite that one.
   */
  private static final Stand PICKED =
      stand(
          "picked",
          new HeadSpec.Measured(
              548.0, null, null, null, null, new HeadShape(-1, 1, 0.5, 1, 12, -5, 5), null, null));

  static Stream<Arguments> headsAndWays() {
    return Stream.of(USUAL, SCANNED, PICKED)
        .flatMap(s -> Arrays.stream(Styling.Way.values()).map(w -> Arguments.of(s, w)));
  }

  static Stream<Arguments> headsAndFringes() {
    return Stream.of(USUAL, SCANNED, PICKED)
        .flatMap(
            s -> Stream.of(Styling.Way.NATURAL, Styling.Way.FORWARD).map(w -> Arguments.of(s, w)));
  }

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
  @MethodSource("headsAndWays")
  void nothingLiesInsideTheHead(Stand on, Styling.Way way) {
    Styling styling = new Styling(way, null, 0.1, 0.2, false);
    Fall f = Fall.of(on.ground, Hair.DEFAULT, all(on.scalp, 140), styling);
    double deepest = 0;
    for (int i = 0; i < f.strands(); i++) {
      for (int k = 1; k < f.points(); k++) {
        Vec3 p = f.point(i, k);
        deepest = Math.min(deepest, on.ground.body().atMm(p.x(), p.y(), p.z(), null));
        deepest = Math.min(deepest, on.scalp.head().surface().heightMm(p.x(), p.y(), p.z()));
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

  /** Combed down wet over the forehead it dries there: a fringe is no peak. */
  @ParameterizedTest
  @MethodSource("headsAndFringes")
  void aFringesEnds_lieOnTheForehead(Stand on, Styling.Way way) {
    double[] l = new double[on.scalp.roots()];
    for (int i = 0; i < l.length; i++) {
      l[i] = on.scalp.pointMm(i).y() > 30 ? 62 : 40;
    }
    Fall f = Fall.of(on.ground, Hair.DEFAULT, Stock.of(l), new Styling(way, null, 0.05, 0, false));
    // Below the brow lie the hollows of the eyes.
    double brow = on.scalp.head().face().get(FacePlace.BROW_RIGHT).z();
    double[] off = new double[f.strands()];
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 root = f.point(i, 0);
      Vec3 tip = f.tip(i);
      if (root.y() > 60 && Math.abs(root.x()) < 35 && tip.z() < 90 && tip.z() > brow - 6) {
        off[n++] = on.ground.body().atMm(tip.x(), tip.y(), tip.z(), null);
      }
    }
    Arrays.sort(off, 0, n);
    assertThat(n).isGreaterThan(20);
    assertThat(off[(int) (0.95 * n)]).isLessThan(12);
  }

  /** Lift goes with the hours, sooner in damp air; a wave drawn out comes back. */
  @Test
  void hoursAndDampAirUndoWhatDryingDid() {
    Hair wavy = new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.85), Growth.USUAL, List.of());
    Styling vent =
        new Styling(Styling.Way.BACK, null, 0.1, 0.1, false).dried(Styling.Dried.VENT_BRUSH);
    Fall fresh = Fall.of(ON_HEAD, wavy, all(HEAD, 90), vent);
    Fall evening = Fall.of(ON_HEAD, wavy, all(HEAD, 90), vent.later(10, 0));
    Fall damp = Fall.of(ON_HEAD, wavy, all(HEAD, 90), vent.later(10, 1));
    Fall air = Fall.of(ON_HEAD, wavy, all(HEAD, 90), vent.dried(Styling.Dried.AIR));
    assertThat(topHeight(fresh)).isGreaterThan(topHeight(evening));
    assertThat(topHeight(evening)).isGreaterThan(topHeight(damp));
    assertThat(fresh.curlRatio(0)).isGreaterThan(evening.curlRatio(0));
    assertThat(evening.curlRatio(0)).isGreaterThan(damp.curlRatio(0));
    assertThat(damp.curlRatio(0)).isGreaterThanOrEqualTo(air.curlRatio(0));
    assertThat(fresh.lengthMm(0)).isGreaterThan(air.lengthMm(0)); // drawn out it is longer
  }

  /** Common practice: a round brush turns the ends under, an iron takes the wave out. */
  @Test
  void aRoundBrushTurnsEndsUnder_andAnIronDrawsTheWaveOut() {
    Hair wavy = new Hair(60, 0.36, 200, 70, new WetDry(0.03, 0.85), Growth.USUAL, List.of());
    Styling worn = Styling.NATURAL;
    Fall air = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 200), worn);
    Fall brushed =
        Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 200), worn.dried(Styling.Dried.ROUND_BRUSH));
    assertThat(meanTurnIn(brushed)).isGreaterThan(meanTurnIn(air) + 0.15);
    Fall ironed = Fall.of(ON_HEAD, wavy, all(HEAD, 200), worn.dried(Styling.Dried.IRON));
    assertThat(ironed.curlRatio(0)).isGreaterThan(0.98);
  }

  /** How far the last piece of the strands at the nape points in toward the neck, mean. */
  private static double meanTurnIn(Fall f) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 tip = f.tip(i);
      if (f.point(i, 0).y() < -60 && tip.z() < -40) {
        Vec3 d = tip.minus(f.point(i, f.points() - 2));
        sum += d.y() / d.norm();
        n++;
      }
    }
    return sum / n;
  }

  /** A part is a line of skin: the ways of the hair change within a few millimetres. */
  @Test
  void aPartIsALine() {
    Styling parted = new Styling(null, Styling.Part.LEFT, 0.1, 0.2, false);
    Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 90), parted);
    double partX = parted.partX(HEAD.head());
    double left = -200;
    double right = 200;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 root = f.point(i, 0);
      if (root.y() > 10 && root.y() < 60 && root.z() > 95) {
        double goes = f.point(i, 4).x() - root.x();
        if (goes < 0) {
          left = Math.max(left, root.x());
        } else {
          right = Math.min(right, root.x());
        }
      }
    }
    // Each side's hair covers its own skin but for the line between; strands stand some 5 mm apart.
    assertThat(Math.abs((left + right) / 2 - partX)).isLessThan(6);
    assertThat(Math.abs(left - right)).isLessThan(8);
  }

  /** Swept over without a part, hair goes up and over from the ridge, none down the near side. */
  @Test
  void sweptOver_hairAboveTheRidgeGoesToTheOtherSide() {
    Styling swept = new Styling(Styling.Way.RIGHT, Styling.Part.NONE, 0.2, 0.6, false);
    Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 55), swept);
    double crown = HEAD.head().place(Place.CROWN).y();
    int over = 0;
    int all = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 root = f.point(i, 0);
      double above = HEAD.aboveRidgeMm(i);
      if (root.x() < -5 && root.y() > crown + 25 && above > 2 && above < 25) {
        all++;
        Vec3 tip = f.tip(i);
        over += tip.x() > root.x() && tip.z() > root.z() - 12 ? 1 : 0;
      }
    }
    assertThat(all).isGreaterThan(40);
    assertThat(over).isGreaterThan(9 * all / 10);
  }

  /** Hair that stood in a line pressed to the skin stands beside it, and none is lost. */
  @Test
  void aLinePressedToTheSkin_isClearOfHair_andGrowsOver() {
    Head head = HEAD.head();
    SkinLine line =
        new SkinLine(
            new Outline.HardLine(Place.RECESSION_LEFT, Place.RIDGE_LEFT, 2.5).along(head), 2.5);
    Fall before = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 12), Styling.NATURAL);
    Fall f = before.pressed(List.of(line));
    int moved = 0;
    for (int i = 0; i < f.strands(); i++) {
      assertThat(line.offMm(f.point(i, 0))).isGreaterThan(1);
      double by = f.point(i, 0).distanceTo(before.point(i, 0));
      assertThat(by).isLessThan(2.6);
      moved += by > 0 ? 1 : 0;
    }
    assertThat(moved).isGreaterThan(3).isLessThan(60);
    Bared bared = Bared.of(f);
    assertThat(bared.bare(line.points().get(3))).isEqualTo(1);
    assertThat(bared.bare(head.place(Place.APEX))).isZero();
    assertThat(f.after(1).linesShow()).as("a week's stubble").isBetween(0.2, 0.7);
    assertThat(before.after(4).pressed(List.of(line)).lines())
        .as("a month on nothing is left of it")
        .isEmpty();
  }

  /** Locks draw hairs together; no hair of a layer is lost or grows by it. */
  @Test
  void inLocks_theVolumeOfTheHairStays() {
    Fall f = Fall.of(ON_HEAD, Hair.DEFAULT, all(HEAD, 120), Styling.NATURAL);
    double section = 0;
    double drawn = 0;
    for (int i = 0; i < f.strands(); i++) {
      double area = f.hairs(i) * Math.PI * f.diameterMm(i) * f.diameterMm(i) / 4;
      section += area * f.lengthMm(i);
      double length = 0;
      for (int k = 1; k < f.points(); k++) {
        length += f.point(i, k).distanceTo(f.point(i, k - 1));
      }
      drawn += area * length;
    }
    assertThat(drawn).isCloseTo(section, within(0.005 * section));
    // And locks there are: beside its root's neighbour of the same lock a tip lies closer than
    // beside that of another lock.
    assertThat(apartOverRoots(f, true)).isLessThan(0.8 * apartOverRoots(f, false));
  }

  /**
   * Median of tips' distances over roots', of each strand and its nearest of the same lock or not.
   */
  private static double apartOverRoots(Fall f, boolean sameLock) {
    double[] ratio = new double[f.strands()];
    for (int i = 0; i < f.strands(); i++) {
      int best = -1;
      for (int k = 0; k < f.strands(); k++) {
        if (k != i
            && f.leader(k) == f.leader(i) == sameLock
            && (best < 0
                || f.point(k, 0).distanceTo(f.point(i, 0))
                    < f.point(best, 0).distanceTo(f.point(i, 0)))) {
          best = k;
        }
      }
      ratio[i] =
          best < 0
              ? 1
              : f.tip(i).distanceTo(f.tip(best)) / f.point(i, 0).distanceTo(f.point(best, 0));
    }
    Arrays.sort(ratio);
    return ratio[ratio.length / 2];
  }

  /** How far the middles of the top's strands stand off the skin, mean. */
  private static double topHeight(Fall f) {
    double sum = 0;
    int n = 0;
    for (int i = 0; i < f.strands(); i++) {
      Vec3 p = f.point(i, f.points() / 2);
      if (f.point(i, 0).z() > 100) {
        sum += ON_HEAD.body().atMm(p.x(), p.y(), p.z(), null);
        n++;
      }
    }
    return sum / n;
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
