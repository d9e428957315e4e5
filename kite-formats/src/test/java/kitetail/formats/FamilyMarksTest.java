package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.fit.Planner;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Finding;
import kitetail.plan.Jumps;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Scalar;
import kitetail.section.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What makes each family right, as its mark says; all marks are common practice. */
class FamilyMarksTest {
  private static final Map<String, Done> DONE = new ConcurrentHashMap<>();

  /** A family fitted to its own lengths on its own head, and run. */
  private record Done(Plan plan, Outcome o) {
    static Done of(String id) {
      return DONE.computeIfAbsent(
          id,
          k -> {
            Plan plan = Planner.fit(Families.all().get(k)).plan();
            return new Done(plan, PlanEngine.run(plan, Scalp.of(Head.of(plan.head()), 2000)));
          });
    }

    Scalp scalp() {
      return o.scalp();
    }

    double at(Place p) {
      return o.afterMm()[scalp().root(p)];
    }

    double before(Place p) {
      return o.beforeMm()[scalp().root(p)];
    }

    int[] roots(String section) {
      return Zone.of(scalp(), plan.region(section)).roots();
    }

    /** Longest less shortest hair of a section. */
    double spread(String section) {
      var s = Arrays.stream(roots(section)).mapToDouble(i -> o.afterMm()[i]).summaryStatistics();
      return s.getMax() - s.getMin();
    }

    void untouched(String section) {
      for (int i : roots(section)) {
        assertThat(o.afterMm()[i]).as(section).isEqualTo(o.beforeMm()[i]);
      }
    }

    double[] after(String move) {
      return o.steps().stream()
          .filter(s -> s.move().id().equals(move))
          .findFirst()
          .orElseThrow()
          .leftMm();
    }

    boolean meantJump(String a, String b) {
      return o.jumps().stream()
          .anyMatch(
              j ->
                  j.meant()
                      && (j.one().equals(a) && j.other().equals(b)
                          || j.one().equals(b) && j.other().equals(a)));
    }
  }

  static List<String> ids() {
    return List.copyOf(Families.all().keySet());
  }

