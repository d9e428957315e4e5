package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.fit.Planner;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.growth.Worn;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.look.Landing;
import kitetail.look.Layering;
import kitetail.look.Side;
import kitetail.plan.Ledge;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What makes each family right, as its mark says, fitted to each of six unlike heads and read from
 * its hair as it lies and falls; all marks are common practice, their figures stated with them.
 */
class FamilyMarksTest {
  private static final int SITES = 2000;
  private static final Map<HeadSpec, Worn.Stand> STANDS = new ConcurrentHashMap<>();

  /** A family fitted to its own lengths on one head, run, and fallen. */
  record Done(Plan plan, Worn worn) {
    static Done of(String id, HeadSpec.Measured head) {
      Plan family = Families.all().get(id);
      Worn.Stand stand =
          STANDS.computeIfAbsent(head, h -> Worn.Stand.of(Scalp.of(Head.of(h), SITES)));
      Plan plan =
          Planner.fit(
                  family.on(
                      head, family.hair(), family.start(), family.wishes(), family.cautions()))
              .plan();
      return new Done(plan, Worn.of(plan, stand, 0));
    }

    Outcome o() {
      return worn.outcome();
    }

    Scalp scalp() {
      return o().scalp();
    }

    double at(Place p) {
      return o().afterMm()[scalp().root(p)];
    }

    double before(Place p) {
      return o().beforeMm()[scalp().root(p)];
    }

    /** How far below the hairline there the hair of a side hangs, mm. */
    double hangsMm(Side side) {
      return worn.look().landing(side).orElseThrow().ofHairlineMm();
    }

    /** Height of the ends of a side in the head's axes, mm. */
    FacePlace lands(Side side) {
      return worn.look().landing(side).orElseThrow().place();
    }

    double belowMm(Side side) {
      return worn.look().landing(side).orElseThrow().belowMm();
    }

    double ears() {
      return Math.max(worn.look().ears().leftShare(), worn.look().ears().rightShare());
    }

    /** Length so far above the hairline, straight up from a place of it. */
    double upFrom(Place place, double upMm) {
      Scalp s = scalp();
      double a = s.azimuthRad(s.root(place));
      int best = 0;
      double closest = Double.MAX_VALUE;
      for (int i = 0; i < s.roots(); i++) {
        double turn = Math.IEEEremainder(s.azimuthRad(i) - a, 2 * Math.PI);
        double off = Math.hypot(80 * turn, s.aboveHairlineMm(i) - upMm);
        if (off < closest) {
          closest = off;
          best = i;
        }
      }
      return o().afterMm()[best];
    }

    /** Lengths up the centre from the nape to a place, never shorter by more than so much. */
    void risesFromTheNape(Place to, double slackMm) {
      Walk w = scalp().walk(Walk.Kind.CENTRE);
      double last = 0;
      double upTo =
          w.marksMm().get(Place.APEX) + scalp().head().fromApexMm(scalp().head().place(to));
      for (int i = w.size() - 1; i >= 0 && w.distanceMm()[i] > upTo + 4; i--) {
        double mm = o().afterMm()[w.firstRoot() + i];
        assertThat(mm).isGreaterThan(last - slackMm);
        last = Math.max(last, mm);
      }
    }

    /** The recession is no shorter than what grows so far behind it. */
    void noHoleAtTheRecession(double behindMm) {
      for (Place p : List.of(Place.RECESSION_LEFT, Place.RECESSION_RIGHT)) {
        assertThat(at(p)).as("%s", p).isGreaterThan(upFrom(p, behindMm) - 2.5);
      }
    }

    double longest() {
      return Arrays.stream(o().afterMm()).max().orElseThrow();
    }

    int lengths(Place p) {
      return o().after().lengths(scalp().root(p));
    }

    /** Spread of the hairs' lengths at a place, over the longest. */
    double spread(Place p) {
      int root = scalp().root(p);
      int last = o().after().lengths(root) - 1;
      return 1 - o().after().lengthMm(root, last) / o().after().lengthMm(root, 0);
    }

    /**
     * Of the hair of the back that comes down past its hairline, the share that is still there over
     * the last quarter of its hanging length.
     */
    double throughTheLastQuarter() {
      double top = scalp().head().place(Place.NAPE).z();
      double end = endsZ(worn, Side.NAPE);
      return hairPast(end + (top - end) / 4) / hairPast(top);
    }

