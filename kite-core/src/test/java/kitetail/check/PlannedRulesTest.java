package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kitetail.On;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.SkinNote;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Rules that ask how a cut was come by: each tripped by a plan, and not by one little different.
 */
class PlannedRulesTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp S = Scalp.of(Head.of(SPEC), 900);
  private static final Section ALL = new Section("all", "All", List.of());
  private static final Section TOP = part("top", 0, 400);
  private static final Section SIDES = part("sides", -400, 0);

  /**
   * @param trips what it is found in
   * @param doesNot what it is not
   */
  record Example(String finding, Plan trips, Plan doesNot) {
    @Override
    public String toString() {
      return finding;
    }
  }

  private static Section part(String id, double fromMm, double toMm) {
    return new Section(id, id, List.of(new Limit.Between(Scalar.ABOVE_RIDGE_MM, fromMm, toMm)));
  }

  private static Fingers round(double mm, double biteMm, Guide guide) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(mm), guide, Facing.BACK, biteMm);
  }

  private static Fingers round(double mm) {
    return round(mm, 12, new Guide.Travelling());
  }

  private static Move move(String id, String section, Cut cut) {
    return new Move(id, id, section, cut, Damp.DAMP, Move.Stand.BACK, "", "", false);
  }

  private static Plan plan(double startMm, List<Section> sections, Wishes w, Move... moves) {
    StartingHair start =
        StartingHair.Taped.six(startMm, startMm, startMm, startMm, startMm, startMm);
    return On.plan(SPEC, start, sections, List.of(moves), w, null);
  }

  private static Plan plan(double startMm, Cut... cuts) {
    Move[] moves = new Move[cuts.length];
    Arrays.setAll(moves, i -> move("m" + i, "all", cuts[i]));
    return plan(startMm, List.of(ALL), Wishes.NONE, moves);
  }

  private static Plan wished(Wish w) {
    return plan(100, List.of(ALL), Wishes.of(w), move("m", "all", round(60)));
  }

  private static Plan noted(SkinNote... notes) {
    return On.plan(
        SPEC,
        StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
        List.of(ALL),
        List.of(move("m", "all", round(60))),
        Wishes.NONE,
        new Cautions(List.of(notes), "", new Consent(false, "", false, true)));
  }

  private static Plan alone(Place p) {
    return plan(
        100,
        List.of(TOP, SIDES),
        new Wishes(
            null, Set.of(p), null, null, null, null, null, null, null, null, null, null, null),
        move("m", "top", round(60)));
  }

  private static Plan dosed(double share, double depthMm) {
    return plan(100, round(80), new Texture(Texture.Tool.CARVING_FULL, share, depthMm, 2));
  }

  private static Plan hardLine(boolean asked) {
    Move line =
        move("m", "all", new Edge(new Outline.HardLine(Place.FRONT, Place.RECESSION_LEFT, 3), 0.5))
            .as(Job.HARD_LINE);
    return plan(60, List.of(ALL), Wishes.NONE, asked ? line.asked() : line);
  }

  private static Plan fringe(Damp damp) {
    return plan(
        100, List.of(ALL), Wishes.NONE, move("m", "all", round(60)).as(Job.FRINGE).with(damp));
  }

  private static Plan halfMoon(double raiseMm) {
    return plan(60, new Edge(new Outline.HalfMoon(Outline.Side.LEFT, raiseMm), 0.5));
  }

  private static Plan waits(boolean kept) {
    Move first = move("a", "all", round(60));
    Move second = move("b", "all", round(50)).after(List.of("a"));
    return plan(100, List.of(ALL), Wishes.NONE, kept ? first : second, kept ? second : first);
  }

  private static Plan circle(boolean closed) {
    return plan(
        100,
        List.of(ALL),
        Wishes.NONE,
        move("a", "all", round(60)).after(closed ? List.of("b") : List.of()),
        move("b", "all", round(50)).after(List.of("a")));
  }

  private static Plan parts(List<Section> sections, double topMm, double sidesMm) {
    return plan(
        120,
        sections,
        Wishes.NONE,
        move("t", sections.get(0).id(), round(topMm)),
        move("s", sections.get(sections.size() - 1).id(), round(sidesMm)));
  }

  static Stream<Example> examples() {
    Comb comb = new Comb(10, 0, 2, Comb.Tool.SCISSORS);
    CutLine.Flat level = new CutLine.Flat(Facing.UP, Place.FRONT, 10, 0);
    Fingers under =
        new Fingers(new Hold.Toward(Facing.UP), level, new Guide.Travelling(), Facing.BACK, 12);
    return Stream.of(
        new Example("bulk-before-comb", plan(120, comb), plan(120, round(50), comb)),
        new Example("does-not-reach", plan(40, round(60)), plan(80, round(60))),
        new Example(
            "bite-wide",
            plan(100, round(60, 26, new Guide.Travelling())),
            plan(100, round(60, 18, new Guide.Travelling()))),
        new Example("line-meets-skin", plan(100, under), plan(100, round(10))),
        new Example("texture-over", dosed(0.5, 70), dosed(0.15, 20)),
        new Example(
            "old-to-new",
            plan(100, round(60, 12, new Guide.NewBite())),
            plan(100, round(60, 12, new Guide.LastBite()))),
        new Example("hairline-pushed", halfMoon(9), halfMoon(3)),
        new Example("ask-first", hardLine(false), hardLine(true)),
        new Example("ask-first", fringe(Damp.DAMP), fringe(Damp.DRY)),
        new Example(
            "takes-nothing",
            plan(10, new Guard(4, 0, Guard.Grain.AGAINST, null)),
            plan(20, new Guard(4, 0, Guard.Grain.AGAINST, null))),
        new Example(
            "wish-too-short", wished(new Wish(Place.APEX, 75)), wished(new Wish(Place.APEX, 55))),
        // A hair of 70 µm bears itself to about 89 mm (Greenhill, 1881).
        new Example(
            "wish-stands",
            wished(Wish.standing(Place.APEX, 130)),
            wished(Wish.standing(Place.APEX, 50))),
        new Example(
            "skin-stop",
            noted(new SkinNote(SkinNote.Kind.BROKEN_SKIN, Place.NAPE, "")),
            noted(new SkinNote(SkinNote.Kind.MOLE, Place.NAPE, ""))),
        new Example("skin-place", noted(new SkinNote(SkinNote.Kind.MOLE, Place.NAPE, "")), noted()),
        new Example("leave-alone", alone(Place.APEX), alone(Place.NAPE)),
        new Example(
            "section-gap",
            parts(List.of(TOP, part("sides", -400, -25)), 60, 60),
            parts(List.of(TOP, SIDES), 60, 60)),
        new Example(
            "section-overlap",
            parts(List.of(part("top", -25, 400), SIDES), 60, 60),
            parts(List.of(TOP, SIDES), 60, 60)),
        new Example(
            "ledge", parts(List.of(TOP, SIDES), 90, 30), parts(List.of(TOP, SIDES), 60, 60)),
        new Example("order-declared", waits(false), waits(true)),
        new Example("order-circle", circle(true), circle(false)));
  }

  @ParameterizedTest
  @MethodSource("examples")
  void aPlanThatTripsIt_andOneThatDoesNot(Example e) {
    assertThat(On.found(e.trips(), S))
        .allSatisfy(
            f ->
                assertThat(f.severity())
                    .as(f.rule() + " is no graver than is told of it")
                    .isGreaterThanOrEqualTo(Check.severities().get(f.rule())))
        .extracting(Finding::rule)
        .as("what is done wrong")
        .contains(e.finding());
    assertThat(On.found(e.doesNot(), S))
        .extracting(Finding::rule)
        .as("what is done right")
        .doesNotContain(e.finding());
  }
}
