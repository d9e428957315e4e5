package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.On;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.cut.Aside;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Handling;
import kitetail.plan.Move;
import kitetail.plan.Move.Stand;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** How moves are done beside their cut; common practice. */
class HandledTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1500);
  private static final Limit LOW = new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 30);
  private static final List<Section> SECTIONS =
      List.of(
          new Section(
              "nape", "Nape", List.of(LOW, new Limit.Between(Scalar.AROUND_DEG, 165, -165))),
          new Section(
              "left", "Left", List.of(LOW, new Limit.Between(Scalar.AROUND_DEG, -110, -60))),
          new Section(
              "right", "Right", List.of(LOW, new Limit.Between(Scalar.AROUND_DEG, 60, 110))),
          new Section("top", "Top", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 60))),
          new Section("all", "All", List.of(), List.of(), true));

  private static Fingers over(Hold hold, Blade blade) {
    return new Fingers(hold, new CutLine.Round(30), new Guide.Travelling(), Facing.BACK, 12)
        .with(blade);
  }

  private static final Cut OUT = over(new Hold.StraightOut(), Blade.BLUNT);

  private static Move move(String section, Cut cut, Damp damp, Stand stand) {
    return new Move(section + stand, "Move", section, cut, damp, stand, "", "", false);
  }

  private static List<Handled> all(boolean lively, Move... moves) {
    Plan plan =
        On.plan(
            SPEC,
            StartingHair.Taped.six(140, 140, 140, 140, 140, 140),
            SECTIONS,
            List.of(moves),
            null,
            new Cautions(List.of(), "", Consent.NOT_ASKED, lively));
    return Handled.of(plan, PlanEngine.run(plan, SCALP));
  }

  private static Handled one(Move m) {
    return all(false, m).get(0);
  }

  /** The chin goes down to open the nape and to bring a low elevation up to the hands. */
  @Test
  void theHeadIsTilted_whereTheElevationIsOutOfReach_andNowhereElse() {
    assertThat(one(move("nape", OUT, Damp.DAMP, Stand.BACK)).tiltDeg()).isBetween(10.0, 30.0);
    Cut low = over(new Hold.Elevation(45), Blade.BLUNT);
    assertThat(one(move("left", low, Damp.DAMP, Stand.LEFT)).tiltDeg()).isBetween(15.0, 30.0);
    assertThat(one(move("top", OUT, Damp.DAMP, Stand.BACK)).tiltDeg()).isZero();
    Cut falls = over(new Hold.Elevation(0), Blade.BLUNT);
    assertThat(one(move("nape", falls, Damp.DAMP, Stand.BACK)).tiltDeg()).isZero();
  }

  /**
   * Backward on both sides is one hand's outward stroke on the one and the other's on the other.
   */
  @Test
  void aRazorBesideTheFace_strokesBackOnBothSides_withTheHandItComesNaturalTo() {
    Cut razor = over(new Hold.StraightOut(), Blade.RAZOR_SHORT);
    Handled left = one(move("left", razor, Damp.DAMP, Stand.LEFT));
    Handled right = one(move("right", razor, Damp.DAMP, Stand.RIGHT));
    assertThat(left.stroke()).isEqualTo(Handling.Stroke.BACK).isEqualTo(right.stroke());
    assertThat(left.hand()).isEqualTo(Handled.Side.RIGHT);
    assertThat(right.hand()).isEqualTo(Handled.Side.LEFT);
    Cut up = new Guard(3, 0, Guard.Grain.AGAINST, null);
    assertThat(one(move("left", up, Damp.DRY, Stand.LEFT)).stroke()).isEqualTo(Handling.Stroke.UP);
    assertThat(one(move("left", OUT, Damp.DAMP, Stand.LEFT)).stroke()).isNull();
  }

  @Test
  void theEarIsHeldByTheComb_byTheClient_orWhenTheyMoveByTheStylist() {
    Cut comb = new Comb(6, 0, 2, Comb.Tool.SCISSORS);
    assertThat(one(move("left", comb, Damp.DAMP, Stand.LEFT)).ear())
        .isEqualTo(Handling.EarHeld.COMB);
    Move fingers = move("left", OUT, Damp.DAMP, Stand.LEFT);
    assertThat(one(fingers).ear()).isEqualTo(Handling.EarHeld.CLIENT);
    assertThat(all(true, fingers).get(0).ear()).isEqualTo(Handling.EarHeld.HAND);
    assertThat(one(move("top", OUT, Damp.DAMP, Stand.BACK)).ear()).isNull();
  }

  @Test
  void dryShearsCutDry_precisionShearsWet_andClippersNeither() {
    assertThat(one(move("top", OUT, Damp.DRY, Stand.BACK)).shears())
        .isEqualTo(Handled.Shears.DRY_CUTTING);
    assertThat(one(move("top", OUT, Damp.WET, Stand.BACK)).shears())
        .isEqualTo(Handled.Shears.PRECISION);
    Cut guard = new Guard(3, 0, Guard.Grain.AGAINST, null);
    assertThat(one(move("left", guard, Damp.DRY, Stand.LEFT)).shears()).isNull();
  }

  /** After a dry move, and when it has been wet for over ten minutes, hair is misted again. */
  @Test
  void wetMovesAreMistedFor_afterDryOnes_andAfterTenMinutes() {
    Move dry = move("left", OUT, Damp.DRY, Stand.LEFT);
    Move damp = move("right", OUT, Damp.DAMP, Stand.RIGHT);
    List<Handled> after = all(false, dry, damp, move("top", OUT, Damp.DAMP, Stand.BACK));
    assertThat(after.get(1).wetting()).isEqualTo(Handling.Wetting.MIST);
    assertThat(after.get(2).wetting()).isEqualTo(Handling.Wetting.NONE);
    List<Handled> misted =
        all(false, dry, move("all", new Aside(Aside.What.MIST), Damp.DAMP, Stand.BACK), damp);
    assertThat(misted.get(1)).isNull();
    assertThat(misted.get(2).wetting()).isEqualTo(Handling.Wetting.NONE);
    Cut whole = over(new Hold.StraightOut(), Blade.BLUNT).withBite(6);
    List<Handled> long10 = all(false, move("all", whole, Damp.DAMP, Stand.BACK), damp);
    assertThat(long10.get(0).wetting()).isEqualTo(Handling.Wetting.NONE);
    assertThat(long10.get(1).wetting()).isEqualTo(Handling.Wetting.MIST);
  }

  @Test
  void whatIsSet_isDoneAsSet() {
    Handling set =
        new Handling(
            -10.0, Handling.Stroke.FORWARD, Handling.EarHeld.HAND, Handling.Wetting.LOTION);
    Move m = move("left", OUT, Damp.DAMP, Stand.LEFT);
    Handled h =
        one(
            new Move(
                m.id(),
                m.name(),
                m.section(),
                m.cut(),
                null,
                null,
                m.damp(),
                m.stand(),
                "",
                "",
                false,
                set));
    assertThat(h.tiltDeg()).isEqualTo(-10);
    assertThat(h.stroke()).isEqualTo(Handling.Stroke.FORWARD);
    assertThat(h.hand()).isEqualTo(Handled.Side.LEFT);
    assertThat(h.ear()).isEqualTo(Handling.EarHeld.HAND);
    assertThat(h.wetting()).isEqualTo(Handling.Wetting.LOTION);
  }
}
