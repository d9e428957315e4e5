package kitetail.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kitetail.On;
import kitetail.check.Check;
import kitetail.client.Reading;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlanEngineTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(573, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 1200);
  private static final StartingHair TAPED = StartingHair.Taped.six(110, 100, 90, 60, 70, 45);
  private static final List<Section> SECTIONS =
      List.of(
          new Section("all", "All", List.of()),
          new Section("top", "Top", List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, 0, 400))),
          new Section(
              "below",
              "Below the ridge",
              List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, -400, 0))),
          new Section("back", "Back", List.of(new Limit.Between(Scalar.AROUND_DEG, 130, -130))));

  private static Plan plan(List<Move> moves, List<Wish> wishes) {
    return On.plan(SPEC, TAPED, SECTIONS, moves, Wishes.of(wishes.toArray(Wish[]::new)), null);
  }

  private static Move move(String id, String section, Cut cut) {
    return new Move(id, id, section, cut, null, null, null, null, false);
  }

  private static Cut randomCut(Random r) {
    double length = r.nextDouble() * 120;
    Facing progress = Facing.values()[r.nextInt(6)];
    Hold hold =
        switch (r.nextInt(3)) {
          case 0 -> new Hold.StraightOut();
          case 1 -> new Hold.Elevation(r.nextDouble() * 180);
          default -> new Hold.Toward(Facing.values()[r.nextInt(6)]);
        };
    CutLine line =
        r.nextBoolean()
            ? new CutLine.Round(length)
            : new CutLine.Flat(
                Facing.values()[r.nextInt(6)],
                Place.values()[r.nextInt(Place.values().length)],
                length,
                r.nextDouble() * 80 - 40);
    Guide guide =
        switch (r.nextInt(3)) {
          case 0 -> new Guide.Travelling();
          case 1 -> new Guide.LastBite();
          default ->
              new Guide.Fixed(
                  Place.values()[r.nextInt(Place.values().length)],
                  r.nextBoolean() ? Guide.Gather.ROW : Guide.Gather.SPOT);
        };
    return switch (r.nextInt(4)) {
      case 0 -> new Comb(r.nextDouble() * 20, r.nextDouble() * 60, 2, Comb.Tool.CLIPPER);
      case 1 ->
          new Guard(
              r.nextInt(9),
              0,
              Guard.Grain.WITH,
              r.nextBoolean() ? null : new Guard.RockOut(Scalar.ABOVE_HAIRLINE_MM, 30, 40));
      default -> new Fingers(hold, line, guide, progress, 8 + r.nextDouble() * 20);
    };
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void hairOnlyGetsShorter_whateverThePlan(long seed) {
    Random r = new Random(seed);
    List<Move> moves = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      moves.add(move("m" + i, SECTIONS.get(r.nextInt(SECTIONS.size())).id(), randomCut(r)));
    }
    Outcome o = PlanEngine.run(plan(moves, List.of()), SCALP);
    double[] before = o.beforeMm();
    for (Outcome.Step s : o.steps()) {
      for (int i = 0; i < before.length; i++) {
        assertThat(s.leftMm()[i]).isGreaterThanOrEqualTo(0).isLessThanOrEqualTo(before[i]);
      }
      before = s.leftMm();
    }
  }

  @Test
  void hairOutsideTheSection_isNeverTouched() {
    Outcome o =
        PlanEngine.run(
            plan(
                List.of(move("g", "below", new Guard(1, 0, Guard.Grain.AGAINST, null))), List.of()),
            SCALP);
    for (int i = 0; i < SCALP.roots(); i++) {
      double after = o.afterMm()[i];
      assertThat(after)
          .isEqualTo(
              SCALP.aboveRidgeMm(i) >= 0 ? o.beforeMm()[i] : Math.min(o.beforeMm()[i], 3.175));
    }
  }

  @Test
  void theSamePlan_givesTheSameNumbersToTheLastBit() {
    List<Move> moves =
        List.of(
            move("a", "all", new Comb(8, 10, 2, Comb.Tool.SCISSORS)),
            move(
                "b",
                "top",
                new Fingers(
                    new Hold.StraightOut(),
                    new CutLine.Round(50),
                    new Guide.LastBite(),
                    Facing.FRONT,
                    12)));
    assertThat(PlanEngine.run(plan(moves, List.of()), SCALP).afterMm())
        .isEqualTo(PlanEngine.run(plan(moves, List.of()), SCALP).afterMm());
  }

  @Test
  void keptWork_changesNoNumber() {
    Workbench bench = new Workbench(SCALP);
    Random r = new Random(99);
    for (int k = 0; k < 12; k++) {
      List<Move> moves = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        moves.add(
            move(
                "m" + i,
                SECTIONS.get(r.nextInt(SECTIONS.size())).id(),
                randomCut(new Random(r.nextInt(6)))));
      }
      Plan p = plan(moves, List.of());
      assertThat(PlanEngine.run(p, bench).afterMm()).isEqualTo(PlanEngine.run(p, SCALP).afterMm());
    }
  }

  @Test
  void startingLengths_areExactAtThePlacesAndNeverOvershoot() {
    double[] start = StartingLengths.spread(SCALP, TAPED, kitetail.hair.Hair.DEFAULT);
    assertThat(start[SCALP.root(Place.FRONT)]).isCloseTo(110, within(0.5));
    assertThat(start[SCALP.root(Place.NAPE)]).isCloseTo(45, within(0.5));
    assertThat(java.util.Arrays.stream(start).boxed()).allMatch(l -> l >= 45 && l <= 110);
  }

  @Test
  void aGuideLongerThanTheHair_isToldAsAShortfallAndAsWeeks() {
    Move m =
        move(
            "long",
            "top",
            new Fingers(
                new Hold.StraightOut(),
                new CutLine.Round(150),
                new Guide.Travelling(),
                Facing.BACK,
                12));
    Plan p = plan(List.of(m), List.of(new Wish(Place.APEX, 125.2)));
    Outcome o = PlanEngine.run(p, SCALP);
    assertThat(o.steps().get(0).shortfallMm()).isBetween(40.0, 105.0);
    assertThat(o.steps().get(0).cutAreaMm2()).isZero();
    Reading w = o.wishes().get(0);
    assertThat(w.shortMm()).isCloseTo(25.2, within(0.5));
    assertThat(w.weeks()).isCloseTo(25.2 / 0.36 / 7, within(0.3));
    assertThat(Check.of(p, o))
        .extracting(Finding::rule)
        .contains("does-not-reach", "wish-too-short", "takes-nothing");
  }

  @Test
  void longHairOverTheComb_isAFinding_andBulkFirstRemovesIt() {
    Move comb = move("comb", "top", new Comb(6, 0, 2, Comb.Tool.CLIPPER));
    Move bulk =
        move(
            "bulk",
            "top",
            new Fingers(
                new Hold.StraightOut(),
                new CutLine.Round(50),
                new Guide.Travelling(),
                Facing.BACK,
                12));
    assertThat(On.found(plan(List.of(comb), List.of()), SCALP))
        .extracting(Finding::rule)
        .contains("bulk-before-comb");
    assertThat(On.found(plan(List.of(bulk, comb), List.of()), SCALP))
        .extracting(Finding::rule)
        .doesNotContain("bulk-before-comb");
  }

  @Test
  void aBoldBite_andALineUnderTheSkin_areFindings() {
    Cut wide =
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(40), new Guide.Travelling(), Facing.BACK, 26);
    Cut under =
        new Fingers(
            new Hold.Toward(Facing.UP),
            new CutLine.Flat(Facing.UP, Place.FRONT, 10, 0),
            new Guide.Travelling(),
            Facing.BACK,
            12);
    List<Finding> found =
        On.found(plan(List.of(move("w", "top", wide), move("u", "top", under)), List.of()), SCALP);
    assertThat(found).extracting(Finding::rule).contains("bite-wide", "line-meets-skin");
    assertThat(found.get(0).severity()).isEqualTo(Finding.Severity.STOP);
  }

  @Test
  void aMoveOnAnUnknownSection_isRefusedByName() {
    Move m = move("m", "fringe", new Guard(1, 0, Guard.Grain.WITH, null));
    assertThatThrownBy(() -> plan(List.of(m), List.of()))
        .hasMessageContaining("fringe")
        .hasMessageContaining("top");
  }

  @Test
  void minutes_areBitesTimesTheStylistsSeconds() {
    Move m = move("g", "all", new Guard(4, 0, Guard.Grain.AGAINST, null));
    Outcome.Step s = PlanEngine.run(plan(List.of(m), List.of()), SCALP).steps().get(0);
    // Six seconds a pass, and twenty to put the attachment on.
    assertThat(s.minutes()).isCloseTo((s.bites() * 6 + 20) / 60.0, within(1e-12));
  }
}
