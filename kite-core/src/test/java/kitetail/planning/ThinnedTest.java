package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Texture;
import kitetail.hair.HairMap;
import kitetail.hair.StartingHair;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** Thin the thick band to the weight of what is beside it: solved, and told in passes. */
class ThinnedTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Workbench BENCH = new Workbench(Scalp.of(Head.of(SPEC), 2000));

  /** Sides at 60, a band under the ridge left at 80: heavier by a third. */
  private static Plan plan(Texture t) {
    return On.plan(
        SPEC,
        StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
        List.of(
            new Section("rest", "Rest", List.of(), List.of("band"), false),
            new Section(
                "band", "Thick band", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -45, -15)))),
        List.of(round("rest", 60), round("band", 80), move("thin", "band", t)),
        null,
        null);
  }

  private static Move round(String section, double mm) {
    return move(
        section,
        section,
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.UP, 12));
  }

  private static Move move(String id, String section, kitetail.cut.Cut cut) {
    return new Move(id, id, section, cut, null, null, "", "", false);
  }

  private static double gramsPerDm2(Plan plan, String section) {
    Outcome o = PlanEngine.run(plan, BENCH);
    HairMap hair = BENCH.hair(plan.hair());
    Stock left = o.after();
    double grams = 0;
    double area = 0;
    for (int i : BENCH.zone(plan.region(section)).roots()) {
      if (i < BENCH.scalp().sites()) {
        grams += hair.grams(i, left.meanMm(i));
        area += BENCH.scalp().areaMm2(i);
      }
    }
    return grams / area * 10_000;
  }

  @Test
  void theBand_comesToTheWeightOfWhatIsBesideIt_withinFivePerCent() {
    Plan plan = plan(new Texture(Texture.Tool.THINNING_SHEARS, 0, 40, 1));
    Thinned t = Thinned.of(plan, BENCH, "thin", Double.NaN);
    assertThat(t.met()).isTrue();
    assertThat(gramsPerDm2(t.plan(), "band")).isCloseTo(t.wishedG(), within(0.05 * t.wishedG()));
    // A third longer; hair is denser there or less dense by a tenth.
    assertThat(t.hadG() / t.wishedG()).isCloseTo(80.0 / 60, within(0.15));
    assertThat(t.passes()).isGreaterThan(1);
    // No pass touches more hairs than the tool does.
    assertThat(t.share()).isLessThanOrEqualTo(Texture.Tool.THINNING_SHEARS.usualShare());
    Texture dosed = (Texture) t.plan().move("thin").cut();
    assertThat(dosed.passes()).isEqualTo(t.passes());
  }

  @Test
  void aWishedWeight_isMetWithinFivePerCent_inAsFewPassesAsMayBe() {
    Plan plan = plan(new Texture(Texture.Tool.CHANNEL, 0, 60, 3));
    double had = Thinned.of(plan, BENCH, "thin", 1).hadG();
    Thinned little = Thinned.of(plan, BENCH, "thin", 0.95 * had);
    assertThat(little.passes()).isEqualTo(1);
    assertThat(gramsPerDm2(little.plan(), "band")).isCloseTo(0.95 * had, within(0.05 * had));
  }

  @Test
  void whatCannotBeReached_isTakenAsFarAsItGoes_andSaid() {
    Plan plan = plan(new Texture(Texture.Tool.POINT_SHALLOW, 0, 6, 1));
    Thinned t = Thinned.of(plan, BENCH, "thin", 1);
    assertThat(t.met()).isFalse();
    assertThat(t.getsG()).isGreaterThan(1).isLessThan(t.hadG());
  }

  @Test
  void whatDoesNotTexturise_isRefused() {
    Plan plan = plan(new Texture(Texture.Tool.CHANNEL, 0, 60, 1));
    assertThatThrownBy(() -> Thinned.of(plan, BENCH, "rest", Double.NaN))
        .hasMessageContaining("does not texturise");
    assertThatThrownBy(() -> Thinned.of(plan, BENCH, "nothing", Double.NaN))
        .hasMessageContaining("nothing");
  }
}
