package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.Aside;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class SittingTest {
  private static final Plan PLAN = plan("a", "b", "c");

  private static Plan plan(String... ids) {
    return On.plan(
        new HeadSpec.Ball(90),
        StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
        List.of(new Section("all", "All", List.of())),
        Stream.of(ids)
            .map(
                id ->
                    new Move(
                        id,
                        id,
                        "all",
                        new Aside(Aside.What.MIST),
                        Damp.DAMP,
                        Move.Stand.BACK,
                        "",
                        "",
                        false))
            .toList(),
        Wishes.NONE,
        null);
  }

  private static final UUID DEVICE = UUID.fromString("5f1d1a52-7f3c-4c4f-8f3e-0a5f4e0c9a11");

  private record At(int sec, Entry entry) {}

  private static At at(int sec, Entry e) {
    return new At(sec, e);
  }

  private static Sitting after(At... log) {
    List<Logged> all = new ArrayList<>();
    for (At a : log) {
      all.add(new Logged(a.sec(), DEVICE, all.size(), a.entry()));
    }
    return Sitting.of(PLAN, all);
  }

  @Test
  void theNextMove_isTheFirstNeitherDoneNorSkipped() {
    assertThat(after().next().id()).isEqualTo("a");
    Sitting s = after(at(10, new Entry.Done("a")), at(20, new Entry.Skipped("b", "no time")));
    assertThat(s.next().id()).isEqualTo("c");
    assertThat(s.skipped()).isEqualTo(Map.of("b", "no time"));
    assertThat(after(at(1, new Entry.Done("a")), at(2, new Entry.Reopened("a"))).next().id())
        .isEqualTo("a");
    assertThat(
            after(
                    at(1, new Entry.Done("a")),
                    at(2, new Entry.Done("b")),
                    at(3, new Entry.Done("c")))
                .next())
        .isNull();
  }

  @Test
  void timeGoesToTheMoveWhoseEntryEndsIt_andPausesToNone() {
    Sitting s =
        after(
            at(30, new Entry.Bite("a")),
            at(60, new Entry.Bite("a")),
            at(70, new Entry.Paused()),
            at(370, new Entry.Resumed()),
            at(380, new Entry.Done("a")),
            at(400, new Entry.Done("b")));
    assertThat(s.bites()).isEqualTo(Map.of("a", 2));
    assertThat(s.workedSec()).isEqualTo(Map.of("a", 80.0, "b", 20.0));
    assertThat(s.pausedSec()).isEqualTo(300);
  }

  @Test
  void aClockSetBack_takesNoTimeAway() {
    Sitting s =
        after(
            at(60, new Entry.Bite("a")), at(20, new Entry.Bite("a")), at(80, new Entry.Done("a")));
    assertThat(s.workedSec()).isEqualTo(Map.of("a", 80.0));
  }

  @Test
  void aPlanMadeAnew_isCutFromThere_andWhatIsDoneStaysDone() {
    Sitting s =
        after(at(5, new Entry.Done("a")), at(6, new Entry.Replanned(plan("x", "a", "b", "c"))));
    assertThat(s.next().id()).isEqualTo("x");
    assertThat(s.done()).containsExactly("a");
  }

  @Test
  void theLastMeasureAtAPlaceCounts_andTheDryListEmptiesAsItIsSeen() {
    Sitting s =
        after(
            at(1, new Entry.Measured(Place.CROWN, 60)),
            at(2, new Entry.Measured(Place.CROWN, 58)),
            at(3, new Entry.ForDry("sticks out behind the left ear")),
            at(4, new Entry.ForDry("fringe")),
            at(5, new Entry.DrySeen("fringe")),
            at(6, new Entry.Checked(2, 4)),
            at(7, new Entry.Checked(2, 0)));
    assertThat(s.measured()).containsExactly(new Entry.Measured(Place.CROWN, 58));
    assertThat(s.forDry()).containsExactly("sticks out behind the left ear");
    assertThat(s.checked()).isEqualTo(Map.of(2, 0.0));
  }

  @Test
  void whatCannotBe_isNotWrittenDown() {
    Stream.<org.assertj.core.api.ThrowableAssert.ThrowingCallable>of(
            () -> new Entry.Measured(Place.CROWN, Double.NaN),
            () -> new Entry.Measured(Place.CROWN, 1501),
            () -> new Entry.TookMore("a", Place.CROWN, -1),
            () -> new Entry.Dosed("a", -1),
            () -> new Entry.ForDry(" "),
            () -> new Entry.Skipped("a", "x".repeat(401)))
        .forEach(c -> assertThatThrownBy(c).isInstanceOf(IllegalArgumentException.class));
  }

  @Test
  void aSlip_isInThePlanFromThereOn_asShortAsItWasTold() {
    Sitting s =
        after(
            at(5, new Entry.Done("a")),
            at(6, new Entry.TookMore("b", Place.CROWN, 12)),
            at(9, new Entry.Done("b")));
    assertThat(s.plan().moves().stream().map(Move::id)).containsExactly("a", "b", "slip1", "c");
    assertThat(s.done()).containsExactly("a", "slip1", "b");
    assertThat(s.next().id()).isEqualTo("c");
    assertThat(s.slips()).extracting(Entry.TookMore::place).containsExactly(Place.CROWN);
    Outcome o = PlanEngine.run(s.plan(), Scalp.of(Head.of(PLAN.head()), 600));
    assertThat(o.endMm(Place.CROWN)).isEqualTo(100 - 12);
    assertThat(o.endMm(Place.FRONT)).as("far from it").isEqualTo(100);
    assertThat(o.steps().get(2).minutes()).as("nobody spends time on it again").isZero();
  }

  @Test
  void whatIsTakenBack_wasNotDone() {
    Sitting s =
        after(
            at(5, new Entry.Bite("a")),
            at(6, new Entry.Bite("a")),
            at(7, new Entry.Skipped("b", "no time")),
            at(8, new Entry.TookMore("a", Place.CROWN, 12)),
            at(9, new Entry.Measured(Place.APEX, 70)),
            at(10, new Entry.Undone(DEVICE, 1)),
            at(11, new Entry.Undone(DEVICE, 2)),
            at(12, new Entry.Undone(DEVICE, 3)),
            at(13, new Entry.Undone(DEVICE, 4)),
            at(14, new Entry.Undone(UUID.randomUUID(), 0)));
    assertThat(s.bites()).isEqualTo(Map.of("a", 1));
    assertThat(s.skipped()).isEmpty();
    assertThat(s.slips()).isEmpty();
    assertThat(s.measured()).isEmpty();
    assertThat(s.plan()).isEqualTo(PLAN);
  }
}
