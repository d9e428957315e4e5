package kitetail.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HairTest {
  private static final Scalp SCALP =
      Scalp.of(Head.of(new HeadSpec.Measured(573, null, null)), 1500);

  private static Hair with(Growth g, HairPatch... patches) {
    return new Hair(60, 0.36, 200, 70, WetDry.STRAIGHT, g, List.of(patches));
  }

  private static int nearest(Vec3 p) {
    return IntStream.range(0, SCALP.roots())
        .boxed()
        .min(
            (a, b) ->
                Double.compare(SCALP.pointMm(a).distanceTo(p), SCALP.pointMm(b).distanceTo(p)))
        .orElseThrow();
  }

  /**
   * 100 000 hairs is the common round figure for a head (from memory, e.g. Robbins, Chemical and
   * Physical Behavior of Human Hair: 90 000 to 150 000 by hair colour).
   */
  @Test
  void theUsualHead_carriesAHundredThousandHairs() {
    HairMap m = HairMap.of(SCALP, Hair.DEFAULT);
    assertThat(m.strands()).isBetween(90_000.0, 150_000.0);
    assertThat(m.strands()).isCloseTo(200 * SCALP.totalAreaMm2() / 100, within(1e-6 * m.strands()));
  }

  /** On hair of one length and thickness: count × length × π d²/4 × density. */
  @Test
  void grams_areThoseOfSoManyRods() {
    HairMap m = HairMap.of(SCALP, Hair.DEFAULT);
    Arrays.fill(m.diameterUm(), 80);
    double[] lengths = new double[SCALP.roots()];
    Arrays.fill(lengths, 100);
    double expected = m.strands() * Math.PI * 0.004 * 0.004 * 10 * 1.32;
    assertThat(m.grams(lengths)).isCloseTo(expected, within(1e-9 * expected));
  }

  /** Common practice: thickest above the ear up to the ridge and under the crown. */
  @Test
  void hairIsThickest_aboveTheEar_andUnderTheCrown_andThinAtTheTemples() {
    HairMap m = HairMap.of(SCALP, Hair.DEFAULT);
    Head h = SCALP.head();
    Vec3 ear = h.place(Place.EAR_TOP_RIGHT);
    double band = m.densityPerCm2()[nearest(h.surface().onto(ear.plus(new Vec3(-4, 0, 36))))];
    double crown = m.densityPerCm2()[nearest(h.place(Place.DROP_CROWN))];
    double top = m.densityPerCm2()[nearest(h.place(Place.APEX))];
    double temple = m.densityPerCm2()[nearest(h.place(Place.RECESSION_RIGHT))];
    assertThat(band).isGreaterThan(1.08 * top);
    assertThat(crown).isGreaterThan(1.08 * top);
    assertThat(temple).isLessThan(0.8 * top);
  }

  @Test
  void aPaintedPatch_changesItsPlace_andNotTheOtherSide() {
    Spot right = Spot.of(SCALP.head(), SCALP.head().place(Place.RIDGE_RIGHT));
    Hair thin = with(Growth.USUAL, new HairPatch(right, 30, 0.4, 1, 1));
    double[] plain = HairMap.of(SCALP, Hair.DEFAULT).densityPerCm2();
    double[] painted = HairMap.of(SCALP, thin).densityPerCm2();
    int there = nearest(SCALP.head().place(Place.RIDGE_RIGHT));
    int other = nearest(SCALP.head().place(Place.RIDGE_LEFT));
    assertThat(painted[there]).isCloseTo(0.4 * plain[there], within(1e-6));
    assertThat(painted[other]).isEqualTo(plain[other]);
  }

  @ParameterizedTest
  @ValueSource(strings = {"RIGHT", "LEFT", "DOUBLE"})
  void theStream_runsForwardOnTop_downTheSides_andDownTheBack(String whorl) {
    Hair hair = with(new Growth(Growth.Whorl.valueOf(whorl), null, null));
    GrowthField f = new GrowthField(SCALP.head(), hair);
    Head h = SCALP.head();
    assertThat(f.at(h.point(0, 25)).y()).isGreaterThan(0.7);
    assertThat(f.at(h.point(Math.PI / 2, 105)).z()).isLessThan(-0.7);
    assertThat(f.at(h.place(Place.OCCIPITAL)).z()).isLessThan(-0.7);
    for (int i = 0; i < SCALP.sites(); i++) {
      assertThat(Math.abs(f.at(SCALP.pointMm(i)).dot(SCALP.normal(i)))).isLessThan(1e-6);
    }
  }

  /** Round the whorl the stream turns once: clockwise seen from above for a right one. */
  @ParameterizedTest
  @CsvSource({"RIGHT,1", "LEFT,-1"})
  void theStream_turnsRoundItsWhorl_theWayItIsPicked(String whorl, double hand) {
    Hair hair = with(new Growth(Growth.Whorl.valueOf(whorl), null, null));
    Head h = SCALP.head();
    GrowthField f = new GrowthField(h, hair);
    Vec3 c = h.place(Place.CROWN);
    var n = h.surface().normalAt(c);
    double outward = 0;
    double round = 0;
    for (int k = 0; k < 24; k++) {
      double a = 2 * Math.PI * k / 24;
      Vec3 e = n.times(1).cross(new Vec3(1, 0, 0));
      Vec3 off = e.times(9 * Math.cos(a)).plus(n.times(1).cross(e).times(9 * Math.sin(a)));
      Vec3 p = h.surface().onto(c.plus(off));
      Vec3 v = f.at(p).times(1);
      Vec3 away = off.times(1 / off.norm());
      outward += v.dot(away) / 24;
      round += v.dot(away.cross(n.times(1))) / 24;
    }
    assertThat(outward).isGreaterThan(0.3);
    assertThat(hand * round).isGreaterThan(0.4);
    assertThat(f.exitDegAt(c)).isGreaterThan(f.exitDegAt(h.place(Place.OCCIPITAL)) + 10);
  }

  @Test
  void cowlicksAndNapes_turnTheStreamWhereTheySit() {
    Head h = SCALP.head();
    Vec3 front = h.point(0, h.hairlineFromApexMm(0) - 2);
    assertThat(new GrowthField(h, Hair.DEFAULT).at(front).z()).isNegative();
    Hair lick = with(new Growth(null, Growth.FrontCowlick.CENTRE, null));
    assertThat(new GrowthField(h, lick).at(front).dot(new GrowthField(h, Hair.DEFAULT).at(front)))
        .isLessThan(0.8);
    Vec3 nape = h.place(Place.NAPE);
    Hair left = with(new Growth(null, null, Growth.Nape.ALL_LEFT));
    assertThat(new GrowthField(h, left).at(nape).x()).isLessThan(-0.8);
    Hair up = with(new Growth(null, null, Growth.Nape.UP));
    assertThat(new GrowthField(h, up).at(nape).z()).isGreaterThan(0.8);
    Hair swirls = with(new Growth(null, null, Growth.Nape.SWIRLS));
    GrowthField s = new GrowthField(h, swirls);
    assertThat(s.at(h.place(Place.NAPE_CORNER_LEFT)).x()).isPositive();
    assertThat(s.at(h.place(Place.NAPE_CORNER_RIGHT)).x()).isNegative();
  }

  @Test
  void aStroke_staysOnTheSkin() {
    GrowthField f = new GrowthField(SCALP.head(), Hair.DEFAULT);
    for (Vec3 p : f.stroke(SCALP.head().place(Place.RIDGE_LEFT), 20, 5)) {
      assertThat(SCALP.head().surface().heightMm(p.x(), p.y(), p.z())).isCloseTo(0, within(1e-6));
    }
  }

  /** Exact at its places and nowhere longer or shorter than they are, whatever the lengths. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void theSpread_isExactAtItsPlaces_andStaysInsideTheirRange(int seed) {
    Random r = new Random(seed);
    Map<Place, Double> taped = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      if (r.nextDouble() < 0.6) {
        taped.put(p, 400 * r.nextDouble());
      }
    }
    StartingHair start = new StartingHair.Taped(taped, null, null, null);
    double[] l = StartingLengths.spread(SCALP, start, Hair.DEFAULT);
    double min = taped.values().stream().mapToDouble(v -> v).min().orElseThrow();
    double max = taped.values().stream().mapToDouble(v -> v).max().orElseThrow();
    for (double v : l) {
      assertThat(v).isBetween(min - 1e-9, max + 1e-9);
    }
    taped.forEach(
        (place, mm) -> {
          int i = nearest(SCALP.head().place(place));
          double off = SCALP.pointMm(i).distanceTo(SCALP.head().place(place));
          // Roots lie a little beside the places; at the place itself it is exact.
          assertThat(l[i]).isCloseTo(mm, within(0.5 + 0.05 * off * off * off));
        });
  }

  @Test
  void acrossAJump_lengthsDoNotRunTogether() {
    Map<Place, Double> taped =
        Map.of(Place.APEX, 120.0, Place.CROWN, 110.0, Place.NAPE, 5.0, Place.EAR_TOP_LEFT, 5.0);
    StartingHair apart =
        new StartingHair.Taped(taped, null, List.of(new Jump(Jump.Along.RIDGE, 0)), null);
    double[] l = StartingLengths.spread(SCALP, apart, Hair.DEFAULT);
    for (int i = 0; i < l.length; i++) {
      if (SCALP.aboveRidgeMm(i) > 1e-6) {
        assertThat(l[i]).isBetween(109.999, 120.001);
      } else if (SCALP.aboveRidgeMm(i) < -1e-6) {
        assertThat(l[i]).isCloseTo(5, within(1e-9));
      }
    }
  }

  @Test
  void anOddPlace_isPaintedOverTheRest() {
    Spot crown = Spot.of(SCALP.head(), SCALP.head().place(Place.CROWN));
    StartingHair start =
        new StartingHair.Taped(
            Map.of(Place.APEX, 80.0), null, null, List.of(new LengthPatch(crown, 20, 15)));
    double[] l = StartingLengths.spread(SCALP, start, Hair.DEFAULT);
    assertThat(l[nearest(SCALP.head().place(Place.CROWN))]).isCloseTo(15, within(1e-9));
    assertThat(l[nearest(SCALP.head().place(Place.FRONT))]).isCloseTo(80, within(1e-9));
  }

  @Test
  void anEarlierResult_comesBackWithItsGrowth() {
    Scalp fine = Scalp.of(SCALP.head(), Scalp.DEFAULT_SITES);
    double[] was =
        StartingLengths.spread(
            fine, StartingHair.Taped.six(110, 100, 90, 60, 70, 45), Hair.DEFAULT);
    StartingHair grown = new StartingHair.Grown(StartingLengths.keep(fine, was), 42, null);
    double[] now = StartingLengths.spread(fine, grown, Hair.DEFAULT);
    double sum = 0;
    for (int i = 0; i < now.length; i++) {
      // Steepest beside a taped place, where spots 7 mm apart cut the corner.
      assertThat(now[i]).isCloseTo(was[i] + 42 * 0.36, within(8.0));
      sum += Math.abs(now[i] - was[i] - 42 * 0.36);
    }
    assertThat(sum / now.length).isLessThan(0.5);
  }

  @Test
  void oneStrandMeasuredTwice_tellsCurlAndStretch() {
    WetDry curly = WetDry.ofStrand(103, 70);
    assertThat(curly.curlRatio()).isCloseTo(0.7, within(1e-9));
    assertThat(
            curly.shownMm(curly.straightMm(103, WetDry.State.WET_PULLED), WetDry.State.DRY_RELAXED))
        .isCloseTo(70, within(1e-9));
    WetDry straight = WetDry.ofStrand(100, 99);
    assertThat(straight.curlRatio()).isEqualTo(1);
    assertThat(straight.stretchShare()).isCloseTo(0.0101, within(1e-4));
    assertThatThrownBy(() -> WetDry.ofStrand(50, 60)).hasMessageContaining("no longer than");
  }

  @Test
  void lengthsTapedWet_countAsDryStraightOnes() {
    Hair hair = new Hair(60, 0.36, 200, 70, new WetDry(0.05, 0.8), Growth.USUAL, List.of());
    Map<Place, Double> one = Map.of(Place.APEX, 105.0);
    StartingHair wet = new StartingHair.Taped(one, WetDry.State.WET_PULLED, null, null);
    assertThat(StartingLengths.spread(SCALP, wet, hair)[0]).isCloseTo(100, within(1e-9));
    StartingHair relaxed = new StartingHair.Taped(one, WetDry.State.DRY_RELAXED, null, null);
    assertThat(StartingLengths.spread(SCALP, relaxed, hair)[0]).isCloseTo(131.25, within(1e-9));
  }

  /** WCAG 2.2: black on white is 21 to 1, and #767676 on white the first grey above 4.5 to 1. */
  @Test
  void contrast_isThatOfWcag_andDeepSkinHidesBlackHair() {
    assertThat(Rgb.contrast(0x000000, 0xffffff)).isCloseTo(21, within(1e-9));
    assertThat(Rgb.contrast(0x767676, 0xffffff)).isBetween(4.5, 4.6);
    assertThat(Rgb.contrast(0x777777, 0xffffff)).isLessThan(4.5);
    int black = new HairColour(1, 0, 0).mean();
    double before = Double.MAX_VALUE;
    for (double depth = 3; depth <= 10; depth++) {
      double now = Rgb.contrast(black, new SkinTone(depth, 0).rgb());
      assertThat(now).as("depth %s", depth).isLessThan(before);
      before = now;
    }
  }
}
