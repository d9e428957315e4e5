package kitetail.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.PlanEngine;
import kitetail.plan.Slip;
import org.junit.jupiter.api.Test;

/** Hair about one place, cut freehand. */
class SpotTest {
  private static final HeadSpec HEAD = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(HEAD), 2000);
  private static final double HAIR_MM = 60;

  private static Outcome cut(Spot... spots) {
    kitetail.plan.Plan plan =
        On.plan(
            HEAD,
            StartingHair.Taped.six(HAIR_MM, HAIR_MM, HAIR_MM, HAIR_MM, HAIR_MM, HAIR_MM),
            List.of(),
            List.of(),
            Wishes.NONE,
            null);
    for (Spot s : spots) {
      String id = "spot" + plan.moves().size();
      Move m = new Move(id, id, "wholeHead", s, Damp.DRY, Move.Stand.BACK, "", "", false);
      plan = Slip.put(plan, plan.moves().size(), List.of(m));
    }
    return PlanEngine.run(plan, SCALP);
  }

  private static double off(Outcome o, int root) {
    return o.beforeMm()[root] - o.afterMm()[root];
  }

  @Test
  void atThePlace_allOfItComesOff_andLessAndLessTowardItsRim() {
    Outcome o = cut(new Spot(Place.CROWN, 12, 40, 0));
    assertThat(off(o, SCALP.root(Place.CROWN))).isCloseTo(12, within(1e-9));
    for (int i = 0; i < SCALP.roots(); i++) {
      double away = SCALP.pointMm(i).distanceTo(SCALP.head().place(Place.CROWN));
      if (away >= 40) {
        assertThat(off(o, i)).isZero();
      } else {
        // Half way to the rim half of it, by the smooth step's own symmetry.
        assertThat(off(o, i)).isBetween(0.0, 12.0);
        assertThat(new Spot(Place.CROWN, 12, 40, 0).offMm(away))
            .isLessThanOrEqualTo(new Spot(Place.CROWN, 12, 40, 0).offMm(0.9 * away));
      }
    }
    assertThat(new Spot(Place.CROWN, 12, 40, 0).offMm(20)).isCloseTo(6, within(1e-9));
  }

  /** A dent softened round is the dent it would have been cut as, wider: no lower, no new step. */
  @Test
  void softenedRound_aDentIsWider_andNoDeeper() {
    Outcome slip = cut(new Spot(Place.CROWN, 12, 25, 0));
    Outcome soft = cut(new Spot(Place.CROWN, 12, 25, 0), new Spot(Place.CROWN, 12, 70, 25));
    Outcome wide = cut(new Spot(Place.CROWN, 12, 70, 0));
    assertThat(soft.endMm(Place.CROWN)).isEqualTo(slip.endMm(Place.CROWN));
    for (int i = 0; i < SCALP.roots(); i++) {
      assertThat(soft.afterMm()[i]).isCloseTo(wide.afterMm()[i], within(1e-9));
    }
  }

  @Test
  void hairIsNeverCutBelowTheSkin_norMadeLonger() {
    Outcome o = cut(new Spot(Place.RIDGE_LEFT, 1500, 30, 0));
    for (int i = 0; i < SCALP.roots(); i++) {
      assertThat(o.afterMm()[i]).isBetween(0.0, o.beforeMm()[i]);
    }
    assertThat(o.endMm(Place.RIDGE_LEFT)).isZero();
  }

  /** Short hair beside the place is left alone: nobody blends a slip by a bald patch beside it. */
  @Test
  void nothingIsCutShorter_thanThePlaceItself() {
    kitetail.plan.Plan tapered =
        On.plan(
            HEAD,
            StartingHair.Taped.six(90, 90, 60, 60, 45, 12),
            List.of(),
            List.of(),
            Wishes.NONE,
            null);
    for (Spot s :
        List.of(new Spot(Place.OCCIPITAL, 30, 90, 0), new Spot(Place.OCCIPITAL, 30, 90, 25))) {
      Move m = new Move("s", "s", "wholeHead", s, Damp.DRY, Move.Stand.BACK, "", "", false);
      Outcome o = PlanEngine.run(Slip.put(tapered, 0, List.of(m)), SCALP);
      double least = o.endMm(Place.OCCIPITAL);
      for (int i = 0; i < SCALP.roots(); i++) {
        assertThat(o.afterMm()[i]).isGreaterThanOrEqualTo(Math.min(least, o.beforeMm()[i]) - 1e-9);
      }
    }
  }

  @Test
  void leftAndRight_areCutAlike() {
    Outcome left = cut(new Spot(Place.RIDGE_LEFT, 10, 40, 0));
    Outcome right = cut(new Spot(Place.RIDGE_LEFT, 10, 40, 0).mirrored());
    assertThat(right.endMm(Place.RIDGE_RIGHT))
        .isCloseTo(left.endMm(Place.RIDGE_LEFT), within(1e-9));
    assertThat(right.endMm(Place.RIDGE_LEFT)).isEqualTo(HAIR_MM);
  }

  /** It is shears' work, in the hair as it lies dry, and the wider the more bites. */
  @Test
  void itIsWorkForShears_andTakesTimeByItsWidth() {
    assertThat(new Spot(Place.CROWN, 5, 30, 0).shears()).isTrue();
    Outcome small = cut(new Spot(Place.CROWN, 5, 20, 0));
    Outcome large = cut(new Spot(Place.CROWN, 5, 80, 0));
    assertThat(large.bites()).isGreaterThan(4 * small.bites());
    assertThat(small.steps().get(0).move().damp()).isEqualTo(Damp.DRY);
  }

  @Test
  void whatIsOutOfRange_isSaid() {
    assertThatThrownBy(() -> new Spot(Place.CROWN, -1, 30, 0))
        .hasMessageContaining("0 to 1500, was -1");
    assertThatThrownBy(() -> new Spot(Place.CROWN, 5, 300, 0)).hasMessageContaining("300");
    assertThatThrownBy(() -> new Spot(Place.CROWN, 5, 30, 31)).hasMessageContaining("coreMm");
    assertThatThrownBy(() -> new Spot(null, 5, 30, 0)).hasMessageContaining("place");
  }
}
