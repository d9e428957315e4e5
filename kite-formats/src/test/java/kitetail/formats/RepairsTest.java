package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kitetail.cut.Aside;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;
import kitetail.planning.LastShape;
import kitetail.planning.Mending;
import kitetail.planning.Repairs;
import kitetail.planning.Repairs.Kind;
import kitetail.planning.Repairs.Repair;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a stylist is offered after a slip. */
class RepairsTest {
  private static final double SLIP_MM = 10;

  /** A visible difference between two sides; common practice tells it by the eye. */
  private static final double BALANCE_MM = 2;

  private static final Plan PLAN = Families.all().get("loose-ear-length");
  private static final Workbench BENCH =
      new Workbench(Scalp.of(Head.of(PLAN.head()), Mending.SITES));
  private static final Outcome MEANT = PlanEngine.run(PLAN, BENCH);

  private static Repairs after(Place place) {
    Plan slipped = Slip.into(PLAN, lastCut(), place, SLIP_MM);
    return Repairs.of(slipped, Slip.of(slipped).get(0), BENCH);
  }

  private static String lastCut() {
    return PLAN.moves().stream()
        .filter(m -> !(m.cut() instanceof Aside))
        .reduce((a, b) -> b)
        .orElseThrow()
        .id();
  }

  private static Repair of(Repairs r, Kind kind) {
    return r.all().stream().filter(x -> x.kind() == kind).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @EnumSource(Place.class)
  void tooShortByACentimetre_anywhere_canBeLeftSoftenedOrMatched(Place place) {
    Repairs r = after(place);
    double had = MEANT.endMm(place);
    assertThat(r.shortMm()).isBetween(Math.min(SLIP_MM, had) - 1, SLIP_MM + 1);
    assertThat(r.weeks())
        .as("half an inch a month, about; common practice")
        .isCloseTo(r.shortMm() / PLAN.hair().growthMmPerDay() / 7, within(1e-9));
    boolean paired = place.mirrored() != place;
    assertThat(r.all())
        .extracting(Repair::kind)
        .containsExactlyElementsOf(
            paired
                ? List.of(Kind.LEAVE, Kind.SOFTEN, Kind.MATCH)
                : List.of(Kind.LEAVE, Kind.SOFTEN));

    Repair leave = r.all().get(0);
    assertThat(leave.taken()).isEmpty();
    assertThat(leave.minutes()).isZero();

    Repair soften = of(r, Kind.SOFTEN);
    Outcome left = PlanEngine.run(leave.plan(), BENCH);
    Outcome soft = PlanEngine.run(soften.plan(), BENCH);
    assertThat(soft.endMm(place)).as("no shorter for it").isCloseTo(left.endMm(place), within(0.5));
    assertThat(soften.ledgeMm()).as("no step").isZero();
    assertThat(soften.mostMm()).as("what else it takes").isBetween(0.5, SLIP_MM);
    assertThat(soften.minutes()).isBetween(0.1, 20.0);

    if (paired) {
      Repair match = of(r, Kind.MATCH);
      assertThat(match.apartMm()).as("sides").isLessThan(BALANCE_MM);
      assertThat(match.minutes()).isGreaterThan(soften.minutes());
      Outcome even = PlanEngine.run(match.plan(), BENCH);
      double other = MEANT.endMm(place.mirrored()) - even.endMm(place.mirrored());
      assertThat(other).isCloseTo(r.shortMm(), within(BALANCE_MM));
      assertThat(leave.apartMm()).isCloseTo(r.shortMm(), within(BALANCE_MM));
    }
  }

  /** What each says it takes is what comes of its plan, place by place. */
  @Test
  void whatARepairTakes_isWhatItsPlanTakes() {
    Repairs r = after(Place.RIDGE_LEFT);
    Outcome left = PlanEngine.run(r.all().get(0).plan(), BENCH);
    Repair match = of(r, Kind.MATCH);
    Outcome o = PlanEngine.run(match.plan(), BENCH);
    assertThat(match.taken()).extracting(Repairs.Taken::place).contains(Place.RIDGE_RIGHT);
    for (Repairs.Taken t : match.taken()) {
      assertThat(t.mm()).isCloseTo(left.endMm(t.place()) - o.endMm(t.place()), within(1e-9));
    }
    assertThat(match.minutes()).isCloseTo(o.minutes() - left.minutes(), within(1e-9));
  }

  /** Repairs are cut before the hair is dried, dressed and looked over. */
  @Test
  void aRepair_comesAfterTheCuttingAndBeforeTheRest() {
    Plan with = of(after(Place.CROWN), Kind.SOFTEN).plan();
    int at = with.moves().indexOf(with.move("soften1"));
    assertThat(with.moves().subList(at + 1, with.moves().size()))
        .allMatch(m -> m.cut() instanceof Aside);
    assertThat(with.move("soften1").askFirst()).as("the client is asked").isTrue();
    assertThat(PlanJson.read(PlanJson.write(with))).as("it can be kept").isEqualTo(with);
  }

  @Test
  void whereTheRestCutsBelowTheSlip_thereIsNothingToRepair() {
    List<Stock> states = PlanEngine.states(PLAN, BENCH);
    for (int m = 0; m < PLAN.moves().size(); m++) {
      for (Place p : Place.values()) {
        int root = BENCH.scalp().root(p);
        double more = states.get(m + 1).longest()[root] - states.get(states.size() - 1).endMm(root);
        if (more > 30) {
          Plan slipped = Slip.into(PLAN, PLAN.moves().get(m).id(), p, 5);
          Repairs r = Repairs.of(slipped, Slip.of(slipped).get(0), BENCH);
          assertThat(r.shortMm()).as("%s after %s", p, PLAN.moves().get(m).id()).isLessThan(1);
          assertThat(r.all()).extracting(Repair::kind).containsExactly(Kind.LEAVE);
          return;
        }
      }
    }
    throw new AssertionError("no move leaves hair that a later one cuts");
  }

  /** Next time the shape is cut as it was meant, not with the dent. */
  @Test
  void whatSlipped_isNotCutAgain() {
    Plan mended = of(after(Place.RIDGE_LEFT), Kind.MATCH).plan();
    assertThat(Slip.without(mended)).isEqualTo(PLAN);
    assertThat(Slip.without(PLAN)).isSameAs(PLAN);
    SitDown client = SitDown.walkIn();
    Workbench places = new Workbench(Scalp.ofPlaces(Head.of(PLAN.head())));
    assertThat(LastShape.of(client, mended, places)).isEqualTo(LastShape.of(client, PLAN, places));
  }

  @Test
  void aSecondSlip_isRepairedByItself() {
    Plan once = Slip.into(PLAN, lastCut(), Place.CROWN, SLIP_MM);
    Plan twice = Slip.into(once, lastCut(), Place.RIDGE_RIGHT, 6);
    assertThat(Slip.of(twice)).containsExactlyInAnyOrder("slip1", "slip2");
    Repairs r = Repairs.of(twice, "slip2", BENCH);
    assertThat(r.place()).isEqualTo(Place.RIDGE_RIGHT);
    assertThat(r.shortMm()).isCloseTo(6, within(1.0));
    assertThatThrownBy(() -> Repairs.of(PLAN, "slip9", BENCH)).hasMessageContaining("slip9");
  }
}
