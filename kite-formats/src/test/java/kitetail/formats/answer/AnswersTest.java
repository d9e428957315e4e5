package kitetail.formats.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.Dial;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.Columns;
import kitetail.planning.GrowOut;
import kitetail.planning.Hands;
import kitetail.planning.Ladder;
import kitetail.planning.NextCut;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Replan;
import kitetail.planning.Risk;
import kitetail.shopday.Learnt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/**
 * What is answered to a stylist says what was worked out, in words of their units, and holds
 * together.
 */
class AnswersTest {
  private static final AdviceWords WORDS = new AdviceWords(new Words(Units.CM));
  private static final Plan CUT = Families.all().get("quiet-side-part");
  private static final Workbench PLACES =
      new Workbench(Scalp.ofPlaces(Head.of(SitDown.walkIn().head())));

  /** Up the side from 3 mm at the edge to 16 mm, and the same at the back, a finger wider. */
  private static Columns side() {
    double[] up = new double[30];
    Arrays.setAll(up, i -> 3 + 13.0 * i / 29);
    return new Columns(new double[] {90, 180}, new double[] {57, 76}, new double[][] {up, up});
  }

  @Test
  void aLadder_goesUpWithoutAGap_fromTheShortestGuard_andIsToldInFingerWidths() {
    double[] guards = {1.5, 3, 4.5, 6, 10, 13, 16};
    List<Ladder.Answer> answers =
        Ladder.trade(
            side().targetMm(),
            side().sampleMm(),
            new Ladder.Rules(guards, new double[] {30, 60}, 0.6, 5, 1));
    Ladder.Answer chosen = Ladder.choose(answers, 2, 20, 6);
    LadderView v = LadderView.of(answers, chosen, side(), guards);
    assertThat(v.answers()).filteredOn(LadderView.Answer::chosen).hasSize(1);
    for (LadderView.Answer a : v.answers()) {
      double[] at = new double[2];
      double guard = 0;
      for (LadderView.Band b : a.bands()) {
        for (int c = 0; c < 2; c++) {
          LadderView.Column x = b.columns().get(c);
          assertThat(x.fromMm()).as("no hair between two bands").isCloseTo(at[c], within(0.01));
          assertThat(x.toFingers()).isCloseTo(x.toMm() / 19, within(0.001)); // common practice
          at[c] = x.toMm();
        }
        assertThat(b.guardMm() == null).isEqualTo(b.tool() == LadderView.Tool.COMB);
        if (b.guardMm() != null) {
          assertThat(b.guardMm()).as("longer guards farther up").isGreaterThan(guard);
          guard = b.guardMm();
        }
      }
      assertThat(at[0]).as("the whole side").isCloseTo(57, within(0.01));
      assertThat(at[1]).isCloseTo(76, within(0.01));
    }
  }

  @Test
  void growingOut_neverCutsWhatIsNeeded_andIsThereAtItsLastVisit() {
    Plan today = CUT.withStart(StartingHair.Taped.six(60, 50, 40, 20, 15, 12));
    Plan target = Families.all().get("throw-back-layers");
    GrowOutView v = GrowOutView.of(GrowOut.of(today, target, benchOf(today), 6));
    assertThat(v.reachableWeeks().early()).isLessThanOrEqualTo(v.reachableWeeks().mean());
    assertThat(v.reachableWeeks().mean()).isLessThanOrEqualTo(v.reachableWeeks().late());
    List<Double> weeks = v.visits().stream().map(GrowOutView.Visit::week).toList();
    assertThat(weeks).isSorted().doesNotHaveDuplicates();
    assertThat(weeks.get(weeks.size() - 1)).isCloseTo(v.reachableWeeks().mean(), within(0.1));
    for (GrowOutView.Visit visit : v.visits()) {
      for (GrowOutView.Step s : visit.steps()) {
        assertThat(s.cutMm()).isBetween(0.0, s.haveMm());
        assertThat(s.haveMm() - s.cutMm())
            .as("%s in week %s", s.place(), visit.week())
            .isGreaterThanOrEqualTo(Math.min(s.haveMm(), s.targetMm()) - 0.2);
      }
    }
    assertThat(v.visits().get(v.visits().size() - 1).steps())
        .filteredOn(s -> s.place() == v.last())
        .allSatisfy(s -> assertThat(s.haveMm()).isGreaterThanOrEqualTo(s.targetMm() - 0.2));
  }

  private static Workbench benchOf(Plan p) {
    return new Workbench(Scalp.ofPlaces(PlanJson.head(p)));
  }