    private double hairPast(double z) {
      Fall f = worn.fall();
      double hairs = 0;
      for (int i = 0; i < f.strands(); i++) {
        hairs += behind(i) && f.tip(i).z() <= z ? f.hairs(i) : 0;
      }
      return hairs;
    }

    private boolean behind(int i) {
      return Math.abs(scalp().azimuthRad(i)) > Math.toRadians(120);
    }

    /** Hair above the tops of the ears to the client's right over that to the left, by weight. */
    static double rightOverLeftAboveTheEars(Worn worn) {
      Fall f = worn.fall();
      double ear = worn.outcome().scalp().head().place(Place.EAR_TOP_LEFT).z();
      double[] sides = new double[2];
      for (int i = 0; i < f.strands(); i++) {
        double mm3 = f.hairs(i) * f.diameterMm(i) * f.diameterMm(i) * f.lengthMm(i);
        for (int k = 1; k < f.points(); k++) {
          Vec3 p = f.point(i, k);
          sides[p.x() < 0 ? 0 : 1] += p.z() > ear ? mm3 / f.curlRatio(i) : 0;
        }
      }
      return sides[1] / sides[0];
    }

    /** Where the ends of the fringe lie, mean. */
    static Vec3 fringeEnds(Worn worn) {
      Scalp s = worn.outcome().scalp();
      Vec3 sum = new Vec3(0, 0, 0);
      int n = 0;
      for (int i = 0; i < worn.fall().strands(); i++) {
        if (Math.abs(s.azimuthRad(i)) < Math.toRadians(36) && s.aboveHairlineMm(i) < 30) {
          sum = sum.plus(worn.fall().tip(i));
          n++;
        }
      }
      return sum.times(1.0 / n);
    }

    /** Steps of 8 mm and more that no plan meant; less is no ledge (common practice). */
    List<Ledge> unmeant() {
      return o().ledges().stream().filter(l -> !l.meant() && l.heightMm() >= 8).toList();
    }

    /** The same hair combed and dried another way. */
    Worn wornAs(Styling styling) {
      return Worn.of(plan.worn(styling), STANDS.get(plan.head()), 0);
    }

    /** Height of the ends of a side in the head's axes, mm. */
    static double endsZ(Worn worn, Side side) {
      Head head = worn.outcome().scalp().head();
      Landing l = worn.look().landing(side).orElseThrow();
      return head.face().get(l.place()).z() - l.belowMm();
    }

    double faceZ(FacePlace p) {
      return scalp().head().face().get(p).z();
    }

    /** How high the highest end stands over the apex. */
    double standsMm() {
      double most = 0;
      for (int i = 0; i < worn.fall().strands(); i++) {
        most = Math.max(most, worn.fall().tip(i).z());
      }
      return most - scalp().head().place(Place.APEX).z();
    }
  }

  private static final Map<String, Consumer<Done>> MARKS =
      Map.ofEntries(
          Map.entry("even-all-over", FamilyMarksTest::even),
          Map.entry("quiet-side-part", FamilyMarksTest::quiet),
          Map.entry("swept-back-classic", FamilyMarksTest::swept),
          Map.entry("loose-ear-length", FamilyMarksTest::loose),
          Map.entry("square-curl-crop", FamilyMarksTest::square),
          Map.entry("hard-line-sweep", FamilyMarksTest::hardLine),
          Map.entry("gents-scissor-cut", FamilyMarksTest::gents),
          Map.entry("throw-back-layers", FamilyMarksTest::throwBack),
          Map.entry("long-wave-layers", FamilyMarksTest::longWave),
          Map.entry("tapered-pixie", FamilyMarksTest::tapered),
          Map.entry("piecey-pixie", FamilyMarksTest::piecey),
          Map.entry("lopsided-pixie", FamilyMarksTest::lopsided),
          Map.entry("stand-up-pixie", FamilyMarksTest::standUp),
          Map.entry("short-sides-chipped-top", FamilyMarksTest::shortSides),
          Map.entry("short-shag", FamilyMarksTest::shortShag),
          Map.entry("two-way-fringe-shag", FamilyMarksTest::twoWay),
          Map.entry("soft-tail", FamilyMarksTest::softTail),
          Map.entry("oval-tail", FamilyMarksTest::ovalTail),
          Map.entry("crop-and-tail", FamilyMarksTest::cropAndTail),
          Map.entry("kept-length-curl-tail", FamilyMarksTest::keptLength));

