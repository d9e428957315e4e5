package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import kitetail.On;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.fall.Fall;
import kitetail.fall.Rod;
import kitetail.fall.Styling;
import kitetail.geom.Vec3;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.planning.Worn;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A height wished for, against the rod of a hair and against how it falls. */
class WishStandsTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1200);
  private static final double NEAR_MM = 30;

  /** Greenhill, 1881; a hair of 70 µm stands by itself to about 89 mm. */
  private static final double BEARS =
      Rod.of(Hair.DEFAULT.diameterUm(), Hair.DEFAULT.wetDry().curlRatio(), false, 0).standsMm();

  private static Plan plan(double mm, double hold, Wish wish) {
    Fingers over =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12);
    double all = mm + 5;
    return On.plan(
            SPEC,
            StartingHair.Taped.six(all, all, all, all, all, all),
            List.of(new Section("all", "All", List.of())),
            List.of(new Move("all", "All", "all", over, null, null, "", "", false)),
            Wishes.of(wish),
            null)
        .worn(new Styling(Styling.Way.UP, Styling.Part.NONE, 0, hold, false));
  }

  /** How high the ends about the apex stand over their roots, mm, in the middle. */
  private static double standsMm(Plan plan) {
    Fall f = Worn.of(plan, Worn.Stand.of(SCALP), 0).fall();
    Vec3 apex = SCALP.head().place(Place.APEX);
    double[] up =
        IntStream.range(0, f.strands())
            .filter(i -> f.point(i, 0).distanceTo(apex) < NEAR_MM)
            .mapToDouble(i -> f.tip(i).minus(f.point(i, 0)).z())
            .sorted()
            .toArray();
    return up[up.length / 2];
  }

  private static List<Finding> found(Plan plan) {
    return Check.of(plan, PlanEngine.run(plan, SCALP)).stream()
        .filter(f -> f.rule().equals("wish-stands"))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(doubles = {40, 70, 100})
  void hairCutForAHeight_standsThatHigh_wornUpAndHeld(double high) {
    Wish wish = Wish.standing(Place.APEX, high);
    double need = wish.needMm(SCALP.head(), Hair.DEFAULT);
    Plan plan = plan(need, 0.6, wish);
    assertThat(standsMm(plan)).isCloseTo(high, within(0.05 * high));
    assertThat(found(plan)).isEmpty();
  }

  /** Without hold a hair stands as long as it bears itself; what is longer bends over. */
  @Test
  void whatTheHairDoesNotBear_isSaid_andDoesNotStand() {
    double low = 0.6 * BEARS;
    double high = 1.3 * BEARS;
    assertThat(standsMm(plan(low, 0, Wish.standing(Place.APEX, low)))).isGreaterThan(0.85 * low);
    Plan plan = plan(high, 0, Wish.standing(Place.APEX, high));
    assertThat(standsMm(plan)).isLessThan(0.5 * high);
    assertThat(found(plan))
        .singleElement()
        .satisfies(f -> assertThat(f.amount()).isCloseTo(BEARS, within(0.01 * BEARS)));
    assertThat(found(plan(low, 0, Wish.standing(Place.APEX, low)))).isEmpty();
  }

  /** Curls let go are shorter: so much longer they are cut. */
  @Test
  void curlsAreCutLonger_forTheSameHeight() {
    Hair curly = new Hair(60, 0.36, 200, 70, new WetDry(0.05, 0.6), Growth.USUAL, List.of());
    double need = Wish.standing(Place.APEX, 60).needMm(SCALP.head(), curly);
    assertThat(need).isCloseTo(100, within(1e-9));
  }
}
