package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.On;
import kitetail.check.Check;
import kitetail.cut.Aside;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.School;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each school changes what it says, and is not warned about afterwards. */
class SchooledTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);

  private static final Limit LOW = new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6);

  private static final Plan PLAN =
      On.plan(
          SPEC,
          StartingHair.Taped.six(110, 100, 90, 80, 80, 60),
          List.of(
              new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400))),
              new Section(
                  "below", "Below", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6)))),
          List.of(
              move("below", "below", over(), Job.LENGTH, Damp.WET),
              move("fringe", "top", over(), Job.FRINGE, Damp.WET),
              move("top", "top", over(), Job.LENGTH, Damp.WET),
              move("line", "below", over(), Job.OUTLINE, Damp.WET),
              move("check", "top", new Aside(Aside.What.CROSS_CHECK), Job.CHECK, Damp.DAMP),
              move("dry", "top", new Aside(Aside.What.DRY), Job.DRY, Damp.DAMP),
              move("product", "top", new Aside(Aside.What.PRODUCT), Job.PRODUCT, Damp.DRY)),
          null,
          null);

  private static Fingers over() {
    return new Fingers(
        new Hold.StraightOut(), new CutLine.Round(50), new Guide.Travelling(), Facing.BACK, 12.7);
  }

  private static Move move(String id, String section, Cut cut, Job job, Damp damp) {
    return new Move(id, id, section, cut, damp, null, "", "", false).as(job);
  }

  private static Plan by(School s) {
    return Schooled.of(PLAN, s);
  }

  private static List<String> ids(Plan p) {
    return p.moves().stream().map(Move::id).toList();
  }

  private static School school(
      School.Outline outline,
      School.Fringe fringe,
      School.Check check,
      School.Firmness firmness,
      School.Product product,
      double biteMm) {
    return new School(
        outline, null, fringe, null, null, null, check, firmness, product, null, biteMm);
  }

  @Test
  void noPreference_changesNothing() {
    assertThat(by(School.NONE)).isEqualTo(PLAN);
  }

  @Test
  void outlineFirst_cutsTheLineBeforeTheInside() {
    Plan p = by(school(School.Outline.OUTLINE_FIRST, null, null, null, null, 0));
    assertThat(ids(p).indexOf("line")).isLessThan(ids(p).indexOf("below"));
    assertThat(ids(p).indexOf("line")).isLessThan(ids(p).indexOf("top"));
  }

  private static School with(Enum<?> choice) {
    return School.NONE.ways().stream()
        .filter(w -> w.choice() == choice)
        .findFirst()
        .orElseThrow()
        .school();
  }

  /** Sides, back and top, cut in that order. */
  private static final Plan THREE =
      On.plan(
          SPEC,
          StartingHair.Taped.six(110, 100, 90, 80, 80, 60),
          List.of(
              new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400))),
              new Section(
                  "sides", "Sides", List.of(LOW, new Limit.Between(Scalar.AROUND_DEG, -120, 120))),
              new Section(
                  "back", "Back", List.of(LOW, new Limit.Between(Scalar.AROUND_DEG, 120, -120)))),
          List.of(
              move("sides", "sides", over(), Job.LENGTH, Damp.WET),
              move("back", "back", over(), Job.LENGTH, Damp.WET),
              move("top", "top", over(), Job.LENGTH, Damp.WET)),
          null,
          null);

  @ParameterizedTest
  @CsvSource({"SIDES, sides", "BACK, back", "TOP, top"})
  void whereAStylistBegins_isCutFirst(School.Begin begin, String first) {
    assertThat(ids(Schooled.of(THREE, with(begin)))).startsWith(first);
  }

  /** A longer line in the hand takes a panel in fewer bites; common practice. */
  @Test
  void whoCutsPastTheKnuckle_takesFewerBites() {
    Scalp s = Scalp.of(Head.of(SPEC), 500);
    int first = PlanEngine.run(by(with(School.Knuckle.FIRST)), s).bites();
    int second = PlanEngine.run(by(with(School.Knuckle.SECOND)), s).bites();
    int past = PlanEngine.run(by(with(School.Knuckle.PAST)), s).bites();
    assertThat(past).isLessThan(second);
    assertThat(second).isLessThan(first);
  }

  /** Short over a whorl stands up, which who wants it so is not told. */
  @Test
  void whoLetsACowlickStand_isNotWarnedOfIt_andWhoLaysItDownIs() {
    Scalp s = Scalp.of(Head.of(SPEC), 500);
    Plan close = PLAN.withMoves(List.of(PLAN.move("top").with(over().turned(Dial.LENGTH, 30))));
    assertThat(On.found(Schooled.of(close, with(School.Cowlick.LONG)), s))
        .anyMatch(f -> f.rule().equals("cut-on-whorl"));
    assertThat(On.found(Schooled.of(close, with(School.Cowlick.SHORT)), s))
        .noneMatch(f -> f.rule().equals("cut-on-whorl"));
  }

  @Test
  void fringeLast_isAlsoDry() {
    Plan p = by(school(null, School.Fringe.LAST, null, null, null, 0));
    assertThat(ids(p).indexOf("fringe")).isGreaterThan(ids(p).indexOf("top"));
    assertThat(p.move("fringe").damp()).isEqualTo(Damp.DRY);
  }

  @Test
  void everySection_hasItsCheck_rightAfterItsLastCut() {
    Plan p = by(school(null, null, School.Check.EVERY_SECTION, null, null, 0));
    assertThat(p.moves())
        .filteredOn(m -> m.job() == Job.CHECK)
        .extracting(Move::section)
        .containsExactlyInAnyOrder("top", "below");
    assertThat(ids(p).indexOf("lineChecked")).isEqualTo(ids(p).indexOf("line") + 1);
  }

  @Test
  void smallBites_takeTheChecksPlace_andDriftLess() {
    Plan p = by(school(null, null, School.Check.SMALL_BITES, null, null, 0));
    assertThat(ids(p)).doesNotContain("check");
    assertThat(p.moves())
        .filteredOn(m -> m.cut() instanceof Fingers)
        .allSatisfy(m -> assertThat(((Fingers) m.cut()).biteMm()).isLessThan(10));
    Scalp s = Scalp.of(Head.of(SPEC), 500);
    Outcome small = PlanEngine.run(p, s);
    assertThat(small.bites()).isGreaterThan(PlanEngine.run(PLAN, s).bites());
  }

  @Test
  void withoutTension_nothingIsHeldFirmly() {
    Plan p = by(school(null, null, null, School.Firmness.NONE, null, 0));
    assertThat(p.moves()).noneMatch(m -> m.cut().tensed());
  }

  @Test
  void productFirst_goesInBeforeDrying() {
    Plan p = by(school(null, null, null, null, School.Product.FIRST, 0));
    assertThat(ids(p).indexOf("product")).isEqualTo(ids(p).indexOf("dry") - 1);
    assertThat(p.move("product").damp()).isEqualTo(Damp.DAMP);
  }

  @Test
  void everyWay_isOneChoiceLaidOverTheStylistsOwn() {
    School own = school(null, School.Fringe.LAST, null, School.Firmness.FIRM, null, 9);
    assertThat(own.ways()).extracting(School.Way::about).contains("crossCheck", "cowlick", "begin");
    for (School.Way w : own.ways()) {
      assertThat(w.school().biteMm()).isEqualTo(9);
      if (w.choice() == School.Cowlick.LONG) {
        assertThat(w.school())
            .isEqualTo(
                new School(
                    null,
                    null,
                    School.Fringe.LAST,
                    null,
                    null,
                    null,
                    null,
                    School.Firmness.FIRM,
                    null,
                    School.Cowlick.LONG,
                    9));
      }
      if (w.choice() == School.Fringe.FIRST) {
        assertThat(w.school().fringe()).isEqualTo(School.Fringe.FIRST);
      }
    }
  }

  /** An inch is bold, but not to who works so. */
  @Test
  void whatASchoolSays_isNotWarnedAboutAfterwards() {
    School all =
        new School(
            School.Outline.INSIDE_FIRST,
            School.Begin.TOP,
            School.Fringe.LAST,
            School.Taper.AFTER_DRYING,
            School.Work.COMB,
            School.Knuckle.PAST,
            School.Check.SMALL_BITES,
            School.Firmness.NONE,
            School.Product.FIRST,
            School.Cowlick.SHORT,
            30);
    Plan p = Schooled.of(PLAN, all);
    List<Finding> found = Check.of(p, PlanEngine.run(p, Scalp.of(Head.of(SPEC), 500)));
    assertThat(found)
        .extracting(Finding::rule)
        .noneMatch(
            r -> r.startsWith("order-") || r.equals("bite-wide") || r.equals("cut-on-whorl"));
  }
}