  @Test
  void whatCannotBeMet_isSaidWithItsWeeks_andTheRestIsMet() {
    Plan asked =
        CUT.family() == null
            ? CUT
            : CUT.on(
                CUT.head(),
                CUT.hair(),
                StartingHair.Taped.six(60, 50, 40, 20, 15, 12),
                Wishes.of(new Wish(Place.FRONT, 140)),
                CUT.cautions());
    Planner.Fit fit = Planner.fit(asked, benchOf(asked));
    FitView v = FitView.of(fit, WORDS);
    assertThat(v.unmet())
        .filteredOn(FitView.Unmet::asked)
        .singleElement()
        .satisfies(
            u -> {
              assertThat(u.place()).isEqualTo(Place.FRONT);
              assertThat(u.reason()).isEqualTo(Planner.Reason.TOO_SHORT);
              // Some 12 to 15 mm a month; common practice.
              assertThat(u.weeks())
                  .isCloseTo((u.needMm() - u.getsMm()) / 3, within(0.35 * u.weeks()));
              assertThat(u.words()).contains("front").contains("week").endsWith(".");
            });
    assertThat(v.document()).isSameAs(fit.plan());
    assertThat(FitView.saying(fit, WORDS).document()).as("words alone are light").isNull();
    assertThat(v.settings()).isNotEmpty().allSatisfy(s -> assertThat(s.knob()).isNotBlank());
  }

  @Test
  void theRanking_saysWhyInSentences_andTodayMeansNoWeeks() {
    List<Plan> few =
        List.of(CUT, Families.all().get("even-all-over"), Families.all().get("long-wave-layers"));
    List<Integer> done = new ArrayList<>();
    RankingView v =
        RankingView.of(
            Ranking.of(
                PLACES, SitDown.walkIn(), few, p -> Planner.fit(p, PLACES), Hands.USUAL, done::add),
            WORDS);
    assertThat(done).containsExactly(1, 2, 3);
    assertThat(v.families()).hasSize(3);
    assertThat(v.families())
        .allSatisfy(
            f -> {
              assertThat(f.reasons()).allSatisfy(r -> assertThat(r).matches("\\p{Lu}.*\\."));
              assertThat(f.weeks()).isEqualTo(Math.ceil(f.weeks()));
              assertThat(f.fit().document()).isNull();
            });
    assertThat(v.families())
        .filteredOn(f -> f.id().equals("long-wave-layers"))
        .singleElement()
        .satisfies(f -> assertThat(f.weeks()).as("no long wave of hair of 10 cm").isPositive());
  }

  @Test
  void aSlip_isAnsweredWithWhatChanges_andAPlanThatGoesOn() {
    Plan plan = Families.all().get("even-all-over");
    Workbench bench = benchOf(plan);
    double meant = PlanEngine.run(plan, bench).endMm(Place.CROWN);
    Replan r = Replan.after(plan, bench, 1, Map.of(Place.CROWN, meant - 12));
    ReplanView v = ReplanView.of(r, plan, 1, WORDS);
    assertThat(v.offMm()).isGreaterThan(Replan.TOLERANCE_MM);
    assertThat(v.leftMm()).as("what is done about it helps").isLessThanOrEqualTo(v.offMm());
    assertThat(v.words()).matches("\\p{Lu}.*\\.");
    assertThat(v.document().moves().subList(0, 1)).isEqualTo(plan.moves().subList(0, 1));
    for (ReplanView.Change c : v.changes()) {
      assertThat(plan.moves()).extracting(Move::id).contains(c.move());
      if (c.dial() == Dial.LENGTH) {
        assertThat(c.to()).as("hair is not put back").isLessThan(c.from());
      }
    }
  }

  @Test
  void risk_namesEachMove_worstFirst_andSharesOutAllOfIt() {
    Plan plan = Families.all().get("even-all-over");
    RiskView v =
        RiskView.of(
            Risk.of(plan, new Workbench(Scalp.of(PlanJson.head(plan), 500)), Hands.USUAL), plan);
    assertThat(v.spreadMm()).containsOnlyKeys(EnumSet.allOf(Place.class));
    assertThat(v.moves()).hasSameSizeAs(plan.moves());
    assertThat(v.moves().stream().mapToDouble(RiskView.Blame::share).sum())
        .isCloseTo(1, within(0.01));
    List<Double> shares = new ArrayList<>(v.moves().stream().map(RiskView.Blame::share).toList());
    assertThat(shares).isSortedAccordingTo(Collections.reverseOrder());
    assertThat(v.moves())
        .allSatisfy(m -> assertThat(m.name()).isEqualTo(plan.move(m.move()).name()));
  }

