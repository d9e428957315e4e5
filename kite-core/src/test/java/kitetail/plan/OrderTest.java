package kitetail.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import kitetail.On;
import kitetail.check.Check;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** The order rules; all are common practice, the schools a stylist's own. */
class OrderTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final List<Section> SECTIONS =
      List.of(
          new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400))),
          new Section(
              "below", "Below", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6))));

  private static final Cut COMB = new Comb(10, 5, 2, Comb.Tool.SCISSORS);
  private static final Cut BULK = new Guard(6, 0, Guard.Grain.AGAINST, null);

  private static Cut fingers(Guide g) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(50), g, Facing.BACK, 12);
  }

  private static Move move(String id, String section, Cut cut, Job job, String... after) {
    return new Move(id, id, section, cut, null, null, null, null, false)
        .as(job)
        .after(Arrays.asList(after));
  }

  private static Plan plan(School school, Move... moves) {
    Plan p =
        On.plan(
            SPEC,
            StartingHair.Taped.six(110, 100, 90, 80, 80, 60),
            SECTIONS,
            List.of(moves),
            null,
            null);
    return p.by(p.kit(), p.pace(), school);
  }

  private static void breaks(Plan p, Order.Reason rule, String before, String then) {
    Order o = Order.of(p);
    assertThat(o.broken()).containsExactly(new Order.Rule(rule, before, then));
    assertThat(o.circle()).isEmpty();
    Order after = Order.of(Order.sorted(p));
    assertThat(after.broken()).isEmpty();
  }

  /** Sorted by the school; its order is nobody's to warn about. */
  private static void sorts(Plan p, Order.Reason rule, String before, String then) {
    Order o = Order.of(p);
    assertThat(o.rules()).contains(new Order.Rule(rule, before, then));
    assertThat(o.broken()).isEmpty();
    List<String> ids = Order.sorted(p).moves().stream().map(Move::id).toList();
    assertThat(ids.indexOf(before)).isLessThan(ids.indexOf(then));
  }

  @Test
  void bulkComesOffBeforeTheComb_whereTheyMeet() {
    breaks(
        plan(null, move("comb", "below", COMB, null), move("bulk", "below", BULK, null)),
        Order.Reason.BULK_FIRST,
        "bulk",
        "comb");
    assertThat(
            Order.of(plan(null, move("comb", "below", COMB, null), move("bulk", "top", BULK, null)))
                .rules())
        .isEmpty();
  }

  @Test
  void aGuideIsCut_beforeWhatGoesByIt() {
    breaks(
        plan(
            null,
            move("by", "below", fingers(new Guide.Seen(Place.APEX)), null),
            move("guide", "top", fingers(new Guide.Travelling()), Job.GUIDE)),
        Order.Reason.GUIDE_FIRST,
        "guide",
        "by");
  }

  @Test
  void theFringeIsApproved_beforeWhatDependsOnIt() {
    breaks(
        plan(
            null,
            move("fringe", "top", fingers(new Guide.Travelling()), Job.FRINGE),
            move("sides", "below", fingers(new Guide.Travelling()), null, "fringe"),
            move("ask", "top", new Aside(Aside.What.APPROVE), null, "fringe")),
        Order.Reason.FRINGE_APPROVED,
        "ask",
        "sides");
  }

  @Test
  void aSecondPass_waitsUntilTheFirstIsEverywhere() {
    Cut thin = new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, 1);
    breaks(
        plan(
            null,
            move("a", "top", thin, null),
            move("again", "top", thin, null),
            move("b", "below", thin, null)),
        Order.Reason.FIRST_PASS_EVERYWHERE,
        "b",
        "again");
  }

  @Test
  void theNeckIsCleaned_belowALineThatStands() {
    breaks(
        plan(
            null,
            move("neck", "below", new Aside(Aside.What.CLEAN_NECK), null),
            move(
                "line",
                "below",
                new Edge(new Outline.Nape(Outline.Nape.Form.NATURAL, 0, 0), 0.5),
                null)),
        Order.Reason.NECK_LAST,
        "line",
        "neck");
  }

  @Test
  void productGoesIn_whenTheCutIsDone() {
    breaks(
        plan(
            null,
            move("gel", "top", new Aside(Aside.What.PRODUCT), null),
            move("cut", "top", fingers(new Guide.Travelling()), null)),
        Order.Reason.PRODUCT_AFTER_CUT,
        "cut",
        "gel");
  }

  @Test
  void schoolsDiffer_andEachIsKeptWhereItIsSet() {
    Move outline = move("line", "below", fingers(new Guide.Travelling()), Job.OUTLINE);
    Move inside = move("in", "top", fingers(new Guide.Travelling()), Job.LENGTH);
    School first =
        new School(
            School.Outline.OUTLINE_FIRST, null, null, null, null, null, null, null, null, null, 0);
    School last =
        new School(
            School.Outline.INSIDE_FIRST, null, null, null, null, null, null, null, null, null, 0);
    sorts(plan(first, inside, outline), Order.Reason.SCHOOL_OUTLINE_FIRST, "line", "in");
    sorts(plan(last, outline, inside), Order.Reason.SCHOOL_INSIDE_FIRST, "in", "line");
    assertThat(Order.of(plan(null, inside, outline)).rules()).isEmpty();
    Move taper = move("taper", "below", new Guard(1, 0, Guard.Grain.AGAINST, null), Job.TAPER);
    Move dry = move("dry", "top", new Aside(Aside.What.DRY), null);
    sorts(
        plan(
            new School(
                null, null, null, School.Taper.AFTER_DRYING, null, null, null, null, null, null, 0),
            taper,
            dry),
        Order.Reason.SCHOOL_TAPER_DRY,
        "dry",
        "taper");
    sorts(
        plan(
            new School(
                null,
                null,
                null,
                School.Taper.BEFORE_DRYING,
                null,
                null,
                null,
                null,
                null,
                null,
                0),
            dry,
            taper),
        Order.Reason.SCHOOL_TAPER_EARLY,
        "taper",
        "dry");
    Move fringe = move("fringe", "top", fingers(new Guide.Travelling()), Job.FRINGE);
    sorts(
        plan(
            new School(null, null, School.Fringe.LAST, null, null, null, null, null, null, null, 0),
            fringe,
            inside),
        Order.Reason.SCHOOL_FRINGE_LAST,
        "in",
        "fringe");
    sorts(
        plan(
            new School(
                null, null, School.Fringe.FIRST, null, null, null, null, null, null, null, 0),
            inside,
            fringe),
        Order.Reason.SCHOOL_FRINGE_FIRST,
        "fringe",
        "in");
  }

  @Test
  void aSchool_setsTheHand_theBiteAndTheCheck() {
    School school =
        new School(
            null,
            null,
            null,
            null,
            null,
            School.Knuckle.PAST,
            School.Check.EVERY_SECTION,
            null,
            null,
            null,
            6);
    Move wide = move("wide", "top", fingers(new Guide.Travelling()), null);
    Plan usual = plan(null, wide);
    Plan own = plan(school, wide);
    assertThat(((Fingers) own.move("wide").cut()).biteMm()).isEqualTo(6);
    Scalp s = Scalp.of(Head.of(SPEC), 500);
    Outcome before = PlanEngine.run(usual, s);
    Outcome after = PlanEngine.run(own, s);
    // Half the bite, a longer line: more bites, but not twice as many.
    assertThat(after.bites()).isBetween(before.bites(), 2 * before.bites());
    assertThat(before.steps().get(0).turns()).isBetween(1, 5);
  }

  @Test
  void movesThatWaitForEachOther_areNamedAllTheWayRound() {
    Plan p =
        plan(
            null,
            move("a", "top", fingers(new Guide.Travelling()), null, "c"),
            move("b", "top", fingers(new Guide.Travelling()), null, "a"),
            move("c", "top", fingers(new Guide.Travelling()), null, "b"));
    List<String> circle = Order.of(p).circle();
    assertThat(circle).hasSize(4).contains("a", "b", "c");
    assertThat(circle.get(0)).isEqualTo(circle.get(3));
    assertThatThrownBy(() -> Order.sorted(p)).hasMessageContaining("wait for each other");
    Outcome o = PlanEngine.run(p, Scalp.of(Head.of(SPEC), 500));
    assertThat(Check.of(p, o))
        .anySatisfy(
            f -> {
              assertThat(f.rule()).isEqualTo("order-circle");
              assertThat(f.severity()).isEqualTo(Finding.Severity.STOP);
              assertThat(f.with()).isEqualTo(circle);
            });
  }

  @Test
  void sorting_changesNothingThatIsInOrder() {
    Plan p =
        plan(
            null,
            move("bulk", "below", BULK, null),
            move("comb", "below", COMB, null),
            move("top", "top", fingers(new Guide.Travelling()), null));
    assertThat(Order.sorted(p)).isEqualTo(p);
  }
}
