package kitetail.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import kitetail.shopday.Entry;
import kitetail.shopday.Logged;
import kitetail.shopday.Sitting;
import org.junit.jupiter.api.Test;

/** What was measured at the chair tells of the hand, by the way it cut there. */
class VisitedTest {
  private static final UUID DEVICE = new UUID(0, 1);

  private static List<Seen> seen(Entry... entries) {
    Fingers even =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);
    Plan plan =
        Made.plan(
            new HeadSpec.Measured(570, null, null),
            MadeUp.hair(),
            Made.even(120),
            List.of(
                new Section("top", "Top", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 90))),
                new Section(
                    "low", "Low", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 90, 400)))),
            List.of(
                Made.move("top", "top", even, Move.Stand.BACK),
                Made.move(
                    "low", "low", new Comb(12, 20, 1.5, Comb.Tool.SCISSORS), Move.Stand.BACK)));
    List<Logged> log = new java.util.ArrayList<>();
    for (int i = 0; i < entries.length; i++) {
      log.add(new Logged(60.0 * i, DEVICE, i, entries[i]));
    }
    Sitting sitting = Sitting.of(plan, log);
    return Visited.of(
        PlanEngine.run(plan, Scalp.of(Head.of(plan.head()), Practice.SITES)), sitting);
  }

  @Test
  void aLengthMeasured_isOfTheFingers_orOfTheComb_byWhatCutThere() {
    List<Seen> s = seen(new Entry.Measured(Place.APEX, 63), new Entry.Measured(Place.NAPE, 40));
    assertThat(s).extracting(Seen::skill).containsExactly(Skill.FINGER_LENGTH, Skill.COMB_LENGTH);
    // Dry hair of a bite cut damp stands a little shorter than in the hand.
    assertThat(s.get(0).off()).isCloseTo(3, within(0.01));
    assertThat(s.get(1).off()).isPositive();
  }

  @Test
  void aSlip_isOfTheMoveItWasMadeIn_andNothingMeasuredTellsNothing() {
    assertThat(seen(new Entry.TookMore("low", Place.OCCIPITAL, 9)))
        .containsExactly(new Seen(Skill.COMB_LENGTH, -9));
    assertThat(seen(new Entry.Done("top"))).isEmpty();
  }
}
