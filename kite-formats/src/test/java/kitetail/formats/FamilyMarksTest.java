package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import kitetail.fall.Styling;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.head.FacePlace;
import kitetail.head.Place;
import kitetail.head.Walk;
import kitetail.look.Layering;
import kitetail.look.Side;
import kitetail.look.Silhouette;
import kitetail.plan.Ledge;
import kitetail.planning.Worn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What makes each family right, as its mark says, fitted to each of six unlike heads and read from
 * its hair as it lies and falls; all marks are common practice, their figures stated with them.
 */
class FamilyMarksTest {
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
    assertThat(d.plan().styling().part()).isEqualTo(Styling.Part.LEFT);
    assertThat(d.openAtThePart()).as("the part stays on its side").isGreaterThan(0.9);
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
    assertThat(d.roughOverTheRidgeMm()).as("combed back no step is seen").isLessThan(4);
    double above = d.meanMm(i -> besideTheRidge(d, i, -2, 8));
    double below = d.meanMm(i -> besideTheRidge(d, i, -18, -8));
    assertThat(above - below).as("lengths jump at the ridge").isBetween(10.0, 30.0);
    assertThat(d.o().ledges()).as("and that is meant").anyMatch(Ledge::meant);
  }

  /** Of the sides, so far above the ridge. */
  private static boolean besideTheRidge(Done d, int i, double fromMm, double toMm) {
    double az = Math.abs(Math.toDegrees(d.scalp().azimuthRad(i)));
    double up = d.scalp().aboveRidgeMm(i);
    return az > 50 && az < 130 && up > fromMm && up < toMm;
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
    Silhouette front = d.worn().look().silhouette(Silhouette.From.FRONT);
    double top = d.scalp().head().place(Place.APEX).z();
    assertThat(front.widthMm(top))
        .as("square from the front: round layers are half as wide at the top as 40 mm beneath")
        .isGreaterThan(0.6 * front.widthMm(top - 40));
    assertThat(d.spread(Place.FRONT)).as("fringe broken").isGreaterThan(0.3);
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
    assertThat(d.lands(Side.FRINGE)).as("the sweep ends off the eye").isNull();
    assertThat(d.o().ledges()).anyMatch(Ledge::meant);
    assertThat(Arrays.stream(d.o().afterMm()).filter(mm -> mm <= 0.5).count()).isPositive();
  }

  private static void gents(Done d) {
    d.risesFromTheNape(Place.CROWN, 4);
    d.noHoleAtTheRecession(20);
    for (double up = 0; up <= 25; up += 5) {
      assertThat(d.upFrom(Place.NAPE, up)).as("soft over the last inch").isBetween(5.0, 12.5);
    }
    assertThat(d.at(Place.EAR_TOP_LEFT)).as("half moon").isLessThan(2.5);
    assertThat(d.at(Place.EAR_TOP_RIGHT)).isLessThan(2.5);
    assertThat(d.ears()).isLessThan(0.15);
    assertThat(d.unmeant())
        .as("no ledge on top")
        .noneMatch(l -> d.scalp().aboveRidgeMm(l.at()) > 0);
    // In front of the ear the corner is crisp, and asked for.
    assertThat(d.unmeant())
        .as("longer steadily from edge to top: no shelf over the ears and behind")
        .noneMatch(l -> l.heightMm() > 20 && d.scalp().pointMm(l.at()).y() < 20);
  }

  private static void throwBack(Done d) {
    assertThat(d.at(Place.FRONT)).isGreaterThan(d.at(Place.APEX) + 30);
    assertThat(d.lands(Side.FRINGE)).as("stays off the face").isNull();
    assertThat(d.at(Place.NAPE))
        .as("an upright line: longer where the head goes in below the bone")
        .isGreaterThan(d.at(Place.OCCIPITAL) + 12);
    assertThat(d.spread(Place.NAPE)).as("wispy").isGreaterThan(0.25);
    assertThat(d.endsAboutTheBone(-30, 20))
        .as("ends build at the bone and collapse beneath it")
        .isGreaterThan(1.25 * d.endsAboutTheBone(-110, -60));
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
    double[] thirds = d.thirdsMm();
    assertThat(thirds[2]).as("top third shortest").isLessThan(Math.min(thirds[0], thirds[1]) - 5);
    assertThat(Done.endsZ(d.worn(), Side.FRINGE))
        .as("the frame begins at the cheek")
        .isBetween(d.faceZ(FacePlace.JAW_RIGHT), d.faceZ(FacePlace.EYE_RIGHT) - 15);
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
    assertThat(d.fringeOffSkinMm()).as("lies on the forehead").isLessThan(8);
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
    assertThat(d.worn().look().lines()).as("no weight line between").isEmpty();
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
    for (int i = 0; i < d.scalp().sites(); i++) {
      if (d.o().afterMm()[i] > 0.96 * d.longest()) {
        assertThat(d.scalp().pointMm(i).x()).as("one longest place").isBetween(-30.0, 30.0);
      }
    }
    double apex = d.scalp().walk(Walk.Kind.CENTRE).marksMm().get(Place.APEX);
    assertThat(d.worn().look().layering())
        .filteredOn(l -> l.walk() == Walk.Kind.CENTRE && l.fromMm() >= apex)
        .as("layered all the way down the back")
        .allMatch(l -> l.slope() < -0.05);
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
    assertThat(d.liftedMm(Place.CROWN)).as("crown lifted").isGreaterThan(12);
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
