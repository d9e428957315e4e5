package kitetail.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Cover;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class EditTest {
  private static final HeadSpec.Measured SPEC = new HeadSpec.Measured(570, null, null);
  private static final Head HEAD = Head.of(SPEC);
  private static final Workbench BENCH = new Workbench(Scalp.of(HEAD, 800));
  private static final Limit BELOW = new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, -6);

  private static Fingers out(Guide guide, double mm) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(mm), guide, Facing.UP, 12);
  }

  private static Move move(String id, String section, Guide guide, double mm) {
    return new Move(
        id, "Cut " + id, section, out(guide, mm), Damp.DRY, Move.Stand.LEFT, "", "", false);
  }

  private static final Plan PLAN =
      On.plan(
          SPEC,
          StartingHair.Taped.six(160, 150, 140, 120, 120, 100),
          List.of(
              new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -6, 400))),
              new Section(
                  "left",
                  "Left side",
                  List.of(BELOW, new Limit.Between(Scalar.ACROSS_MM, -200, 0))),
              new Section(
                  "right",
                  "Right side",
                  List.of(BELOW, new Limit.Between(Scalar.ACROSS_MM, 0, 200)))),
          List.of(
              move("top", "top", new Guide.Travelling(), 70),
              move("left", "left", new Guide.Seen(Place.APEX), 0),
              move("right", "right", new Guide.Travelling(), 40)),
          null,
          null);

  private static Cover cover(Plan p) {
    return Cover.of(BENCH.scalp(), p.sections());
  }

  @Test
  void aSplitSection_coversTheSame_leavesTheSame_andJoinsAgain() {
    for (SectionEdit.Way way : SectionEdit.Way.values()) {
      for (String id : List.of("top", "left")) {
        Plan two = SectionEdit.split(PLAN, BENCH, id, way);
        assertThat(two.sections()).hasSize(4);
        assertThat(cover(two).gaps()).as("%s %s", id, way).isEmpty();
        assertThat(cover(two).overlaps()).isEmpty();
        assertThat(two.moves()).hasSize(4);
        double[] was = PlanEngine.run(PLAN, BENCH).afterMm();
        double[] is = PlanEngine.run(two, BENCH).afterMm();
        for (int i = 0; i < was.length; i++) {
          assertThat(is[i]).isCloseTo(was[i], within(0.5));
        }
        Plan one = SectionEdit.join(two, HEAD, id, id + "2");
        assertThat(one.moves()).isEqualTo(PLAN.moves());
        assertThat(cover(one).gaps()).isEmpty();
        assertThat(cover(one).overlaps()).isEmpty();
      }
    }
  }

  @Test
  void theHalvesOfASplit_areOfOneSize() {
    Plan two = SectionEdit.split(PLAN, BENCH, "top", SectionEdit.Way.LEVEL);
    double a = BENCH.zone(two.region("top")).areaMm2();
    double b = BENCH.zone(two.region("top2")).areaMm2();
    assertThat(a / b).isBetween(0.85, 1.18);
  }

  @Test
  void sectionsWithNoWholeEdgeBetweenThem_areNotJoined_andThePlanSaysSo() {
    assertThatThrownBy(() -> SectionEdit.join(PLAN, HEAD, "top", "left"))
        .hasMessageContaining("“Top” and “Left side” do not meet at one whole edge");
  }

  @Test
  void aSectionWithAnOtherSide_isNotMirroredAgain_andOneWithoutIs() {
    assertThatThrownBy(() -> SectionEdit.mirror(PLAN, "left")).hasMessageContaining("Right side");
    assertThatThrownBy(() -> SectionEdit.mirror(PLAN, "top")).hasMessageContaining("middle");
    Plan half = PLAN.with(PLAN.sections().subList(0, 2), PLAN.moves().subList(0, 2));
    Plan whole = SectionEdit.mirror(half, "left");
    assertThat(whole.section("left2").name()).isEqualTo("Right side");
    assertThat(whole.moves()).extracting(Move::section).containsExactly("top", "left", "left2");
    assertThat(whole.moves().get(2).stand()).isEqualTo(Move.Stand.RIGHT);
    assertThat(cover(whole).gaps()).isEmpty();
  }

  @Test
  void aMoveBeforeItsGuide_isRefusedByTheRule_andElsewhereItGoes() {
    assertThatThrownBy(() -> MoveEdit.reorder(PLAN, "left", 0))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> {
              assertThat(e.rules().get(0).reason()).isEqualTo(Order.Reason.GUIDE_FIRST);
              assertThat(e.rules().get(0).before()).isEqualTo("top");
            });
    assertThat(MoveEdit.reorder(PLAN, "right", 0).moves())
        .extracting(Move::id)
        .containsExactly("right", "top", "left");
    assertThatThrownBy(() -> MoveEdit.reorder(PLAN, "right", 7)).hasMessageContaining("0 to 3");
  }

  @Test
  void aNewMove_takesNothing_untilItIsShortened_butWhatIsLongerThanTheLongestGuard() {
    for (MoveEdit.Kind k : MoveEdit.Kind.values()) {
      Plan more = MoveEdit.add(PLAN, BENCH, k, "right", 3);
      assertThat(more.moves()).hasSize(4);
      if (k != MoveEdit.Kind.TEXTURE) {
        // 40 mm of hair; number 12 at 1/8 in a number leaves 38.1 mm.
        double over = k == MoveEdit.Kind.GUARD ? 40 - 12 * 25.4 / 8 : 0;
        assertThat(PlanEngine.run(more, BENCH).steps().get(3).takenMaxMm())
            .as(k.name())
            .isLessThan(over + 1);
      }
    }
    assertThat(MoveEdit.add(PLAN, BENCH, MoveEdit.Kind.FINGERS, "right", 3).moves().get(3).stand())
        .isEqualTo(Move.Stand.RIGHT);
  }

  @Test
  void anOutline_isPutOnBothSides_onTheBandAlongTheHairline_onceOnly() {
    Plan arcs = MoveEdit.outline(PLAN, MoveEdit.Line.EAR_ARC, 3);
    assertThat(arcs.moves()).hasSize(5);
    assertThat(arcs.moves().subList(3, 5))
        .extracting(Move::name)
        .containsExactly("Ear arc, left", "Ear arc, right");
    assertThat(arcs.moves().subList(3, 5))
        .extracting(Move::stand)
        .containsExactly(Move.Stand.LEFT, Move.Stand.RIGHT);
    assertThat(arcs.moves().get(3).id()).isNotEqualTo(arcs.moves().get(4).id());
    assertThat(arcs.sections()).hasSize(PLAN.sections().size() + 1);
    Plan tapered = MoveEdit.outline(arcs, MoveEdit.Line.TAPER, 5);
    assertThat(tapered.sections()).hasSameSizeAs(arcs.sections());
    assertThat(PlanEngine.run(tapered, BENCH).steps().get(5).takenMaxMm()).isPositive();
    assertThat(cover(tapered).gaps()).isEmpty();
    assertThat(cover(tapered).overlaps()).isEmpty();
    assertThatThrownBy(() -> MoveEdit.outline(tapered, MoveEdit.Line.EAR_ARC, 0))
        .hasMessageContaining("in the plan already");
  }

  @Test
  void aMoveOthersWaitFor_isNotTakenOut() {
    Move after = PLAN.moves().get(2).after(List.of("top"));
    Plan waits = PLAN.withMoves(List.of(PLAN.moves().get(0), PLAN.moves().get(1), after));
    assertThatThrownBy(() -> MoveEdit.remove(waits, "top")).hasMessageContaining("Cut right");
    assertThat(MoveEdit.remove(waits, "left").moves()).hasSize(2);
  }

  @Test
  void theOtherSide_findsItsSection_orMakesIt() {
    Plan both = MoveEdit.otherSide(PLAN, "left");
    assertThat(both.moves().get(2).section()).isEqualTo("right");
    assertThat(both.moves().get(2).name()).isEqualTo("Cut right");
    assertThat(both.moves().get(2).stand()).isEqualTo(Move.Stand.RIGHT);
    assertThatThrownBy(() -> MoveEdit.otherSide(both, "left")).hasMessageContaining("is in the");
    assertThatThrownBy(() -> MoveEdit.otherSide(PLAN, "top")).hasMessageContaining("both sides");
    Plan half = PLAN.with(PLAN.sections().subList(0, 2), PLAN.moves().subList(0, 2));
    assertThat(MoveEdit.otherSide(half, "left").sections()).hasSize(3);
  }
}
