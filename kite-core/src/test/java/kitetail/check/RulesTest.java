package kitetail.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.Blade;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Texture;
import kitetail.fall.Styling;
import kitetail.hair.Damp;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.Stock;
import kitetail.hair.WetDry;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.look.Ears;
import kitetail.look.Landing;
import kitetail.look.Look;
import kitetail.look.Side;
import kitetail.look.Skin;
import kitetail.look.Standing;
import kitetail.look.Weight;
import kitetail.look.WeightLine;
import kitetail.plan.Around;
import kitetail.plan.Finding;
import kitetail.plan.Job;
import kitetail.plan.Ledge;
import kitetail.plan.Meant;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Cover;
import kitetail.section.Facing;
import kitetail.section.Parting;
import kitetail.section.Section;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Each rule has a cut that trips it and one, little different, that does not. */
class RulesTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp S = Scalp.of(Head.of(SPEC), 900);

  /** Lengths before and after each move, as if by its cut. */
  private static final class Case {
    private final List<Outcome.Step> steps = new ArrayList<>();
    private double[] now;
    private final double[] first;
    private Wishes wishes = Wishes.NONE;
    private Styling styling = Styling.NATURAL;
    private Hair hair = Hair.DEFAULT;
    private Look look;
    List<Ledge> ledges = List.of();

    Case(IntToDoubleFunction startMm) {
      now = IntStream.range(0, S.roots()).mapToDouble(startMm).toArray();
      first = now;
    }

    static Case even(double mm) {
      return new Case(i -> mm);
    }

    Case cut(Cut cut, Job job, Damp damp, IntToDoubleFunction leaves) {
      double[] left = now.clone();
      for (int i = 0; i < left.length; i++) {
        left[i] = Math.min(left[i], leaves.applyAsDouble(i));
      }
      Move m =
          new Move("m" + steps.size(), "m", "all", cut, damp, Move.Stand.BACK, "", "", false)
              .as(job);
      int[] roots = IntStream.range(0, S.roots()).toArray();
      double taken = 0;
      for (int i = 0; i < left.length; i++) {
        taken = Math.max(taken, now[i] - left[i]);
      }
      double area = taken > 0 ? 100 : 0;
      steps.add(
          new Outcome.Step(
              m, cut, roots, Stock.of(left), 1, 0, 1, area, taken, 0, null, List.of()));
      now = left;
      return this;
    }

    Case cut(Cut cut, Damp damp, double mm) {
      return cut(cut, null, damp, i -> mm);
    }

    Case wished(Wishes w) {
      wishes = w;
      return this;
    }

    Case styled(Styling s) {
      styling = s;
      return this;
    }

    Case of(Hair h) {
      hair = h;
      return this;
    }

    Case stepped(Ledge... l) {
      ledges = List.of(l);
      return this;
    }

    Case seen(Look l) {
      look = l;
      return this;
    }

    List<Finding> found(Rule rule) {
      Plan plan =
          On.plan(
                  SPEC,
                  StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
                  List.of(new Section("all", "All", List.of())),
                  steps.stream().map(Outcome.Step::move).toList(),
                  wishes,
                  null)
              .worn(styling)
              .withHair(hair);
      Outcome o =
          new Outcome(
              S,
              Around.of(S),
              Stock.of(first),
              steps,
              List.of(),
              new Cover(List.of(), List.of()),
              List.of(),
              List.of(),
              ledges,
              List.of());
      Found out = new Found();
      out.of(rule);
      rule.find(new Evidence(plan, o, look), out);
      return out.all();
    }
  }

  private static Fingers fingers(Guide guide) {
    return new Fingers(new Hold.StraightOut(), new CutLine.Round(60), guide, Facing.BACK, 12);
  }

  private static Fingers loose() {
    return new Fingers(
        new Hold.StraightOut(),
        new CutLine.Round(60),
        new Guide.Travelling(),
        new Parting.Across(Facing.BACK),
        12,
        Fingers.Tension.NONE,
        0,
        null);
  }

  private static final Cut TRAVELLING = fingers(new Guide.Travelling());
  private static final Cut GUARD = new Guard(3, 0, Guard.Grain.AGAINST, null, 0);
  private static final Cut CLIPPER = new Comb(6, 0, 2, Comb.Tool.CLIPPER);
  private static final Cut SCISSORS = new Comb(6, 0, 2, Comb.Tool.SCISSORS);
  private static final Cut RAZOR = new Texture(Texture.Tool.RAZOR, 0, 0, 1);

  private static IntToDoubleFunction near(Place p, double reach, double here, double elsewhere) {
    return i -> S.pointMm(i).distanceTo(S.head().place(p)) < reach ? here : elsewhere;
  }

  private static Look look(
      List<Landing> landings,
      Ears ears,
      List<Standing> standing,
      List<WeightLine> lines,
      List<Weight.Hole> holes,
      List<Skin> skin) {
    return new Look(null, landings, ears, standing, List.of(), null, lines, holes, List.of(), skin);
  }

  private static Case lines(WeightLine... l) {
    return Case.even(50)
        .seen(look(List.of(), new Ears(0, 0), List.of(), List.of(l), List.of(), List.of()));
  }

  private static Case holes(Weight.Hole... h) {
    return Case.even(50)
        .seen(look(List.of(), new Ears(0, 0), List.of(), List.of(), List.of(h), List.of()));
  }

  private static Case fringe(Wishes.Fringe wished, FacePlace place, double ofHairlineMm) {
    return Case.even(50)
        .wished(answers(wished, null, null))
        .seen(
            look(
                List.of(new Landing(Side.FRINGE, place, 0, ofHairlineMm)),
                new Ears(0, 0),
                List.of(),
                List.of(),
                List.of(),
                List.of()));
  }

  private static Case ears(Wishes.Ear wished, double share) {
    return Case.even(50)
        .wished(answers(null, wished, null))
        .seen(look(List.of(), new Ears(share, share), List.of(), List.of(), List.of(), List.of()));
  }

  private static Case skin(Wishes.NapeEdge wished, double heightMm) {
    return Case.even(50)
        .wished(answers(null, null, wished))
        .seen(
            look(
                List.of(),
                new Ears(0, 0),
                List.of(),
                List.of(),
                List.of(),
                List.of(new Skin(Side.NAPE, heightMm, 0.3, 0.5))));
  }

  private static Wishes answers(Wishes.Fringe f, Wishes.Ear e, Wishes.NapeEdge n) {
    return new Wishes(null, null, e, null, n, f, null, null, null, null, null, null, null);
  }

  private record Pair(Rule rule, Case trips, Case doesNot) {}

  private static List<Pair> pairs() {
    List<Pair> all = new ArrayList<>();
    Hair fine = new Hair(60, 0.36, 150, 50, WetDry.STRAIGHT, Growth.USUAL, List.of());
    Cut carving = new Texture(Texture.Tool.CARVING_FULL, 0.45, 40, 2);
    all.add(
        new Pair(
            new FineThinned(),
            Case.even(80).of(fine).cut(carving, Damp.DRY, 80),
            Case.even(80).cut(carving, Damp.DRY, 80)));
    all.add(
        new Pair(
            new CutOnWhorl(),
            Case.even(90).cut(TRAVELLING, Damp.DAMP, 30),
            Case.even(90).cut(TRAVELLING, Damp.DAMP, 70)));
    all.add(
        new Pair(new CornerAtRidge(), new Case(near(Place.RIDGE_LEFT, 14, 60, 40)), Case.even(60)));
    all.add(new Pair(new PointOnTop(), new Case(near(Place.APEX, 12, 60, 45)), Case.even(60)));
    all.add(new Pair(new PointAtNape(), new Case(near(Place.NAPE, 14, 40, 20)), Case.even(40)));
    all.add(
        new Pair(
            new OutlineNicked(),
            Case.even(90)
                .cut(TRAVELLING, Job.OUTLINE, Damp.DAMP, i -> 70)
                .cut(TRAVELLING, Job.LENGTH, Damp.DAMP, i -> 50),
            Case.even(90)
                .cut(TRAVELLING, Job.OUTLINE, Damp.DAMP, i -> 70)
                .cut(TRAVELLING, Job.LENGTH, Damp.DAMP, i -> S.aboveHairlineMm(i) < 20 ? 70 : 50)));
    Hair curly = new Hair(60, 0.36, 200, 70, new WetDry(0.05, 0.8), Growth.USUAL, List.of());
    all.add(
        new Pair(
            new EarSpring(),
            Case.even(90).of(curly).cut(TRAVELLING, Damp.WET, 60),
            Case.even(90).cut(loose(), Damp.DRY, 60)));
    all.add(
        new Pair(
            new WetReserve(),
            Case.even(90).of(curly).cut(TRAVELLING, Job.FRINGE, Damp.WET, i -> 60),
            Case.even(90).of(curly).cut(TRAVELLING, Job.FRINGE, Damp.DRY, i -> 60)));
    all.add(
        new Pair(
            new DryToolOnWet(),
            Case.even(30).cut(CLIPPER, Damp.WET, 8),
            Case.even(30).cut(SCISSORS, Damp.WET, 8)));
    all.add(
        new Pair(
            new DryToolOnWet(),
            Case.even(30).cut(GUARD, Damp.WET, 8),
            Case.even(30).cut(GUARD, Damp.DRY, 8)));
    all.add(
        new Pair(
            new WetToolOnDry(),
            Case.even(80).cut(RAZOR, Damp.DRY, 80),
            Case.even(80).cut(RAZOR, Damp.DAMP, 80)));
    all.add(
        new Pair(
            new WetToolOnDry(),
            Case.even(80).cut(loose().with(Blade.RAZOR_SHORT), Damp.DRY, 60),
            Case.even(80).cut(loose().with(Blade.TORN_DRY), Damp.DRY, 60)));
    Cut toTheFront = fingers(new Guide.Fixed(Place.FRONT, Guide.Gather.SPOT));
    Cut toTheCrown = fingers(new Guide.Fixed(Place.APEX, Guide.Gather.SPOT));
    all.add(
        new Pair(
            new HandReach(),
            Case.even(200).cut(toTheFront, Damp.DAMP, 100),
            Case.even(200).cut(toTheCrown, Damp.DAMP, 100)));
    Cut back = fingers(new Guide.LastBite());
    all.add(
        new Pair(
            new FrontShortest(),
            Case.even(120)
                .cut(back, Damp.DAMP, 90)
                .cut(TRAVELLING, Job.FRINGE, Damp.DRY, near(Place.FRONT, 30, 60, 200)),
            Case.even(120)
                .cut(TRAVELLING, Job.FRINGE, Damp.DRY, near(Place.FRONT, 30, 60, 200))
                .cut(back, Damp.DAMP, 90)));
    all.add(
        new Pair(
            new MohawkLook(),
            new Case(i -> Math.abs(S.pointMm(i).x()) < 25 ? 80 : 10),
            new Case(i -> Math.abs(S.pointMm(i).x()) < 25 ? 80 : 50)));
    all.add(
        new Pair(new LeftRight(), new Case(i -> S.pointMm(i).x() > 0 ? 60 : 40), Case.even(50)));
    // Longer on one side only between the places that have names.
    all.add(
        new Pair(
            new LeftRight(),
            new Case(i -> S.pointMm(i).x() > 25 && S.pointMm(i).y() < -30 ? 75 : 60),
            new Case(i -> S.pointMm(i).y() < -30 ? 75 : 60)));
    all.add(
        new Pair(
            new HoleAtFront(),
            holes(new Weight.Hole(Place.RECESSION_LEFT, 0.2)),
            holes(new Weight.Hole(Place.RIDGE_LEFT, 0.2))));
    // Under a jump that is meant there, as where a fringe lies over a short temple, it is no hole.
    Ledge meant = new Ledge(50, 20, 0, Place.RECESSION_LEFT, "all", "all", true);
    all.add(
        new Pair(
            new HoleAtFront(),
            holes(new Weight.Hole(Place.RECESSION_LEFT, 0.2)),
            holes(new Weight.Hole(Place.RECESSION_LEFT, 0.2)).stepped(meant)));
    all.add(
        new Pair(
            new Hole(),
            holes(new Weight.Hole(Place.RIDGE_LEFT, 0.2)),
            holes(new Weight.Hole(Place.RECESSION_LEFT, 0.2))));
    all.add(
        new Pair(
            new HairlineShows(),
            fringe(Wishes.Fringe.BROW, null, -20),
            fringe(Wishes.Fringe.BROW, FacePlace.BROW_RIGHT, 60)));
    all.add(
        new Pair(
            new HairlineShows(),
            fringe(Wishes.Fringe.SHORT, null, -20),
            fringe(Wishes.Fringe.NONE, null, -20)));
    double brow = S.head().place(Place.FRONT).z() - S.head().face().get(FacePlace.BROW_RIGHT).z();
    all.add(
        new Pair(
            new FringeLands(),
            fringe(Wishes.Fringe.BROW, FacePlace.NOSE_TIP, brow + 30),
            fringe(Wishes.Fringe.BROW, FacePlace.BROW_RIGHT, brow + 3)));
    for (Object[] e :
        new Object[][] {
          {Wishes.Ear.FREE, 0.4, 0.05},
          {Wishes.Ear.TOUCHING, 0.6, 0.2},
          {Wishes.Ear.HALF, 0.1, 0.5},
          {Wishes.Ear.COVERED, 0.5, 0.95}
        }) {
      all.add(
          new Pair(
              new EarCover(),
              ears((Wishes.Ear) e[0], (double) e[1]),
              ears((Wishes.Ear) e[0], (double) e[2])));
    }
    all.add(
        new Pair(
            new SkinShows(), skin(Wishes.NapeEdge.NATURAL, 20), skin(Wishes.NapeEdge.TAPERED, 20)));
    all.add(new Pair(new SkinShows(), skin(null, 20), skin(null, 8)));
    all.add(
        new Pair(
            new StandsOff(),
            Case.even(30)
                .seen(
                    look(
                        List.of(),
                        new Ears(0, 0),
                        List.of(new Standing(Place.DROP_CROWN, 25, 14, 0.5)),
                        List.of(),
                        List.of(),
                        List.of())),
            lines()));
    WeightLine round = new WeightLine(Place.EAR_TOP_LEFT, -20, 0, 360, 0.6, 5);
    all.add(new Pair(new HelmetLook(), lines(round), lines(round).cut(RAZOR, Damp.DAMP, 50)));
    WeightLine slab = new WeightLine(Place.NAPE, -190, 140, 220, 0.6, 5);
    WeightLine loose = new WeightLine(Place.NAPE, -190, 140, 220, 0.3, 5);
    all.add(new Pair(new SlabTail(), lines(slab), lines(loose)));
    return all;
  }

  @TestFactory
  List<DynamicTest> everyRule_tripsOnOneCut_andNotOnAnother() {
    Map<String, DynamicTest> tests = new LinkedHashMap<>();
    for (Pair p : pairs()) {
      String name = p.rule().id() + " " + tests.size();
      tests.put(
          name,
          DynamicTest.dynamicTest(
              name,
              () -> {
                assertThat(p.trips().found(p.rule()))
                    .isNotEmpty()
                    .allSatisfy(
                        f -> {
                          assertThat(f.rule()).isEqualTo(p.rule().id());
                          assertThat(f.place()).isNotNull();
                          assertThat(f.amount()).isFinite();
                          assertThat(f.severity())
                              .as("no graver than the rule says")
                              .isGreaterThanOrEqualTo(p.rule().severity());
                        });
                assertThat(p.doesNot().found(p.rule())).isEmpty();
              }));
    }
    return List.copyOf(tests.values());
  }

  /** A rule that nothing trips, or that everything does, is none. */
  @Test
  void everyRuleHasAnIdOfItsOwn_andExamples() {
    assertThat(Check.rules().stream().map(Rule::id)).doesNotHaveDuplicates().hasSizeGreaterThan(35);
    Set<String> shown = pairs().stream().map(p -> p.rule().id()).collect(Collectors.toSet());
    PlannedRulesTest.examples().map(PlannedRulesTest.Example::finding).forEach(shown::add);
    assertThat(Check.rules())
        .allSatisfy(
            r -> assertThat(r.finds().stream().anyMatch(shown::contains)).as(r.id()).isTrue());
  }

  @Test
  void whatIsAnsweredAsMeant_staysAnswered_andComesLast() {
    Plan bare =
        On.plan(
            SPEC,
            StartingHair.Taped.six(100, 100, 100, 100, 100, 100),
            List.of(new Section("all", "All", List.of())),
            List.of(
                new Move(
                    "wide",
                    "wide",
                    "all",
                    new Fingers(
                        new Hold.StraightOut(),
                        new CutLine.Round(40),
                        new Guide.NewBite(),
                        Facing.BACK,
                        26),
                    Damp.DAMP,
                    Move.Stand.BACK,
                    "",
                    "",
                    false)),
            Wishes.NONE,
            null);
    List<Finding> before = On.found(bare, S);
    assertThat(before).extracting(Finding::rule).contains("bite-wide", "old-to-new");
    Finding first = before.get(0);
    Plan answered =
        new Plan(
            bare.version(),
            bare.title(),
            bare.head(),
            bare.hair(),
            bare.start(),
            bare.kit(),
            bare.pace(),
            bare.school(),
            bare.sections(),
            bare.moves(),
            bare.jumps(),
            bare.wishes(),
            bare.cautions(),
            bare.family(),
            bare.styling(),
            List.of(new Meant(first.rule(), first.move(), null, "quick")));
    List<Finding> after = Check.of(answered, PlanEngine.run(answered, S));
    assertThat(after).hasSameSizeAs(before);
    assertThat(after.get(after.size() - 1).rule()).isEqualTo(first.rule());
    assertThat(after.get(after.size() - 1).meant().note()).isEqualTo("quick");
    assertThat(after.get(0).meant()).isNull();
  }
}