  static Stream<Arguments> familiesAndHeads() {
    return Families.all().keySet().stream()
        .flatMap(id -> DemoHeads.all().keySet().stream().map(h -> Arguments.of(id, h)));
  }

  @Test
  void thereAreTwenty_eachWithItsMarks() {
    assertThat(Families.all().keySet()).containsExactlyInAnyOrderElementsOf(MARKS.keySet());
  }

  @ParameterizedTest
  @MethodSource("familiesAndHeads")
  void everyMark_onEveryHead(String id, String head) {
    MARKS.get(id).accept(Done.of(id, DemoHeads.all().get(head)));
  }

  private static void even(Done d) {
    var s = Arrays.stream(d.o().afterMm()).summaryStatistics();
    assertThat(s.getMax() - s.getMin()).isLessThan(2);
    assertThat(d.worn().look().lines()).isEmpty();
    assertThat(d.worn().look().layering()).allMatch(l -> l.kind() == Layering.Kind.UNIFORM);
  }

  private static void quiet(Done d) {
    d.risesFromTheNape(Place.CROWN, 2);
    d.noHoleAtTheRecession(15);
    assertThat(d.at(Place.FRONT)).isCloseTo(d.longest(), within(1.0));
    assertThat(d.at(Place.NAPE)).isBetween(3.0, 6.0);
    assertThat(d.upFrom(Place.NAPE, 20)).isGreaterThan(d.at(Place.NAPE) + 3);
    assertThat(d.ears()).isLessThan(0.15);
    assertThat(d.unmeant()).as("no ledge from apex to nape").noneMatch(l -> d.behind(l.at()));
    assertThat(d.worn().look().skin()).as("skin").allMatch(k -> k.heightMm() <= 10);
  }

  private static void swept(Done d) {
    assertThat(d.at(Place.FRONT)).isCloseTo(d.longest(), within(1.0));
    assertThat(d.at(Place.FRONT)).isGreaterThan(1.25 * d.at(Place.CROWN));
    assertThat(d.lands(Side.FRINGE)).as("stays off the face").isNull();
    assertThat(d.at(Place.TEMPLE_LEFT)).isGreaterThan(d.at(Place.EAR_TOP_LEFT));
    assertThat(d.at(Place.TEMPLE_RIGHT)).isGreaterThan(d.at(Place.EAR_TOP_RIGHT));
    assertThat(d.ears()).as("the ear's upper quarter at most").isLessThan(0.25);
  }

  private static void loose(Done d) {
    assertThat(d.worn().look().ears().leftShare()).isBetween(0.4, 0.65);
    assertThat(d.worn().look().ears().rightShare()).isBetween(0.4, 0.65);
    assertThat(d.hangsMm(Side.NAPE)).isBetween(8.0, 25.0);
    assertThat(d.lands(Side.FRINGE)).isEqualTo(FacePlace.BROW_RIGHT);
    assertThat(d.belowMm(Side.FRINGE)).as("between brow and eye").isBetween(0.0, 25.0);
  }

  private static void square(Done d) {
    for (Place p : List.of(Place.RIDGE_LEFT, Place.RIDGE_RIGHT)) {
      assertThat(d.at(p)).as("corners").isGreaterThan(d.at(Place.APEX) + 8);
    }
    assertThat(d.at(Place.OCCIPITAL)).isLessThanOrEqualTo(20);
    assertThat(d.at(Place.NAPE)).isLessThan(2);
    assertThat(d.at(Place.TEMPLE_LEFT)).isLessThanOrEqualTo(20);
    assertThat(d.upFrom(Place.SIDEBURN_RIGHT, 22))
        .as("it falls behind the ear")
        .isGreaterThan(d.upFrom(Place.MASTOID_RIGHT, 22) + 2);
    assertThat(d.belowMm(Side.FRINGE)).as("above the brow").isLessThan(0);
    assertThat(d.o().ledges()).as("the heavy line is meant").anyMatch(Ledge::meant);
    for (int i = 0; i < d.scalp().sites(); i++) {
      if (d.scalp().aboveRidgeMm(i) < -12) {
        assertThat(d.o().afterMm()[i]).as("below the ridge").isLessThanOrEqualTo(22);
      }
    }
  }

