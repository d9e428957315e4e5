package kitetail.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import kitetail.cut.CutLine;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

/** Hair cut in practice is as gone as a client's, and what is off is found where it is. */
class WholeCutTest {
  private static final int LEVEL = 3;

  /** Each side 60 mm straight out. */
  private static WholeCut task() {
    Fingers even =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);
    Plan shape =
        Made.plan(
            new HeadSpec.Measured(570, null, null),
            MadeUp.hair(),
            Made.even(120),
            List.of(side("left", -200, 0), side("right", 0, 200)),
            List.of(
                Made.move("left", "left", even, Move.Stand.LEFT),
                Made.move("right", "right", even, Move.Stand.RIGHT).after(List.of("left"))));
    return (WholeCut) Task.of(Drill.WHOLE_CUT, 4, LEVEL, List.of(shape));
  }

  private static Section side(String id, double fromMm, double toMm) {
    return new Section(id, id, List.of(new Limit.Between(Scalar.ACROSS_MM, fromMm, toMm)));
  }

  private static Tried.Led led(String move, Dial d, double value) {
    return new Tried.Led(move, Map.of(d, value));
  }

  private static Tried.Led asAsked(String move) {
    return new Tried.Led(move, Map.of());
  }

  private static Tried.Whole cut(List<Place> notRight, Tried.Led... led) {
    return new Tried.Whole(List.of(led), notRight);
  }

  private static Tried.Whole cut(Tried.Led... led) {
    return cut(List.of(), led);
  }

  @Test
  void theHand_isAskedForHowItHoldsAndWhereItStops_straightOutIsHeldToo() {
    Move m = task().wished().moves().get(0);
    assertThat(WholeCut.byHand(m))
        .containsExactlyInAnyOrder(Dial.LENGTH, Dial.ELEVATION_DEG, Dial.FINGER_DEG);
    assertThat(WholeCut.asked(m, Dial.ELEVATION_DEG)).isEqualTo(90);
    assertThat(task().reach(Dial.LENGTH).most()).isGreaterThanOrEqualTo(120);
  }

  @Test
  void aSideLeftOut_isLeftUncut_andTheOtherIsDone() {
    WholeCut t = task();
    Score s = t.score(cut(asAsked("left")));
    assertThat(s.good()).isFalse();
    assertThat(s.cause()).isEqualTo(Cause.LEFT_UNCUT);
    assertThat(s.share()).isCloseTo(0.5, within(0.05));
    assertThat(t.score(cut()).share()).isZero();
  }

  @Test
  void hairThatIsGone_isNotBroughtBackByGoingOverItAgain() {
    WholeCut t = task();
    Score s = t.score(cut(led("left", Dial.LENGTH, 40), asAsked("left"), asAsked("right")));
    assertThat(s.good()).isFalse();
    assertThat(s.cause()).isEqualTo(Cause.CUT_SHORT);
    assertThat(s.worst().by()).isCloseTo(-20, within(0.5));
    Score once = t.score(cut(led("left", Dial.LENGTH, 80), asAsked("left"), asAsked("right")));
    assertThat(once.good()).as("what stands too long can be gone over").isTrue();
  }

  @Test
  void anElbowThatSinks_isToldAsOne_andTeachesTheHand() {
    WholeCut t = task();
    assertThat(held(t, 45).cause()).isEqualTo(Cause.HELD_LOW);
    assertThat(held(t, 78).seen())
        .containsExactly(new Seen(Skill.ELEVATION, -12), new Seen(Skill.ELEVATION, -12));
  }

  private static Score held(WholeCut t, double deg) {
    return t.score(
        cut(led("left", Dial.ELEVATION_DEG, deg), led("right", Dial.ELEVATION_DEG, deg)));
  }

  /** A bite left hanging, or held level where it was to be straight out, is no shaking arm. */
  @Test
  void whatWasNotTouched_orMeantOtherwise_teachesNothingOfTheHand() {
    WholeCut t = task();
    assertThat(t.reach(Dial.ELEVATION_DEG).begins()).isZero();
    assertThat(held(t, 0).seen()).isEmpty();
    assertThat(held(t, 45).seen()).isEmpty();
    double uncut = t.reach(Dial.LENGTH).begins();
    assertThat(t.score(cut(led("left", Dial.LENGTH, uncut))).seen()).isEmpty();
    assertThat(t.score(cut(led("left", Dial.LENGTH, 64))).seen())
        .containsExactly(new Seen(Skill.FINGER_LENGTH, 4));
  }

  @Test
  void oneSideLonger_isFoundByItsBalance_andByTheCheckRound() {
    WholeCut t = task();
    Tried.Whole tried =
        cut(
            List.of(Place.RIDGE_LEFT, Place.RIDGE_RIGHT),
            led("left", Dial.LENGTH, 75),
            asAsked("right"));
    WholeCut.Judged w = t.score(tried).whole();
    assertThat(w.apartMm()).isCloseTo(15, within(0.5));
    assertThat(w.found()).containsExactly(Place.RIDGE_LEFT);
    assertThat(w.sound()).containsExactly(Place.RIDGE_RIGHT);
    assertThat(w.missed()).contains(Place.EAR_TOP_LEFT).noneMatch(p -> p.name().endsWith("RIGHT"));
    assertThat(w.met() + w.found().size() + w.missed().size()).isEqualTo(w.places());
  }

  @Test
  void whatIsNoMoveOrNoNumberOfTheHand_isRefused_andSoIsGoingOverForEver() {
    WholeCut t = task();
    assertThatThrownBy(() -> t.after(cut(asAsked("fringe")))).hasMessageContaining("fringe");
    assertThatThrownBy(() -> t.after(cut(led("left", Dial.GUARD_NUMBER, 2))))
        .hasMessageContaining("GUARD_NUMBER");
    assertThatThrownBy(() -> t.after(cut(led("left", Dial.LENGTH, -3))))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(
            () ->
                t.after(
                    new Tried.Whole(
                        new ArrayList<>(Collections.nCopies(5, asAsked("left"))), List.of())))
        .hasMessageContaining("4 times");
  }
}
