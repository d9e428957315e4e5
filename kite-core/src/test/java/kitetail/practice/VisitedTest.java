package kitetail.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
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
import kitetail.plan.Outcome;
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

  private static final Plan PLAN = plan();
  private static final Outcome PLANNED =
      PlanEngine.run(PLAN, Scalp.of(Head.of(PLAN.head()), Practice.SITES));

  private static Plan plan() {
    Fingers even =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);
    return Made.plan(
        new HeadSpec.Measured(570, null, null),
        MadeUp.hair(),
        Made.even(120),
        List.of(
            new Section("top", "Top", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 0, 90))),
            new Section("low", "Low", List.of(new Limit.Between(Scalar.FROM_APEX_MM, 90, 400)))),
        List.of(
            Made.move("top", "top", even, Move.Stand.BACK),
            Made.move("low", "low", new Comb(12, 20, 1.5, Comb.Tool.SCISSORS), Move.Stand.BACK)));
  }

  private static List<Seen> seen(Entry... entries) {
    List<Logged> log = new ArrayList<>();
    for (Entry e : entries) {
      log.add(new Logged(log.size(), DEVICE, log.size(), e));
    }
    return seen(log);
  }

  private static List<Seen> seen(List<Logged> log) {
    return Visited.of(PLANNED, Sitting.of(PLAN, log));
  }

  @Test
  void aLengthMeasured_isOfTheFingers_orOfTheComb_byWhatCutThere() {
    List<Seen> s = seen(new Entry.Measured(Place.APEX, 63), new Entry.Measured(Place.NAPE, 40));
    assertThat(s).extracting(Seen::skill).containsExactly(Skill.FINGER_LENGTH, Skill.COMB_LENGTH);
    // Dry hair of a bite cut damp stands a little shorter than in the hand.
    assertThat(s.get(0).off()).isCloseTo(3, within(0.01));
    assertThat(s.get(1).off()).isPositive();
  }

  /** Scissors through a curtain are an accident: they count as far as a hand is ever off. */
  @Test
  void aSlipOfCentimetres_countsNoMoreThanAHandIsEverOff() {
    assertThat(seen(new Entry.TookMore("top", Place.APEX, 40)))
        .containsExactly(new Seen(Skill.FINGER_LENGTH, -Skill.FINGER_LENGTH.most()));
  }

  @Test
  void movesThatWereTimed_tellThePace_ticksDoNot() {
    assertThat(seen(new Entry.Done("top"), new Entry.Done("low"))).isEmpty();
    List<Logged> log = new ArrayList<>();
    double sec = 0;
    for (Outcome.Step s : PLANNED.steps()) {
      sec += 1.25 * 60 * s.minutes();
      log.add(new Logged(sec, DEVICE, log.size(), new Entry.Done(s.move().id())));
    }
    List<Seen> s = seen(log);
    assertThat(s).extracting(Seen::skill).containsOnly(Skill.PACE);
    assertThat(s).hasSize(2).allMatch(x -> Math.abs(x.off() - 0.25) < 1e-9);
  }

  /** Of an hour planned, so seldom seen, a little; a hand twice as slow is reckoned with so. */
  @Test
  void aSlowHand_isReckonedWith_theMoreOftenItWasSeen() {
    Seen slower = new Seen(Skill.PACE, 0.5);
    assertThat(Hand.of(Collections.nCopies(3, slower)).pace()).isEqualTo(1);
    assertThat(Hand.of(Collections.nCopies(8, slower)).pace()).isCloseTo(1.25, within(1e-9));
    assertThat(Hand.of(Collections.nCopies(400, slower)).pace()).isBetween(1.45, 1.5);
  }

  @Test
  void aSlip_isOfTheMoveItWasMadeIn_andNothingMeasuredTellsNothing() {
    assertThat(seen(new Entry.TookMore("low", Place.OCCIPITAL, 9)))
        .containsExactly(new Seen(Skill.COMB_LENGTH, -9));
    assertThat(seen(new Entry.Done("top"))).isEmpty();
  }
}