  private static void hardLine(Done d) {
    assertThat(d.at(Place.CROWN)).isBetween(38.0, 50.0);
    assertThat(d.at(Place.FRONT)).isBetween(70.0, 110.0);
    assertThat(d.at(Place.FRONT)).isCloseTo(d.longest(), within(2.0));
    assertThat(d.upFrom(Place.EAR_TOP_RIGHT, 48)).isBetween(8.0, 13.0);
    assertThat(d.o().ledges()).anyMatch(Ledge::meant);
    assertThat(Arrays.stream(d.o().afterMm()).filter(mm -> mm <= 0.5).count()).isPositive();
  }

  private static void gents(Done d) {
    d.risesFromTheNape(Place.CROWN, 4);
    d.noHoleAtTheRecession(20);
    assertThat(d.at(Place.NAPE)).isBetween(5.0, 8.0);
    assertThat(d.upFrom(Place.NAPE, 20)).as("nape soft").isBetween(8.0, 18.0);
    assertThat(d.at(Place.EAR_TOP_LEFT)).as("half moon").isLessThan(2.5);
    assertThat(d.at(Place.EAR_TOP_RIGHT)).isLessThan(2.5);
    assertThat(d.ears()).isLessThan(0.15);
    assertThat(d.unmeant())
        .as("no ledge on top")
        .noneMatch(l -> d.scalp().aboveRidgeMm(l.at()) > 0);
  }