  @Test
  void whatMayComeOff_leavesTheNeedAndTheReserve() {
    NextCutView v = NextCutView.of(NextCut.of(CUT, benchOf(CUT), 0, Damp.DRY, false));
    assertThat(v.places()).hasSize(Place.values().length);
    assertThat(v.places())
        .allSatisfy(
            s ->
                assertThat(s.safeMm())
                    .as("%s", s)
                    .isBetween(0.0, Math.max(0, s.haveMm() - s.needMm() - s.reserveMm()) + 0.01));
  }

  @Test
  void anOrderTheOtherWayRound_isToldByItsRules_andSorted() {
    List<Move> turned = new ArrayList<>(CUT.moves());
    Collections.reverse(turned);
    Plan plan = CUT.withMoves(turned);
    OrderView v = OrderView.of(Order.of(plan), plan);
    assertThat(v.broken()).isNotEmpty().allSatisfy(b -> assertThat(v.rules()).contains(b));
    assertThat(v.circle()).isEmpty();
    List<String> sorted = v.sorted();
    assertThat(sorted).containsExactlyInAnyOrderElementsOf(turned.stream().map(Move::id).toList());
    assertThat(v.rules())
        .allSatisfy(
            r -> assertThat(sorted.indexOf(r.before())).isLessThan(sorted.indexOf(r.then())));
  }

  /** Three observations are a habit, two are none; a hand that strays is heeded. */
  @ParameterizedTest
  @EnumSource(Units.class)
  void aLesson_isUsedFromThreeObservationsOn_andSaidInTheStylistsUnits(Units units) {
    WetDry own = new WetDry(0.05, 1);
    Learnt two = new Learnt(0.4, 2, 14, 2, 1.2, 2, -2.5, 2);
    Learnt three = new Learnt(0.4, 3, 14, 3, 1.2, 3, -2.5, 3);
    assertThat(Lesson.of(two, WetDry.STRAIGHT, units))
        .allSatisfy(l -> assertThat(l.heed()).isFalse())
        .filteredOn(l -> l.what() != Lesson.What.GROWTH)
        .allSatisfy(l -> assertThat(l.used()).isFalse());
    List<Lesson> all = Lesson.of(three, own, units);
    assertThat(all).extracting(Lesson::what).containsExactly(Lesson.What.values());
    assertThat(all).allSatisfy(l -> assertThat(l.words()).endsWith("."));
    assertThat(all.get(0).words()).contains(units.length(28 * 0.4));
    assertThat(all.get(3).words()).contains(units.length(2.5));
    assertThat(all)
        .filteredOn(Lesson::heed)
        .extracting(Lesson::what)
        .containsExactly(Lesson.What.BIAS);
    assertThat(Lesson.of(new Learnt(0, 0, 0, 0, 0, 0, 0, 0), WetDry.STRAIGHT, units)).isEmpty();
  }

  /**
   * A result read back as any other program would: every move, every place, nothing without a
   * number.
   */
  @Test
  void aPlansResult_holdsTogether() {
    Scalp s = Scalp.of(PlanJson.head(CUT), 600);
    JsonNode n = PlanJson.json().valueToTree(PlanResult.of(CUT, PlanEngine.run(CUT, s), true));
    assertThat(n.path("moves").size()).isEqualTo(CUT.moves().size());
    assertThat(n.path("sites").size()).isEqualTo(n.path("scalp").path("sites").asInt());
    double minutes = 0;
    for (JsonNode m : n.path("moves")) {
      minutes += m.path("minutes").asDouble();
    }
    assertThat(minutes).isCloseTo(n.path("minutes").asDouble(), within(0.1));
    double area = 0;
    for (JsonNode site : n.path("sites")) {
      area += site.get(3).asDouble();
      assertThat(site.get(5).asDouble())
          .as("hair only gets shorter")
          .isLessThanOrEqualTo(site.get(4).asDouble());
    }
    assertThat(area).isCloseTo(n.path("scalp").path("areaMm2").asDouble(), within(1.0));
    for (JsonNode walk : n.path("walks")) {
      int points = walk.path("distanceMm").size();
      assertThat(walk.path("pointsMm").size()).isEqualTo(3 * points);
      assertThat(walk.path("beforeMm").size()).isEqualTo(points);
      assertThat(walk.path("afterMove").size()).isEqualTo(CUT.moves().size());
    }
    assertThat(n.path("endsMm").propertyNames()).containsExactlyInAnyOrderElementsOf(places());
  }

  private static Set<String> places() {
    Set<String> all = new java.util.HashSet<>();
    for (Place p : Place.values()) {
      all.add(PlanJson.json().convertValue(p, String.class));
    }
    return all;
  }
}
