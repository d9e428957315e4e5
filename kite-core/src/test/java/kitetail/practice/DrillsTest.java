package kitetail.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.LedAsPlanned;
import kitetail.cut.Strokes;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.Repairs;
import kitetail.section.Facing;
import kitetail.section.Section;
import kitetail.section.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What drills promise: a perfect hand is perfect, none is none, a bad one is told why. */
class DrillsTest {
  private static final long SEED = 7;

  /** Two shapes of three moves, so that the core needs no files for them. */
  static List<Plan> shapes() {
    Fingers even =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(60), new Guide.Travelling(), Facing.BACK, 12);
    Plan plan =
        Made.plan(
            new kitetail.head.HeadSpec.Measured(570, null, null),
            MadeUp.hair(),
            Made.even(120),
            List.of(new Section("all", "All", List.of())),
            List.of(
                Made.move("guide", "all", even, Move.Stand.BACK),
                Made.move("rest", "all", even.withBite(20), Move.Stand.LEFT)
                    .after(List.of("guide")),
                Made.move("last", "all", even.withBite(9), Move.Stand.RIGHT)
                    .after(List.of("rest"))));
    return List.of(plan, plan.titled("another"));
  }

  static Stream<Drill> drills() {
    return Stream.of(Drill.values());
  }

  static Task task(Drill d, int level) {
    return Task.of(d, SEED, level, shapes());
  }

  /** What a hand does that does everything right. */
  static Tried perfect(Task task) {
    Head head = Head.of(task.plan().head());
    if (task instanceof ReadLength t) {
      Scalp places = Scalp.ofPlaces(head);
      double[] mm = PlanEngine.run(t.plan(), places).afterMm();
      Map<Place, Double> said = new HashMap<>();
      t.asked().forEach(p -> said.put(p, mm[places.root(p)]));
      return new Tried.Lengths(said);
    }
    if (task instanceof FindLandmark t) {
      Map<Place, Spot> at = new HashMap<>();
      t.asked().forEach(p -> at.put(p, Spot.of(head, head.place(p))));
      return new Tried.Touched(at);
    }
    if (task instanceof OneCentimetre t) {
      return new Tried.Combed(centimetres(t, OneCentimetre.OFF_MM));
    }
    if (task instanceof OverComb t) {
      return new Tried.Combed(led(t, t.wish()));
    }
    if (task instanceof WithGuards t) {
      return new Tried.Guarded(t.best().fade());
    }
    if (task instanceof HoldIt t) {
      return held(t, 0, 0);
    }
    if (task instanceof WalkGuide t) {
      int n = t.bestBites();
      return new Tried.Walked(
          Collections.nCopies(
              n,
              new Tried.Walked.Bite(
                  (t.fromMm() - t.toMm()) / n, Tried.Walked.Pair.NEW_WHERE_IT_GROWS)));
    }
    if (task instanceof WhatLeaves t) {
      return new Tried.Chosen(t.otherwise().indexOf(WhatLeaves.Otherwise.NOTHING));
    }
    if (task instanceof FindFault t) {
      return new Tried.Found(where(t), t.fault(), 4);
    }
    if (task instanceof PutInOrder t) {
      return new Tried.Ordered(Order.sorted(t.plan()).moves().stream().map(Move::id).toList());
    }
    if (task instanceof WholeCut t) {
      return new Tried.Whole(
          t.wished().moves().stream().map(m -> new Tried.Led(m.id(), Map.of())).toList(),
          List.of());
    }
    return new Tried.Saved(((SaveIt) task).best().kind());
  }

  private static Tried.Held held(HoldIt t, double byElevation, double byFingers) {
    return new Tried.Held(
        ((Hold.Elevation) t.wish().hold()).elevationDeg() + byElevation,
        ((CutLine.Round) t.wish().line()).fingerDeg() + byFingers,
        t.wish().guide());
  }

  /** The named place where the planted fault is largest. */
  private static Place where(FindFault t) {
    Scalp s = Scalp.ofPlaces(Head.of(t.plan().head()));
    double[] has = PlanEngine.run(t.plan(), s).afterMm();
    double[] should = PlanEngine.run(t.wished(), s).afterMm();
    Place at = Place.APEX;
    for (Place p : Place.values()) {
      at =
          Math.abs(has[s.root(p)] - should[s.root(p)])
                  > Math.abs(has[s.root(at)] - should[s.root(at)])
              ? p
              : at;
    }
    return at;
  }

  private static Strokes centimetres(OneCentimetre t, double off) {
    List<Strokes.Stroke> all = new ArrayList<>();
    Head head = Head.of(t.plan().head());
    for (int k = 0; k < OneCentimetre.COLUMNS; k++) {
      double deg = OneCentimetre.columnDeg(k);
      double low = head.hairlineFromApexMm(Math.toRadians(deg));
      List<Strokes.At> track = new ArrayList<>();
      for (int i = 0; i <= 60; i++) {
        track.add(new Strokes.At(i / 20.0, deg, 1 - 90.0 * i / 60 / low, t.hadMm() - off, true));
      }
      all.add(new Strokes.Stroke(track));
    }
    return new Strokes(all, Comb.Tool.SCISSORS, 0.5, 30);
  }

  private static Strokes led(OverComb t, Comb as) {
    Scalp scalp = Scalp.of(Head.of(t.plan().head()), Practice.SITES);
    Zone zone = new Workbench(scalp).zone(t.wished().region("side"));
    List<Strokes.Stroke> all = new ArrayList<>();
    for (int deg = -180; deg < 180; deg += 6) {
      all.add(LedAsPlanned.stroke(as, zone, Math.toRadians(deg), 110, 3));
    }
    return new Strokes(all, Comb.Tool.CLIPPER, as.thicknessMm(), 15);
  }

  @ParameterizedTest
  @MethodSource("drills")
  void aPerfectHand_isPerfect_atEveryLevel(Drill d) {
    for (int level = 1; level <= Drill.LEVELS; level++) {
      Task t = task(d, level);
      Score s = t.score(perfect(t));
      assertThat(s.good()).as("%s at level %d: %s", d, level, s).isTrue();
      assertThat(s.cause()).isEqualTo(Cause.NONE);
      assertThat(s.share()).as("%s at level %d", d, level).isGreaterThan(0.93);
    }
  }

  @Test
  void noCut_isNone() {
    for (Drill d : List.of(Drill.ONE_CENTIMETRE, Drill.OVER_COMB)) {
      Score s = task(d, 1).score(new Tried.Combed(OverComb.comb()));
      assertThat(s.share()).isZero();
      assertThat(s.good()).isFalse();
      assertThat(s.cause()).isEqualTo(Cause.LEFT_UNCUT);
    }
    WithGuards g = (WithGuards) task(Drill.GUARDS, 1);
    Fade nowhere = new Fade(List.of(new Fade.Band(8, 0, 0, 1)), 0, 0, 0, null, 0);
    assertThat(g.score(new Tried.Guarded(nowhere)).share()).isZero();
    WhatLeaves w = (WhatLeaves) task(Drill.WHAT_LEAVES, 1);
    int other = (w.otherwise().indexOf(WhatLeaves.Otherwise.NOTHING) + 1) % 4;
    assertThat(w.score(new Tried.Chosen(other)).share()).isZero();
  }

  @ParameterizedTest
  @MethodSource("drills")
  void theSameSeed_isTheSameHeadAndTheSameScore_anotherIsAnother(Drill d) {
    Task a = task(d, 3);
    Task b = task(d, 3);
    assertThat(a.plan()).isEqualTo(b.plan());
    assertThat(a.score(perfect(a))).isEqualTo(b.score(perfect(b)));
    if (d != Drill.PUT_IN_ORDER && d != Drill.SAVE_IT) {
      assertThat(Task.of(d, SEED + 1, 3, shapes()).plan()).isNotEqualTo(a.plan());
    }
  }

  @Test
  void aCombThatErrs_isToldHow_andTheHandIsSeen() {
    OverComb t = (OverComb) task(Drill.OVER_COMB, 4);
    Comb w = t.wish();
    assertThat(cause(t, new Comb(w.gapMm(), w.outDeg() - 12, 1.5, w.tool())))
        .isEqualTo(Cause.LEANED_IN);
    assertThat(cause(t, new Comb(w.gapMm(), w.outDeg() + 12, 1.5, w.tool())))
        .isEqualTo(Cause.LEANED_OUT);
    assertThat(cause(t, new Comb(w.gapMm() - 5, w.outDeg(), 1.5, w.tool())))
        .isEqualTo(Cause.BEGAN_NEAR);
    assertThat(cause(t, new Comb(w.gapMm() + 7, w.outDeg(), 1.5, w.tool())))
        .isEqualTo(Cause.BEGAN_FAR);
    Score s = t.score(new Tried.Combed(led(t, new Comb(w.gapMm() + 3, w.outDeg(), 1.5, w.tool()))));
    double gap =
        s.seen().stream()
            .filter(x -> x.skill() == Skill.COMB_GAP)
            .mapToDouble(Seen::off)
            .average()
            .orElseThrow();
    assertThat(gap).isBetween(2.0, 4.0);
  }

  private static Cause cause(OverComb t, Comb as) {
    return t.score(new Tried.Combed(led(t, as))).cause();
  }

  @Test
  void aCombThatDips_isSeenWhereItDipped() {
    OverComb t = (OverComb) task(Drill.OVER_COMB, 4);
    List<Strokes.Stroke> all = new ArrayList<>(led(t, t.wish()).strokes());
    Strokes.Stroke first =
        all.stream()
            .filter(s -> Math.abs(s.track().get(0).aroundDeg()) > 174)
            .findFirst()
            .orElseThrow();
    List<Strokes.At> dipped = new ArrayList<>();
    for (int k = 0; k < first.track().size(); k++) {
      Strokes.At a = first.track().get(k);
      double dip = 9 * Math.exp(-Math.pow((k - 20) / 4.0, 2));
      dipped.add(
          new Strokes.At(
              a.seconds(), a.aroundDeg(), a.share(), Math.max(0.5, a.gapMm() - dip), true));
    }
    all.add(new Strokes.Stroke(dipped));
    Score s = t.score(new Tried.Combed(new Strokes(all, Comb.Tool.CLIPPER, 0.5, 15)));
    assertThat(s.good()).isFalse();
    assertThat(s.cause()).isEqualTo(Cause.DIPPED);
    assertThat(Math.abs(s.worst().at().azimuthDeg())).isGreaterThan(165);
  }

  @Test
  void aCentimetreOfOnesOwn_isToldAsOne() {
    OneCentimetre t = (OneCentimetre) task(Drill.ONE_CENTIMETRE, 3);
    Score s = t.score(new Tried.Combed(centimetres(t, 14)));
    assertThat(s.mean()).isCloseTo(4, org.assertj.core.data.Offset.offset(0.6));
    assertThat(s.spread()).isLessThan(0.6);
    assertThat(s.cause()).isEqualTo(Cause.BEGAN_NEAR);
    assertThat(s.offs()).hasSize(12);
  }

  @Test
  void aBiteHeldLow_isToldSo_andAFingerFarOut() {
    HoldIt t = (HoldIt) task(Drill.HOLD, 3);
    assertThat(t.score(held(t, -25, 0)).cause()).isEqualTo(Cause.HELD_LOW);
    assertThat(t.score(held(t, 25, 0)).cause()).isEqualTo(Cause.HELD_HIGH);
    assertThat(t.score(held(t, 0, 25)).cause()).isEqualTo(Cause.FINGERS_OUT);
  }

  @Test
  void wideBites_creep_narrowOnesTakeLong_andOldToNewLoses() {
    WalkGuide t = (WalkGuide) task(Drill.WALK_GUIDE, 5);
    assertThat(walked(t, 4, Tried.Walked.Pair.NEW_WHERE_IT_GROWS).cause())
        .isEqualTo(Cause.BITES_WIDE);
    assertThat(walked(t, 40, Tried.Walked.Pair.NEW_WHERE_IT_GROWS).cause())
        .isEqualTo(Cause.TOO_MANY_BITES);
    Score back = walked(t, 8, Tried.Walked.Pair.BACK_TO_OLD);
    assertThat(back.cause()).isEqualTo(Cause.HELD_OVER);
    assertThat(back.worst().by()).isPositive();
    assertThat(walked(t, 8, Tried.Walked.Pair.ON_TO_NEW).worst().by()).isNegative();
    Score half =
        t.score(new Tried.Walked(List.of(new Tried.Walked.Bite(12, Tried.Walked.Pair.MIDDLE))));
    assertThat(half.cause()).isEqualTo(Cause.LEFT_UNCUT);
  }

  private static Score walked(WalkGuide t, int bites, Tried.Walked.Pair held) {
    double width = (t.fromMm() - t.toMm()) / bites;
    return t.score(
        new Tried.Walked(
            Collections.nCopies(bites, new Tried.Walked.Bite(Math.max(3, width), held))));
  }

  @ParameterizedTest
  @EnumSource(PlantedFault.class)
  void aPlantedFault_isFoundByTheEnginesOwnCheck(PlantedFault fault) {
    // The easier ones; a rise as smooth as the harder ones is seen by comparing places alone.
    for (int level = 1; level <= 2; level++) {
      FindFault t =
          FindFault.of(
              new kitetail.head.HeadSpec.Measured(572, null, null), fault, level % 2 == 0, level);
      Scalp s = Scalp.of(Head.of(t.plan().head()), Practice.SITES);
      List<String> without =
          Check.of(t.wished(), PlanEngine.run(t.wished(), s)).stream().map(f -> f.rule()).toList();
      List<String> with =
          Check.of(t.plan(), PlanEngine.run(t.plan(), s)).stream().map(f -> f.rule()).toList();
      List<String> more = new ArrayList<>(with);
      without.forEach(more::remove);
      assertThat(more).as("%s at level %d", fault, level).isNotEmpty();
    }
  }

  @ParameterizedTest
  @EnumSource(PlantedFault.class)
  void twoPlacesHeldAgainstEachOther_tellAnyFault_atEveryLevel(PlantedFault fault) {
    for (int level = 1; level <= Drill.LEVELS; level++) {
      FindFault t =
          FindFault.of(new kitetail.head.HeadSpec.Measured(572, null, null), fault, true, level);
      Scalp s = Scalp.ofPlaces(Head.of(t.plan().head()));
      double[] has = PlanEngine.run(t.plan(), s).afterMm();
      double[] places =
          Stream.of(Place.values()).mapToDouble(p -> has[s.root(p)]).sorted().toArray();
      assertThat(places[places.length - 1] - places[0])
          .as("%s at level %d", fault, level)
          .isGreaterThan(4);
    }
  }

  @Test
  void anotherPlaceOrAnotherCause_isHalfFound() {
    FindFault t =
        FindFault.of(
            new kitetail.head.HeadSpec.Measured(572, null, null),
            PlantedFault.ONE_SIDE_LONGER,
            true,
            2);
    assertThat(t.score(new Tried.Found(Place.EAR_TOP_LEFT, PlantedFault.GUIDE_CREPT, 3)).cause())
        .isEqualTo(Cause.HALF_FOUND);
    assertThat(t.score(new Tried.Found(Place.EAR_TOP_RIGHT, PlantedFault.GUIDE_CREPT, 3)).share())
        .isZero();
  }

  @Test
  void anOrderTurnedRound_isToldByItsRules() {
    PutInOrder t = (PutInOrder) task(Drill.PUT_IN_ORDER, 5);
    Tried turned = new Tried.Ordered(List.of("last", "rest", "guide"));
    assertThat(t.score(turned).good()).isFalse();
    assertThat(t.broken(turned)).hasSize(2);
    assertThat(t.score(turned).share()).isBetween(0.0, 1.0);
    assertThatThrownBy(() -> t.score(new Tried.Ordered(List.of("last", "rest"))))
        .hasMessage("moves must name each of the 3 moves once");
  }

  @Test
  void aWayOutThatIsNotThere_andAnAnswerOfAnotherDrill_areSaid() {
    SaveIt t = (SaveIt) task(Drill.SAVE_IT, 1);
    assertThat(t.ways().all()).isNotEmpty();
    if (t.ways().all().stream().noneMatch(w -> w.kind() == Repairs.Kind.MATCH)) {
      assertThatThrownBy(() -> t.score(new Tried.Saved(Repairs.Kind.MATCH)))
          .hasMessageContaining("not one of the ways out");
    }
    assertThatThrownBy(() -> t.score(new Tried.Chosen(0)))
        .hasMessage("this drill is answered by Saved, was Chosen");
    assertThatThrownBy(() -> Task.of(Drill.HOLD, 1, 6, List.of()))
        .hasMessage("level must be 1 to 5, was 6");
  }
}