  @Test
  void thereAreTwenty_andAnyThatIsPutBesideThem() {
    assertThat(ids()).hasSizeGreaterThanOrEqualTo(20);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void everyFamily_coversTheScalpOnce_inAnOrderThatHolds_withNoAlarmOfItsOwnMaking(String id) {
    Done d = Done.of(id);
    assertThat(d.o.cover().gaps()).isEmpty();
    assertThat(d.o.cover().overlaps()).isEmpty();
    assertThat(d.o.jumps()).allMatch(Jumps::meant);
    assertThat(Check.of(d.plan, d.o))
        .extracting(Finding::rule)
        .doesNotContain("takes-nothing", "bulk-before-comb", "old-to-new", "texture-over")
        .noneMatch(r -> r.startsWith("order-"));
    assertThat(Check.of(d.plan, d.o)).noneMatch(f -> f.severity() == Finding.Severity.STOP);
    assertThat(d.plan.family().mark()).isNotBlank();
  }

  @Test
  void evenAllOver_hasUnderOneMillimetreOfSpread() {
    var s = Arrays.stream(Done.of("even-all-over").o.afterMm()).summaryStatistics();
    assertThat(s.getMax() - s.getMin()).isLessThan(1);
  }

  @Test
  void quietSidePart_isLongestAtTheFront_withASoftEdge() {
    Done d = Done.of("quiet-side-part");
    for (Place p : Place.values()) {
      assertThat(d.at(p)).isLessThanOrEqualTo(d.at(Place.FRONT));
    }
    assertThat(d.at(Place.NAPE)).isBetween(1.5, 6.0);
    assertThat(d.at(Place.EAR_TOP_LEFT)).isBetween(1.5, 8.0);
    assertThat(d.at(Place.EAR_TOP_LEFT)).isCloseTo(d.at(Place.EAR_TOP_RIGHT), within(1.0));
  }

  @Test
  void sweptBack_isLongestAtTheFront_andRisesSteadily() {
    Done d = Done.of("swept-back-classic");
    Walk w = d.scalp().walk(Walk.Kind.CENTRE);
    double crown = w.marksMm().get(Place.CROWN);
    double last = 0;
    for (int i = w.size() - 1; i >= 0; i--) {
      if (w.distanceMm()[i] < crown - 5) {
        double mm = d.o.afterMm()[w.firstRoot() + i];
        assertThat(mm).isGreaterThan(last - 1); // stepped at the bites
        last = Math.max(last, mm);
      }
    }
    for (Place p : Place.values()) {
      assertThat(d.at(p)).isLessThanOrEqualTo(d.at(Place.FRONT) + 0.01);
    }
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.CROWN) + 15);
    assertThat(d.meantJump("top", "leftSide")).isTrue();
  }

  @Test
  void looseEarLength_reachesHalfWayDownTheEar() {
    Done d = Done.of("loose-ear-length");
    double need =
        d.plan.family().wishes().stream()
            .filter(w -> w.place() == Place.EAR_TOP_LEFT)
            .findFirst()
            .orElseThrow()
            .needMm(d.scalp().head(), d.plan.hair());
    assertThat(d.at(Place.EAR_TOP_LEFT)).isCloseTo(need, within(3.0));
    assertThat(d.at(Place.NAPE)).isGreaterThan(25); // past the hairline
  }

  @Test
  void theSquareTop_isLongerAtItsCornersThanAtItsCentre_andTheTaperFallsBehindTheEar() {
    Done d = Done.of("square-curl-crop");
    assertThat(d.at(Place.RIDGE_LEFT)).isGreaterThan(d.at(Place.APEX) + 8);
    assertThat(d.at(Place.RIDGE_RIGHT)).isGreaterThan(d.at(Place.APEX) + 8);
    double sideburn = upFrom(d, Place.SIDEBURN_RIGHT, 22);
    double behind = upFrom(d, Place.BEHIND_EAR_RIGHT, 22);
    assertThat(sideburn).isGreaterThan(behind + 4);
  }

  /** Length so far above the hairline, straight up from a place of it. */
  private static double upFrom(Done d, Place place, double upMm) {
    Scalp s = d.scalp();
    double a = s.azimuthRad(s.root(place));
    int best = 0;
    double closest = Double.MAX_VALUE;
    for (int i = 0; i < s.roots(); i++) {
      double off = Math.hypot(80 * (s.azimuthRad(i) - a), s.aboveHairlineMm(i) - upMm);
      if (off < closest) {
        closest = off;
        best = i;
      }
    }
    return d.o.afterMm()[best];
  }

  @Test
  void hardLineSweep_keepsItsJump_goesToTheSkinOnce_andTheFrontIsNotTheShortest() {
    Done d = Done.of("hard-line-sweep");
    assertThat(d.meantJump("top", "leftSide")).isTrue();
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX));
    assertThat(d.at(Place.APEX)).isGreaterThan(d.at(Place.CROWN));
    long bare = Arrays.stream(d.roots("line")).filter(i -> d.o.afterMm()[i] <= 0.5).count();
    assertThat(bare).isPositive();
    double least =
        Arrays.stream(d.roots("rightSide")).mapToDouble(i -> d.o.afterMm()[i]).min().orElseThrow();
    assertThat(least).isGreaterThan(2);
  }

  @Test
  void gentsScissorCut_isUprightAtTheSides_longerAbove_withACrispEar() {
    Done d = Done.of("gents-scissor-cut");
    Walk w = d.scalp().walk(Walk.Kind.EAR_TO_EAR);
    double ridge = w.marksMm().get(Place.RIDGE_LEFT);
    double last = 0;
    for (int i = 0; i < w.size() && w.distanceMm()[i] < ridge - 12; i++) {
      double mm = d.o.afterMm()[w.firstRoot() + i];
      assertThat(mm).isGreaterThan(last - 1.5);
      last = Math.max(last, mm);
    }
    assertThat(d.at(Place.EAR_TOP_LEFT)).isLessThan(1);
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX));
  }

  /** A flat line across the top leaves the front longer since the forehead falls away. */
  @Test
  void throwBackLayers_areLevelOnTop_soTheFrontIsLonger_andEvenBehind() {
    Done d = Done.of("throw-back-layers");
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX) + 10);
    Scalp s = d.scalp();
    double level = s.pointMm(s.root(Place.APEX)).z() + d.at(Place.APEX);
    for (int i : d.roots("top")) {
      if (Scalar.ABOVE_RIDGE_MM.of(s, i) > 40) {
        assertThat(s.pointMm(i).z() + d.after("top")[i]).isLessThanOrEqualTo(level + 0.1);
      }
    }
    double[] back = d.after("back");
    var spread = Arrays.stream(d.roots("back")).mapToDouble(i -> back[i]).summaryStatistics();
    assertThat(spread.getMax() - spread.getMin()).isLessThan(0.1);
  }

  @Test
  void longWaveLayers_leaveTheOutlineUntouched() {
    Done d = Done.of("long-wave-layers");
    Scalp s = d.scalp();
    double[] outline = d.after("outlineRest");
    double[] layered = d.after("layers");
    int edge = 0;
    for (int i = 0; i < s.roots(); i++) {
      if (s.aboveHairlineMm(i) < 20 && s.pointMm(i).z() < 60) {
        assertThat(layered[i]).isEqualTo(outline[i]);
        edge++;
      }
    }
    assertThat(edge).isGreaterThan(100);
    assertThat(layered[s.root(Place.APEX)]).isLessThan(outline[s.root(Place.APEX)] - 20);
  }

  @Test
  void taperedPixie_hasItsFringeLongest_apart_andWeightAboveTheTaper() {
    Done d = Done.of("tapered-pixie");
    for (Place p : Place.values()) {
      assertThat(d.at(p)).isLessThanOrEqualTo(d.at(Place.FRONT) + 0.5);
    }
    assertThat(d.meantJump("fringe", "top")).isTrue();
    assertThat(d.at(Place.DROP_CROWN)).isGreaterThan(d.at(Place.OCCIPITAL) + 8);
    // No skin shows: inside the line the nape keeps some millimetres.
    for (int i : d.roots("napeEdge")) {
      if (d.scalp().aboveHairlineMm(i) > 18) {
        assertThat(d.o.afterMm()[i]).isGreaterThan(4);
      }
    }
  }

  @Test
  void pieceyPixie_hasManyLengthsInOnePlace_andWeightAboveTheEar() {
    Done d = Done.of("piecey-pixie");
    assertThat(d.o.after().lengths(d.scalp().root(Place.CROWN))).isGreaterThan(1);
    assertThat(upFrom(d, Place.EAR_TOP_LEFT, 25)).isGreaterThan(d.at(Place.EAR_TOP_LEFT) + 6);
    assertThat(d.plan.family().needs().minDensityPerCm2()).isEqualTo(200); // thick hair only
  }

  @Test
  void lopsidedPixie_isLongerOnTheHeavySide_byTheWishedAmount() {
    Done d = Done.of("lopsided-pixie");
    double wished = wish(d, Place.EAR_TOP_RIGHT) - wish(d, Place.EAR_TOP_LEFT);
    assertThat(wished).isGreaterThan(40);
    assertThat(d.at(Place.EAR_TOP_RIGHT) - d.at(Place.EAR_TOP_LEFT)).isCloseTo(wished, within(3.0));
  }

  private static double wish(Done d, Place p) {
    return d.plan.family().wishes().stream()
        .filter(w -> w.place() == p)
        .findFirst()
        .orElseThrow()
        .lengthMm();
  }

  @Test
  void standUpPixie_standsOnTop_isShortOverTheEar_withALongSideburn_andASeeThroughFringe() {
    Done d = Done.of("stand-up-pixie");
    assertThat(d.at(Place.APEX)).isGreaterThan(100);
    assertThat(d.at(Place.EAR_TOP_LEFT)).isLessThan(22);
    assertThat(d.at(Place.SIDEBURN_LEFT)).isGreaterThan(d.at(Place.EAR_TOP_LEFT) + 15);
    assertThat(d.o.after().share(d.scalp().root(Place.FRONT), 0)).isLessThan(0.7);
  }

  @Test
  void shortSidesChippedTop_growEvenlyOffTheHairline_withNoPointOnTop() {
    Done d = Done.of("short-sides-chipped-top");
    assertThat(upFrom(d, Place.EAR_TOP_LEFT, 30)).isGreaterThan(d.at(Place.EAR_TOP_LEFT) + 2);
    Scalp s = d.scalp();
    double apex = d.at(Place.APEX);
    double nearby = 0;
    for (int i : d.roots("top")) {
      if (s.fromApexMm(i) > 15 && s.fromApexMm(i) < 40) {
        nearby = Math.max(nearby, d.o.afterMm()[i]);
      }
    }
    assertThat(apex).isLessThan(nearby + 1);
    assertThat(d.o.after().lengths(s.root(Place.FRONT))).isGreaterThan(1);
  }

  @Test
  void shortShag_runsFromShortAtTheBrowToLongAtTheNape_withTheFringeSaved() {
    Done d = Done.of("short-shag");
    assertThat(d.at(Place.FRONT)).isLessThan(d.at(Place.TEMPLE_LEFT));
    assertThat(d.at(Place.TEMPLE_LEFT)).isLessThan(d.at(Place.EAR_TOP_LEFT));
    assertThat(d.at(Place.EAR_TOP_LEFT)).isLessThan(d.at(Place.NAPE));
    assertThat(d.after("layers")[d.scalp().root(Place.FRONT)])
        .isEqualTo(d.after("fringe")[d.scalp().root(Place.FRONT)]);
  }

  @Test
  void twoWayFringeShag_leavesItsTemplePiecesOut_andIsLongerBehind() {
    Done d = Done.of("two-way-fringe-shag");
    d.untouched("leftOut");
    d.untouched("rightOut");
    assertThat(d.at(Place.OCCIPITAL)).isGreaterThan(d.at(Place.APEX) + 15);
  }

  @Test
  void softTail_isUniformAbove_savedAtTheFace_andLongAtTheNape() {
    Done d = Done.of("soft-tail");
    double[] round = d.after("back");
    var s = Arrays.stream(d.roots("back")).mapToDouble(i -> round[i]).summaryStatistics();
    assertThat(s.getMax() - s.getMin()).isLessThan(1);
    List<Integer> fringe = Arrays.stream(d.roots("fringe")).boxed().toList();
    for (int i : d.roots("saved")) {
      if (!fringe.contains(i)) {
        assertThat(d.o.afterMm()[i]).isEqualTo(d.o.beforeMm()[i]);
      }
    }
    assertThat(d.at(Place.NAPE)).isGreaterThan(d.at(Place.DROP_CROWN) + 60);
  }

  @Test
  void ovalTail_isLongestAtTheCentreNape_andShorterToLongerOnTop() {
    Done d = Done.of("oval-tail");
    for (Place p :
        List.of(
            Place.TEMPLE_LEFT,
            Place.SIDEBURN_LEFT,
            Place.EAR_TOP_LEFT,
            Place.BEHIND_EAR_LEFT,
            Place.MASTOID_LEFT)) {
      assertThat(d.at(p)).isLessThan(d.at(Place.NAPE));
    }
    assertThat(d.at(Place.FRONT)).isLessThan(d.at(Place.APEX));
    assertThat(d.at(Place.APEX)).isLessThan(d.at(Place.CROWN));
  }

  @Test
  void cropAndTail_leavesTheTailUntouchedInItsBox_butForLooseStrokes() {
    Done d = Done.of("crop-and-tail");
    d.untouched("tail");
    assertThat(d.o.after().lengths(d.scalp().root(Place.OCCIPITAL))).isGreaterThan(1);
    for (String section : List.of("top", "leftSide", "rightSide")) {
      for (int i : d.roots(section)) {
        assertThat(d.o.afterMm()[i]).isLessThan(60);
      }
    }
  }

  @Test
  void keptLengthCurlTail_leavesEverythingLowUntouched_andKeepsItsCorners() {
    Done d = Done.of("kept-length-curl-tail");
    d.untouched("low");
    d.untouched("lowLeft");
    d.untouched("lowRight");
    assertThat(d.at(Place.RIDGE_LEFT)).isGreaterThan(d.at(Place.APEX) + 5);
    assertThat(d.at(Place.NAPE)).isEqualTo(d.before(Place.NAPE));
  }

  /** A number belongs into the cut, where it can be changed; in a name it would then be wrong. */
  @ParameterizedTest
  @MethodSource("names")
  void noNameCarriesANumber(String name) {
    assertThat(name).doesNotContainPattern("[0-9½¼¾⅓⅔]");
  }

  static Stream<String> names() {
    return Families.all().values().stream()
        .flatMap(
            p ->
                Stream.concat(
                    p.moves().stream().map(m -> m.name()),
                    p.sections().stream().map(s -> s.name())))
        .distinct();
  }
}
