package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.fall.Styling;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** What is asked at the sit-down shapes the plan; common practice. */
class AskedTest {
  private static final Section ALL = new Section("all", "All", List.of());

  private static Plan plan(Wishes w) {
    Fingers over =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);
    return On.plan(
        new HeadSpec.Measured(570, null, null),
        StartingHair.Taped.six(100, 95, 85, 55, 60, 40),
        List.of(ALL),
        List.of(
            new Move("top", "Top", "all", over, null, null, "", "", false),
            new Move("fringe", "Fringe", "all", over, null, null, "", "", false).as(Job.FRINGE),
            new Move(
                "guard",
                "Guard",
                "all",
                new Guard(6, 0, Guard.Grain.AGAINST, null),
                null,
                null,
                "",
                "",
                false)),
        w,
        null);
  }

  private static Wishes asked(
      Wishes.Sideburn s, Wishes.NapeEdge n, Wishes.Parting p, Set<Wishes.Worn> worn) {
    return new Wishes(null, null, null, s, n, null, null, p, worn, null, null, null, null);
  }

  private static List<Outline> outlines(Plan p) {
    return p.moves().stream()
        .filter(m -> m.cut() instanceof Edge)
        .map(m -> ((Edge) m.cut()).outline())
        .toList();
  }

  @Test
  void aSquareNape_andALongSideburn_areCutSo_onBothSides() {
    Plan p = Asked.of(plan(asked(Wishes.Sideburn.LONG, Wishes.NapeEdge.SQUARE, null, null)));
    assertThat(outlines(p))
        .filteredOn(o -> o instanceof Outline.Nape)
        .singleElement()
        .satisfies(o -> assertThat(((Outline.Nape) o).form()).isEqualTo(Outline.Nape.Form.SQUARE));
    assertThat(outlines(p))
        .filteredOn(o -> o instanceof Outline.Sideburn)
        .hasSize(2)
        .allSatisfy(o -> assertThat(((Outline.Sideburn) o).raiseMm()).isNegative());
  }

  @Test
  void aSideburnThatRunsIntoTheBeard_hasNoEnd() {
    Plan lined = Asked.of(plan(asked(Wishes.Sideburn.SHORT, null, null, null)));
    Plan p =
        Asked.of(
            lined.on(
                lined.head(),
                lined.hair(),
                lined.start(),
                asked(Wishes.Sideburn.INTO_BEARD, null, null, null),
                lined.cautions()));
    assertThat(outlines(lined)).hasSize(2);
    assertThat(outlines(p)).isEmpty();
  }

  @Test
  void aShapeThatPartsLeft_isCutForTheRight_whereTheClientPartsRight() {
    Plan left =
        plan(asked(null, null, Wishes.Parting.RIGHT, null))
            .worn(new Styling(Styling.Way.RIGHT, Styling.Part.LEFT, 0, 0, false));
    Plan p = Asked.of(left);
    assertThat(p.styling().part()).isEqualTo(Styling.Part.RIGHT);
    assertThat(p.styling().way()).isEqualTo(Styling.Way.LEFT);
    assertThat(Asked.of(p)).isEqualTo(p);
  }

  @Test
  void whatMayBeWornAnyWay_isWornAsTheClientWearsIt_andAShapeWithAWayKeepsIt() {
    Plan any = plan(asked(null, null, null, Set.of(Wishes.Worn.BACK)));
    assertThat(Asked.of(any).styling().way()).isEqualTo(Styling.Way.BACK);
    Plan up = any.worn(new Styling(Styling.Way.UP, Styling.Part.NONE, 0.1, 0.6, false));
    assertThat(Asked.of(up).styling().way()).isEqualTo(Styling.Way.UP);
  }

  @Test
  void whoDriesNothingInTheMorning_isNotDrawnDried() {
    Wishes none =
        new Wishes(
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            Wishes.Upkeep.NOTHING,
            null,
            null,
            null);
    Plan p =
        Asked.of(
            plan(none)
                .worn(
                    new Styling(Styling.Way.UP, Styling.Part.NONE, 0.1, 0.6, false)
                        .dried(Styling.Dried.ROUND_BRUSH)));
    assertThat(p.styling().dried()).isEqualTo(Styling.Dried.AIR);
    assertThat(p.styling().productShare()).isZero();
    assertThat(p.styling().hold()).isZero();
  }

  /**
   * A client who decides is asked before fringe and clipper, one who leaves it to the stylist not.
   */
  @Test
  void whoDecides_isAskedBeforeWhatCannotBeTakenBack() {
    assertThat(Asked.of(plan(decides(Wishes.Decides.GUARDIAN))).moves())
        .filteredOn(Move::askFirst)
        .extracting(Move::id)
        .containsExactly("fringe", "guard");
    assertThat(Asked.of(plan(decides(Wishes.Decides.TOGETHER))).moves())
        .filteredOn(Move::askFirst)
        .extracting(Move::id)
        .containsExactly("fringe");
    assertThat(Asked.of(plan(decides(Wishes.Decides.STYLIST))).moves()).noneMatch(Move::askFirst);
  }

  private static Wishes decides(Wishes.Decides who) {
    return new Wishes(null, null, null, null, null, null, null, null, null, null, null, who, null);
  }

  @Test
  void whatIsNotAsked_changesNothing() {
    Plan p = plan(Wishes.NONE);
    assertThat(Asked.of(p)).isEqualTo(p);
  }
}
