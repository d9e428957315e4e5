package kitetail.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.On;
import kitetail.client.Wishes;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.hair.Damp;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Section;
import org.junit.jupiter.api.Test;

class GrowthTest {
  private static final HeadSpec SPEC = new HeadSpec.Measured(570, null, null);
  private static final Scalp SCALP = Scalp.of(Head.of(SPEC), 800);
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(SCALP.head()));

  /** Loussouarn and others (2001, 2005), from memory: people grow 0.2 to 0.5 mm a day. */
  @Test
  void ratesLieInsidePublishedRanges() {
    Rate usual = Rate.of(Hair.DEFAULT);
    assertThat(usual.mmPerWeek() / 7).isBetween(0.26, 0.41);
    assertThat(usual.slowMmPerWeek() / 7).isBetween(0.2, usual.mmPerWeek() / 7);
    assertThat(usual.fastMmPerWeek() / 7).isBetween(usual.mmPerWeek() / 7, 0.5);
  }

  @Test
  void weeksAreMillimetresOverTheRate_soonerForTheFast() {
    Weeks w = Rate.of(new Hair(60, 0.4)).weeksFor(28);
    assertThat(w.mean()).isCloseTo(10, within(1e-9));
    assertThat(w.early()).isBetween(8.0, 9.0);
    assertThat(w.late()).isBetween(11.5, 13.0);
    assertThat(Rate.of(Hair.DEFAULT).weeksFor(-5)).isEqualTo(Weeks.NOW);
  }

  @Test
  void grownHairKeepsItsShares() {
    Stock s = Stock.of(new double[] {80, 40}).texturised(new int[] {0}, 0.3, new double[] {20}, 2);
    Stock g = s.grown(12);
    for (int root = 0; root < 2; root++) {
      assertThat(g.lengths(root)).isEqualTo(s.lengths(root));
      for (int k = 0; k < s.lengths(root); k++) {
        assertThat(g.share(root, k)).isEqualTo(s.share(root, k));
        assertThat(g.lengthMm(root, k)).isCloseTo(s.lengthMm(root, k) + 12, within(1e-9));
      }
      assertThat(g.meanMm(root)).isCloseTo(s.meanMm(root) + 12, within(1e-9));
    }
  }

  private static Plan plan(double startMm, Move... moves) {
    StartingHair start =
        StartingHair.Taped.six(startMm, startMm, startMm, startMm, startMm, startMm);
    Section all = new Section("all", "All", List.of());
    return On.plan(SPEC, start, List.of(all), List.of(moves), Wishes.NONE, null);
  }

  private static Move round(double mm) {
    return new Move(
        "round",
        "round",
        "all",
        new Fingers(
            new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12),
        Damp.DRY,
        Move.Stand.BACK,
        "",
        "",
        false);
  }

  @Test
  void theRidgeIsHeavyAgain_whenItHasGrownTheShareTheClientBears() {
    Plan p = plan(120, round(50));
    Outgrown o = Outgrown.of(p, PlanEngine.run(p, SCALP), Limits.USUAL);
    Outgrown.Sign ridge =
        o.signs().stream()
            .filter(s -> s.what() == Outgrown.What.RIDGE_WEIGHT)
            .findFirst()
            .orElseThrow();
    assertThat(ridge.growMm()).isCloseTo(0.4 * 50, within(0.1));
    assertThat(ridge.weeks().mean()).isCloseTo(20 / (7 * 0.36), within(0.1));
    assertThat(o.returnFrom()).isBetween(2.0, 12.0);
    assertThat(o.returnTo()).isGreaterThan(o.returnFrom()).isLessThanOrEqualTo(16);
    assertThat(o.signs()).extracting(Outgrown.Sign::what).doesNotContain(Outgrown.What.TAPER);
  }

  /** A drawn edge, a soft rim and long hair are different clocks; common practice. */
  @Test
  void eachShapeHasItsOwnClock() {
    Move moon =
        new Move(
            "moon",
            "moon",
            "all",
            new Edge(new Outline.HalfMoon(Outline.Side.RIGHT, 0), 0.5),
            Damp.DRY,
            Move.Stand.RIGHT,
            "",
            "",
            false);
    assertThat(weeksUntil(Outgrown.What.EDGE, plan(60, round(40), moon))).isBetween(1.5, 3.0);
    double soft = weeksUntil(Outgrown.What.OUTLINE, plan(60, round(30)));
    double longer = weeksUntil(Outgrown.What.OUTLINE, plan(220, round(200)));
    assertThat(soft).isBetween(3.0, 5.0);
    assertThat(longer).isBetween(8.0, 12.5);
    assertThat(Outgrown.of(plan(60, round(30)), PlanEngine.run(plan(60, round(30)), SCALP)).signs())
        .extracting(Outgrown.Sign::what)
        .doesNotContain(Outgrown.What.EDGE, Outgrown.What.TAIL);
  }

  private static double weeksUntil(Outgrown.What what, Plan p) {
    return Outgrown.of(p, PlanEngine.run(p, SCALP)).signs().stream()
        .filter(s -> s.what() == what)
        .mapToDouble(s -> s.weeks().mean())
        .min()
        .orElseThrow();
  }

  /** (u − e)/(u + g) is a share k of (u − e)/u at g = u(1/k − 1). */
  @Test
  void aTaperLosesItsContrast_asTheFormulaHasIt() {
    Move comb =
        new Move(
            "comb",
            "comb",
            "all",
            new Comb(6, 18, 2, Comb.Tool.CLIPPER),
            Damp.DRY,
            Move.Stand.BACK,
            "",
            "",
            false);
    Move edge =
        new Move(
            "guard",
            "guard",
            "all",
            new Guard(12, 0, Guard.Grain.AGAINST, null, 0),
            Damp.DRY,
            Move.Stand.BACK,
            "",
            "",
            false);
    Plan p = plan(50, comb, edge);
    Outcome o = PlanEngine.run(p, SCALP);
    Outgrown.Sign taper =
        Outgrown.of(p, o, Limits.USUAL).signs().stream()
            .filter(s -> s.what() == Outgrown.What.TAPER)
            .findFirst()
            .orElseThrow();
    double above = taper.growMm() / (1 / 0.6 - 1);
    assertThat(above).isBetween(o.endMm(Place.NAPE) * 1.5, 50.0);
    double e = o.endMm(Place.NAPE);
    double g = taper.growMm();
    assertThat((above - e) / (above + g)).isCloseTo(0.6 * (above - e) / above, within(1e-9));
  }

  @Test
  void aShapeThatWantsLessHairIsCutToday() {
    GrowOut g = GrowOut.of(plan(100), plan(100, round(60)), PLACES, 6);
    assertThat(g.reachable()).isEqualTo(Weeks.NOW);
    assertThat(g.visits()).hasSize(1);
    assertThat(g.visits().get(0).steps())
        .allSatisfy(s -> assertThat(s.cutMm()).isCloseTo(40, within(0.5)));
  }

  @Test
  void aGrowOut_isReachedWhenTheLastPlaceHasGrown_andTrimmingDoesNotPutItOff() {
    Plan today = plan(40, round(20)); // its start, 40 mm, is today's hair
    GrowOut g = GrowOut.of(today, plan(40, round(80)), PLACES, 6);
    assertThat(g.reachable().mean()).isCloseTo(40 / (7 * 0.36), within(0.3));
    assertThat(g.reachable().early()).isLessThan(g.reachable().mean());
    double last = g.visits().get(g.visits().size() - 1).week();
    assertThat(last).isCloseTo(g.reachable().mean(), within(1e-9));
    for (GrowOut.Visit v : g.visits()) {
      for (GrowOut.Step s : v.steps()) {
        double then = s.haveMm() - s.cutMm() - s.mayTrimMm() + 7 * 0.36 * (last - v.week());
        assertThat(then).isGreaterThan(s.targetMm() - 0.01);
      }
    }
    assertThat(g.visits().get(0).steps()).allSatisfy(s -> assertThat(s.cutMm()).isZero());
    assertThatThrownBy(() -> GrowOut.of(today, today, PLACES, 0))
        .hasMessageContaining("everyWeeks must be 1 to 26");
  }

  /** Every area is told once, with the most that comes off in it. */
  @Test
  void aVisit_tellsEveryArea_byThePlaceThatLosesMost() {
    GrowOut g = GrowOut.of(plan(100), plan(100, round(60)), PLACES, 6);
    GrowOut.Visit v = g.visits().get(0);
    assertThat(v.parts()).extracting(GrowOut.Part::area).containsExactly(GrowOut.Area.values());
    assertThat(v.parts())
        .allSatisfy(
            p -> {
              assertThat(p.cutMm()).isCloseTo(40, within(0.5));
              assertThat(p.mayTrimMm())
                  .as("at the end nothing is to spare")
                  .isCloseTo(0, within(0.5));
            });
  }

  /**
   * Run through to the end by the engine: from what each visit leaves, grown to the next, the shape
   * comes out as of hair that was always long enough, and nothing was ever cut below it.
   */
  @Test
  void keptTo_visitByVisit_theShapeIsReached_andWhatWasToBeKeptIsNeverCut() {
    Workbench bench = new Workbench(SCALP);
    Plan today = plan(30, round(20));
    Plan shape = plan(30, round(70));
    double[] wanted = PlanEngine.run(plan(500, round(70)), SCALP).afterMm();
    GrowOut g = GrowOut.of(today, shape, PLACES, 6);
    double before = 0;
    Plan at = today;
    for (GrowOut.Visit v : g.visits()) {
      StartingHair left = GrowOut.at(today, shape, bench, v.week());
      double[] mm = StartingLengths.spread(SCALP, left, today.hair());
      double[] had = StartingLengths.spread(SCALP, at.start(), today.hair());
      double grown = (v.week() - before) * 7 * today.hair().growthMmPerDay();
      for (int i = 0; i < SCALP.sites(); i += 7) {
        assertThat(mm[i]).isCloseTo(Math.min(had[i] + grown, wanted[i]), within(0.6));
      }
      at = at.withStart(left);
      before = v.week();
    }
    double[] end = PlanEngine.run(shape.withStart(at.start()), SCALP).afterMm();
    for (int i = 0; i < SCALP.sites(); i += 7) {
      assertThat(end[i]).isCloseTo(wanted[i], within(0.6));
    }
  }

  @Test
  void wornWeeksLater_everyStrandIsLongerByItsGrowth() {
    Worn.Stand stand = Worn.Stand.of(SCALP);
    Plan p = plan(90, round(40));
    Worn now = Worn.of(p, stand, 0);
    Worn later = Worn.of(p, stand, 8);
    for (int i = 0; i < now.fall().strands(); i += 11) {
      assertThat(later.fall().lengthMm(i))
          .isCloseTo(now.fall().lengthMm(i) + 8 * 7 * 0.36, within(0.01));
    }
    assertThat(Worn.before(p, stand).fall().lengthMm(3)).isCloseTo(90, within(0.01));
    assertThatThrownBy(() -> Worn.of(p, stand, 60)).hasMessageContaining("week must be 0 to 52");
  }
}
