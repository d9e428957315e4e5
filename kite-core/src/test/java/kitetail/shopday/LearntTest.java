package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Observations made up so that what has to be learnt from them is known beforehand. */
class LearntTest {
  private static final UUID DEVICE = UUID.fromString("5f1d1a52-7f3c-4c4f-8f3e-0a5f4e0c9a11");
  private static final AtomicInteger numbers = new AtomicInteger();
  private static final Instant FINISHED = Instant.parse("2026-10-01T10:00:00Z");
  private static Plan plan;
  private static Outcome planned;

  @BeforeAll
  static void cut() {
    plan =
        On.plan(
            new HeadSpec.Ball(90),
            StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
            List.of(new Section("all", "All", List.of())),
            List.of(round("a", 80), round("b", 65), round("c", 50)),
            Wishes.NONE,
            null);
    planned = PlanEngine.run(plan);
  }

  private static Move round(String id, double mm) {
    return new Move(
        id,
        id,
        "all",
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12),
        Damp.DRY,
        Move.Stand.BACK,
        "",
        "",
        false);
  }

  private static Learnt.Past visit(Sitting sitting) {
    return new Learnt.Past(FINISHED, planned, sitting);
  }

  @Test
  void nothingSeen_nothingLearnt_andNothingIsChanged() {
    Learnt none = Learnt.of(List.of(visit(null)), List.of());
    assertThat(none.growth()).isEmpty();
    assertThat(none.paceFactor()).isEmpty();
    assertThat(none.measured()).isZero();
    assertThat(none.biasMm()).isNaN();
  }

  @Test
  void hairTapedFortyDaysLater_tellsItsGrowth() {
    Map<Place, Double> grown =
        Map.of(
            Place.APEX, planned.endMm(Place.APEX) + 40 * 0.42,
            Place.CROWN, planned.endMm(Place.CROWN) + 40 * 0.42,
            Place.OCCIPITAL, planned.endMm(Place.OCCIPITAL) + 40 * 0.42);
    Learnt l =
        Learnt.of(
            List.of(visit(null)),
            List.of(new Learnt.Taped(FINISHED.plus(Duration.ofDays(40)), grown)));
    assertThat(l.growth().orElseThrow()).isCloseTo(0.42, within(1e-9));
    // Taped the day after, or before the cut, it tells nothing.
    assertThat(
            Learnt.of(
                    List.of(visit(null)),
                    List.of(
                        new Learnt.Taped(FINISHED.plus(Duration.ofDays(1)), grown),
                        new Learnt.Taped(FINISHED.minus(Duration.ofDays(40)), grown)))
                .growths())
        .isZero();
  }

  @Test
  void aSlipOfTheTape_isLeftOut() {
    Map<Place, Double> odd = Map.of(Place.APEX, planned.endMm(Place.APEX) + 200);
    assertThat(
            Learnt.of(
                    List.of(visit(null)),
                    List.of(new Learnt.Taped(FINISHED.plus(Duration.ofDays(40)), odd)))
                .growths())
        .isZero();
  }

  @Test
  void cutElsewhereInBetween_tellsNothing_thoughOnePlaceWouldFit() {
    Map<Place, Double> mixed =
        Map.of(
            Place.APEX, planned.endMm(Place.APEX) + 40 * 0.4,
            Place.CROWN, planned.endMm(Place.CROWN) - 10,
            Place.OCCIPITAL, planned.endMm(Place.OCCIPITAL) - 20);
    assertThat(
            Learnt.of(
                    List.of(visit(null)),
                    List.of(new Learnt.Taped(FINISHED.plus(Duration.ofDays(40)), mixed)))
                .growths())
        .isZero();
  }

  @Test
  void aHandHalfAsQuickAgain_isKnownByItsPace_andItsBites() {
    List<Logged> log = new ArrayList<>();
    double at = 0;
    int bites = 0;
    double sec = 0;
    for (Outcome.Step s : planned.steps()) {
      double each = 1.5 * 60 * s.minutes() / (s.bites() + 1);
      for (int i = 0; i < s.bites(); i++) {
        log.add(logged(at += each, new Entry.Bite(s.move().id())));
      }
      log.add(logged(at += each, new Entry.Done(s.move().id())));
      if (s.bites() > 0) {
        bites += s.bites();
        sec += 1.5 * 60 * s.minutes();
      }
    }
    Learnt l = Learnt.of(List.of(visit(Sitting.of(plan, log))), List.of());
    assertThat(l.pace()).isCloseTo(1.5, within(1e-6));
    assertThat(l.paceFactor()).hasValueCloseTo(1.5, within(1e-6));
    assertThat(l.bites()).isEqualTo(bites);
    assertThat(l.secondsABite()).isCloseTo(sec / bites, within(1e-6));
  }

  @Test
  void aHandThatTakesThreeMillimetresMore_isKnownByWhatIsMeasured() {
    List<Logged> log =
        List.of(
            logged(1, new Entry.Measured(Place.APEX, planned.endMm(Place.APEX) - 2)),
            logged(2, new Entry.Measured(Place.CROWN, planned.endMm(Place.CROWN) - 3)),
            logged(3, new Entry.Measured(Place.OCCIPITAL, planned.endMm(Place.OCCIPITAL) - 4)));
    Learnt.Past v = visit(Sitting.of(plan, log));
    Learnt l = Learnt.of(List.of(v), List.of());
    assertThat(l.biasMm()).isCloseTo(-3, within(1e-9));
    assertThat(l.measured()).isEqualTo(3);
    assertThat(Learnt.plannedAndMeasured(v))
        .containsOnlyKeys(Place.APEX, Place.CROWN, Place.OCCIPITAL);
  }

  @Test
  void aMoveInterruptedByTheTelephone_isNotThePace() {
    Outcome.Step first = planned.steps().get(0);
    List<Logged> log =
        List.of(logged(60 * 6.5 * first.minutes(), new Entry.Done(first.move().id())));
    assertThat(Learnt.of(List.of(visit(Sitting.of(plan, log))), List.of()).timedMoves()).isZero();
  }

  /** Nobody cuts four times as fast as planned: what was only ticked teaches nothing. */
  @Test
  void aVisitTappedThrough_teachesNoPace() {
    List<Logged> log = new ArrayList<>();
    double at = 0;
    for (Outcome.Step s : planned.steps()) {
      log.add(logged(at += 2, new Entry.Done(s.move().id())));
    }
    Learnt l = Learnt.of(List.of(visit(Sitting.of(plan, log))), List.of());
    assertThat(l.timedMoves()).isZero();
    assertThat(l.paceFactor()).isEmpty();
  }

  /** Cut one after the other, ticked together afterwards: the first has the time of both. */
  @Test
  void aMoveTickedWithTheOneBeforeIt_takesItsTimeAlong_soNeitherTeaches() {
    List<Outcome.Step> cut = planned.steps().stream().filter(s -> s.bites() > 0).toList();
    List<Logged> log = new ArrayList<>();
    double both = 60 * (cut.get(0).minutes() + cut.get(1).minutes());
    log.add(logged(both, new Entry.Done(cut.get(0).move().id())));
    log.add(logged(both + 2, new Entry.Done(cut.get(1).move().id())));
    assertThat(Learnt.of(List.of(visit(Sitting.of(plan, log))), List.of()).timedMoves()).isZero();
  }

  private static Logged logged(double sec, Entry e) {
    return new Logged(sec, DEVICE, numbers.getAndIncrement(), e);
  }
}
