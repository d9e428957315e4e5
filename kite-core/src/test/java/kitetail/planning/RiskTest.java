package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import kitetail.On;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class RiskTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Workbench FEW = new Workbench(Scalp.of(Head.of(SPEC), Risk.SITES));

  private static Cut fingers(Guide g, double bite) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(60), g, Facing.BACK, bite);
  }

  private static Move move(String id, Cut cut) {
    return new Move(id, id, "all", cut, null, null, null, null, false);
  }

  private static Plan plan(Move... moves) {
    return On.plan(
        SPEC,
        StartingHair.Taped.six(150, 150, 150, 150, 150, 150),
        List.of(new Section("all", "All", List.of())),
        List.of(moves),
        null,
        null);
  }

  @Test
  void theSameHands_giveTheSameSpread_toTheLastBit() {
    Plan p = plan(move("a", fingers(new Guide.Travelling(), 12.7)));
    Risk one = Risk.of(p, FEW, Hands.USUAL);
    assertThat(Risk.of(p, FEW, Hands.USUAL).spreadMm()).isEqualTo(one.spreadMm());
  }

  @Test
  void steadierHands_strayLess() {
    Plan p = plan(move("a", fingers(new Guide.Travelling(), 12.7)));
    double steady = Risk.of(p, FEW, Hands.STEADY).places().get(Place.OCCIPITAL);
    double usual = Risk.of(p, FEW, Hands.USUAL).places().get(Place.OCCIPITAL);
    double learning = Risk.of(p, FEW, Hands.LEARNING).places().get(Place.OCCIPITAL);
    assertThat(steady).isPositive().isLessThan(usual);
    assertThat(usual).isLessThan(learning);
  }

  /**
   * Today's cut, tidied, follows the ends that are there: what is taken off counts, errors add up.
   */
  @Test
  void aLineThatFollowsTheHair_isCutInEveryRun() {
    Cut off =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Off(20), new Guide.Travelling(), Facing.BACK, 12.7);
    Plan tidied = plan(move("tidy", off));
    double[] left = PlanEngine.run(tidied, FEW).afterMm();
    assertThat(left[0]).as("about two centimetres off").isBetween(128.0, 132.0);
    for (double[] run : Risk.cuts(tidied, FEW, Hands.USUAL, 7, 3)) {
      assertThat(run).containsExactly(left, org.assertj.core.api.Assertions.within(1e-9));
    }
    Plan first = plan(move("a", fingers(new Guide.Travelling(), 12.7)));
    Plan both = plan(first.moves().get(0), move("tidy", off));
    double before = Risk.of(first, FEW, Hands.USUAL).places().get(Place.OCCIPITAL);
    double after = Risk.of(both, FEW, Hands.USUAL).places().get(Place.OCCIPITAL);
    assertThat(after).isCloseTo(before, org.assertj.core.api.Assertions.within(1e-6));
  }

  @Test
  void handsThatNeverErr_leaveWhatIsPlanned() {
    Hands sure = new Hands(0, 0, 0, 0, 0, 0, 0, 0);
    Plan p =
        plan(
            move("fixed", fingers(new Guide.Fixed(Place.APEX, Guide.Gather.SPOT), 12.7)),
            move("comb", new Comb(30, 5, 2, Comb.Tool.SCISSORS)));
    Risk r = Risk.of(p, FEW, sure);
    for (double mm : r.spreadMm()) {
      assertThat(mm).isLessThan(1e-9);
    }
  }

  /** A travelling guide's errors add up the farther it goes; common practice. */
  @Test
  void aTravellingGuide_straysMoreAtItsEnd() {
    Plan p = plan(move("a", fingers(new Guide.Travelling(), 25.4)));
    Risk r = Risk.of(p, FEW, Hands.USUAL);
    assertThat(r.places().get(Place.NAPE)).isGreaterThan(1.3 * r.places().get(Place.FRONT));
  }

  /**
   * Errors add up about with the square of the bite: ¼ in forgives, 1 in is bold; common practice.
   */
  @Test
  void wideBites_strayMore_andTheWidestThatKeepsATolerance_isFound() {
    Plan p = plan(move("a", fingers(new Guide.Travelling(), 12.7)));
    double narrow = strays(p, 6.35);
    double usual = strays(p, 12.7);
    double bold = strays(p, 25.4);
    assertThat(narrow).isLessThan(bold);
    assertThat(usual).isLessThan(bold);
    Risk.Choice widest = Risk.widestBite(p, FEW, Hands.USUAL, "a", 1.001 * usual, 6.35, 12.7, 25.4);
    assertThat(widest.biteMm()).isGreaterThanOrEqualTo(12.7);
    assertThat(widest.straysMm()).isLessThanOrEqualTo(1.001 * usual);
    assertThat(Risk.widestBite(p, FEW, Hands.USUAL, "a", 0.01, 6.35, 25.4)).isNull();
  }

  private static double strays(Plan p, double bite) {
    return Risk.widestBite(p, FEW, Hands.USUAL, "a", 1e9, bite).straysMm();
  }

  @Test
  void guides_areCompared_onThisHead() {
    Plan p = plan(move("a", fingers(new Guide.Travelling(), 25.4)));
    List<Risk.Choice> both =
        Risk.guides(
            p,
            FEW,
            Hands.USUAL,
            "a",
            List.of(new Guide.Travelling(), new Guide.Fixed(Place.APEX, Guide.Gather.SPOT)));
    assertThat(both).hasSize(2);
    assertThat(both.get(0).straysMm()).isGreaterThan(both.get(1).straysMm());
  }

  @Test
  void theMoveThatStraysMost_bearsTheBlame() {
    Risk r =
        Risk.of(
            plan(
                move("fingers", fingers(new Guide.Travelling(), 25.4)),
                move("guard", new Guard(12, 0, Guard.Grain.AGAINST, null))),
            FEW,
            Hands.USUAL);
    // The guard goes over everything and leaves less: what the fingers strayed is cut off.
    assertThat(r.moves().get(0).move()).isEqualTo("guard");
    assertThat(r.moves().stream().mapToDouble(Risk.Blame::share).sum())
        .isCloseTo(1, org.assertj.core.api.Assertions.within(1e-9));
    assertThatThrownBy(
            () ->
                Risk.widestBite(
                    plan(move("g", new Guard(3, 0, Guard.Grain.WITH, null))),
                    FEW,
                    Hands.USUAL,
                    "g",
                    3,
                    12))
        .hasMessageContaining("not cut over the fingers");
  }
}