  private static void throwBack(Done d) {
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX) + 30);
    assertThat(d.lands(Side.FRINGE)).as("stays off the face").isNull();
    assertThat(d.at(Place.NAPE))
        .as("an upright line: longer where the head goes in below the bone")
        .isGreaterThan(d.at(Place.OCCIPITAL) + 12);
    assertThat(d.spread(Place.NAPE)).as("wispy").isGreaterThan(0.25);
  }

  private static void longWave(Done d) {
    assertThat(d.worn().look().landing(Side.FRINGE).orElseThrow().place())
        .as("nothing short in front")
        .isNotEqualTo(FacePlace.BROW_RIGHT);
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(d.hangsMm(s)).as("between jaw and collar bone").isBetween(130.0, 260.0);
    }
    assertThat(d.hangsMm(Side.LEFT)).isCloseTo(d.hangsMm(Side.RIGHT), within(12.0));
    assertThat(d.hangsMm(Side.NAPE)).isGreaterThan(90);
    double back = Done.endsZ(d.worn(), Side.NAPE);
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(Done.endsZ(d.worn(), s)).as("level all round").isCloseTo(back, within(10.0));
    }
    assertThat(d.at(Place.APEX)).as("layers end above the outline").isLessThan(250);
  }

  private static void tapered(Done d) {
    for (Place p : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
      assertThat(d.at(p)).isLessThanOrEqualTo(18);
    }
    for (Place p : List.of(Place.TEMPLE_LEFT, Place.TEMPLE_RIGHT)) {
      assertThat(d.at(p)).as("close at the temple").isLessThanOrEqualTo(18);
    }
    assertThat(d.unmeant()).isEmpty();
    assertThat(d.at(Place.NAPE)).isBetween(6.0, 12.0);
    assertThat(Arrays.stream(d.o().afterMm()).min().orElseThrow()).as("no skin").isGreaterThan(4);
    assertThat(d.upFrom(Place.EAR_TOP_LEFT, 40)).isGreaterThan(d.at(Place.EAR_TOP_LEFT) + 14);
    assertThat(d.at(Place.FRONT)).isCloseTo(d.longest(), within(3.0));
    assertThat(d.hangsMm(Side.FRINGE)).as("brow to nose bridge").isBetween(50.0, 80.0);
  }

  private static void piecey(Done d) {
    for (Place p : List.of(Place.FRONT, Place.CROWN, Place.OCCIPITAL, Place.NAPE)) {
      assertThat(d.lengths(p)).as("lengths at %s", p).isGreaterThanOrEqualTo(3);
    }
    assertThat(d.at(Place.NAPE)).isBetween(15.0, 30.0);
    assertThat(d.at(Place.FRONT)).as("longest at the hairline").isGreaterThan(d.at(Place.APEX) + 5);
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(d.hangsMm(s)).as("pieces touch the top of the ear").isBetween(18.0, 36.0);
    }
  }

  private static void lopsided(Done d) {
    assertThat(d.at(Place.EAR_TOP_RIGHT)).isGreaterThan(d.at(Place.EAR_TOP_LEFT) + 40);
    assertThat(d.hangsMm(Side.RIGHT)).isGreaterThan(d.hangsMm(Side.LEFT) + 40);
    assertThat(d.worn().look().ears().leftShare()).as("light ear free").isLessThan(0.3);
    assertThat(d.hangsMm(Side.NAPE)).as("tucked").isLessThan(15);
    assertThat(d.upFrom(Place.NAPE_CORNER_RIGHT, 3)).isGreaterThan(d.at(Place.NAPE));
    assertThat(d.upFrom(Place.NAPE_CORNER_LEFT, 3)).isGreaterThan(d.at(Place.NAPE) - 0.5);
    assertThat(Done.endsZ(d.worn(), Side.RIGHT))
        .as("the heavy front ends between cheek and jaw")
        .isBetween(d.faceZ(FacePlace.JAW_RIGHT) - 8, d.faceZ(FacePlace.CHEEK_RIGHT) + 8);
    Styling noPart = d.plan().styling().combed(Styling.Way.NATURAL).parted(Styling.Part.NONE);
    assertThat(Done.rightOverLeftAboveTheEars(d.wornAs(noPart)))
        .as("worn without a part both sides carry alike")
        .isBetween(0.75, 1.25);
  }

  private static void standUp(Done d) {
    assertThat(d.standsMm()).as("stands up").isGreaterThan(90);
    for (Place p : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
      assertThat(d.at(p)).isLessThanOrEqualTo(30);
    }
    for (Place p : List.of(Place.SIDEBURN_LEFT, Place.SIDEBURN_RIGHT)) {
      assertThat(d.at(p)).isBetween(40.0, 70.0);
    }
    int root = d.scalp().root(Place.FRONT);
    assertThat(d.o().after().share(root, 0)).as("see-through").isLessThan(0.7);
    d.risesFromTheNape(Place.CROWN, 2);
    assertThat(d.o().after().lengthMm(root, d.lengths(Place.FRONT) - 1)).isLessThanOrEqualTo(42);
    assertThat(d.unmeant()).as("no ledge between top and back").isEmpty();
  }

  private static void shortSides(Done d) {
    for (Place p : List.of(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT)) {
      assertThat(d.at(p)).isBetween(17.0, 40.0);
      assertThat(d.upFrom(p, 40)).as("rising").isBetween(d.at(p) + 4, 40.0);
    }
    for (Place p : List.of(Place.APEX, Place.FRONT)) {
      assertThat(d.at(p)).isBetween(45.0, 82.0);
      assertThat(d.spread(p)).as("ends irregular at %s", p).isGreaterThan(0.25);
    }
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX));
  }

  private static void shortShag(Done d) {
    for (Place p : List.of(Place.EAR_TOP_LEFT, Place.TEMPLE_LEFT, Place.BEHIND_EAR_LEFT)) {
      assertThat(d.at(p)).isCloseTo(d.at(p.mirrored()), within(3.0));
    }
    assertThat(d.lands(Side.FRINGE)).isEqualTo(FacePlace.BROW_RIGHT);
    assertThat(d.belowMm(Side.FRINGE)).isBetween(-14.0, 8.0);
    assertThat(d.hangsMm(Side.NAPE)).isBetween(20.0, 68.0);
    assertThat(d.at(Place.TEMPLE_LEFT)).isGreaterThan(d.at(Place.FRONT));
    assertThat(d.spread(Place.CROWN)).as("not a helmet").isGreaterThan(0.3);
  }

  private static void twoWay(Done d) {
    for (Place p : List.of(Place.TEMPLE_LEFT, Place.TEMPLE_RIGHT)) {
      assertThat(d.at(p)).as("married").isCloseTo(d.upFrom(p, 24), within(20.0));
    }
    assertThat(d.lands(Side.FRINGE)).isEqualTo(FacePlace.BROW_RIGHT);
    assertThat(d.hangsMm(Side.NAPE)).as("between collar and shoulder").isBetween(70.0, 130.0);
    assertThat(d.at(Place.NAPE)).isGreaterThan(d.at(Place.APEX) + 15);
    Worn left = d.wornAs(d.plan().styling().combed(Styling.Way.LEFT));
    Worn right = d.wornAs(d.plan().styling().combed(Styling.Way.RIGHT));
    Vec3 ends = Done.fringeEnds(right);
    Vec3 mirrored = new Vec3(-ends.x(), ends.y(), ends.z());
    assertThat(Done.fringeEnds(left).distanceTo(mirrored)).as("works both ways").isLessThan(15);
    assertThat(d.unmeant()).as("no ledge at the ridge").isEmpty();
  }

  private static void softTail(Done d) {
    for (Place p :
        List.of(Place.FRONT, Place.APEX, Place.CROWN, Place.DROP_CROWN, Place.RIDGE_LEFT)) {
      assertThat(d.at(p)).as("uniform above: %s", p).isBetween(58.0, 75.0);
    }
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(d.lands(s)).as("no curtain").isIn(ears());
      assertThat(d.hangsMm(s)).isLessThan(75);
    }
    assertThat(d.hangsMm(Side.NAPE)).isGreaterThan(60);
    double sides = Math.min(Done.endsZ(d.worn(), Side.LEFT), Done.endsZ(d.worn(), Side.RIGHT));
    assertThat(Done.endsZ(d.worn(), Side.NAPE)).as("below the sides").isLessThan(sides - 50);
    assertThat(d.at(Place.NAPE)).as("the longest thing").isGreaterThan(d.longest() - 6);
    assertThat(d.lands(Side.FRINGE)).isEqualTo(FacePlace.BROW_RIGHT);
  }

  private static List<FacePlace> ears() {
    return List.of(
        FacePlace.EAR_HIGH_LEFT,
        FacePlace.EAR_HIGH_RIGHT,
        FacePlace.MID_EAR_LEFT,
        FacePlace.MID_EAR_RIGHT,
        FacePlace.LOBE_LEFT,
        FacePlace.LOBE_RIGHT);
  }

  private static void ovalTail(Done d) {
    double ends = Math.min(d.at(Place.RECESSION_LEFT), d.at(Place.RECESSION_RIGHT));
    assertThat(d.at(Place.FRONT)).as("centre shorter").isBetween(ends - 25, ends - 8);
    assertThat(d.hangsMm(Side.NAPE)).isGreaterThan(70);
    assertThat(d.hangsMm(Side.LEFT)).isCloseTo(d.hangsMm(Side.RIGHT), within(10.0));
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(Done.endsZ(d.worn(), s))
          .as("front line between cheek and jaw")
          .isBetween(d.faceZ(FacePlace.JAW_RIGHT) - 8, d.faceZ(FacePlace.CHEEK_RIGHT) + 8);
    }
    assertThat(Done.endsZ(d.worn(), Side.FRINGE))
        .as("at the nose bridge or above")
        .isGreaterThan(d.faceZ(FacePlace.EYE_RIGHT) - 4);
    assertThat(d.at(Place.NAPE)).isGreaterThan(d.at(Place.NAPE_CORNER_LEFT) + 10);
    assertThat(d.at(Place.NAPE)).isGreaterThan(d.at(Place.NAPE_CORNER_RIGHT) + 10);
  }

  private static void cropAndTail(Done d) {
    for (Place p :
        List.of(
            Place.APEX, Place.CROWN, Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT, Place.TEMPLE_LEFT)) {
      assertThat(d.at(p)).as("crop: %s", p).isLessThanOrEqualTo(60);
    }
    assertThat(d.ears()).as("ears show").isLessThan(0.3);
    assertThat(d.lands(Side.FRINGE)).isEqualTo(FacePlace.BROW_RIGHT);
    assertThat(d.belowMm(Side.FRINGE)).isBetween(-14.0, 8.0);
    assertThat(d.hangsMm(Side.NAPE)).isBetween(80.0, 160.0);
    assertThat(d.throughTheLastQuarter()).as("thinner toward its end").isLessThanOrEqualTo(0.5);
  }

  private static void keptLength(Done d) {
    assertThat(d.at(Place.NAPE)).isGreaterThanOrEqualTo(0.95 * d.before(Place.NAPE));
    for (Place p : List.of(Place.BEHIND_EAR_LEFT, Place.BEHIND_EAR_RIGHT)) {
      assertThat(d.at(p)).isGreaterThanOrEqualTo(0.95 * d.before(p));
    }
    assertThat(d.at(Place.RIDGE_LEFT)).as("corners kept").isGreaterThan(d.at(Place.APEX) + 5);
    assertThat(d.at(Place.TEMPLE_LEFT)).isLessThan(d.at(Place.EAR_TOP_LEFT));
    for (Side s : List.of(Side.LEFT, Side.RIGHT)) {
      assertThat(d.lands(s)).as("never below the chin").isNotIn(FacePlace.CHIN, FacePlace.COLLAR);
    }
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
