package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.check.CheckRound;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Risk;
import kitetail.planning.RoundByRisk;
import kitetail.planning.RoundByRisk.Group;
import kitetail.planning.RoundByRisk.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The check round as a stylist has time for it. */
class RoundByRiskTest {
  static List<Plan> families() {
    return List.copyOf(Families.all().values());
  }

  private static CheckRound round(Plan plan) {
    return CheckRound.of(plan, PlanEngine.run(plan));
  }

  private static RoundByRisk byRisk(Plan plan) {
    Workbench few = new Workbench(Scalp.of(Head.of(plan.head()), Risk.SITES));
    return RoundByRisk.of(round(plan), Risk.of(plan, few, Hands.USUAL).places(), Set.of());
  }

  /** Whatever was to be checked is in one of at most five parts, each worst first. */
  @ParameterizedTest
  @MethodSource("families")
  void fewParts_holdTheWholeRound_theLikeliestFaultFirst(Plan plan) {
    List<Group> groups = byRisk(plan).groups();
    assertThat(groups).hasSizeBetween(2, 5);
    assertThat(groups).extracting(Group::part).doesNotHaveDuplicates();
    List<Integer> all = new ArrayList<>();
    groups.forEach(g -> all.addAll(g.items()));
    int items = round(plan).items().size();
    assertThat(all).hasSize(items).doesNotHaveDuplicates();
    assertThat(groups).isSortedAccordingTo((a, b) -> Double.compare(b.risk(), a.risk()));
    assertThat(groups).allSatisfy(g -> assertThat(g.risk()).isBetween(0.01, 20.0));
  }

  @Test
  void whereItSlipped_isLookedAtFirst() {
    Plan plan = Families.all().get("even-all-over");
    for (Place p : List.of(Place.RIDGE_RIGHT, Place.OCCIPITAL, Place.FRONT)) {
      Plan slipped = Slip.into(plan, "seams", p, 8);
      Group first = byRisk(slipped).groups().get(0);
      CheckRound.Item item = round(slipped).items().get(first.items().get(0));
      assertThat(item.kind()).isEqualTo(CheckRound.Kind.SLIP);
      assertThat(item.place()).isEqualTo(p);
    }
  }

  /**
   * What was measured on the way was in doubt: it comes first, but after what is known to be off.
   */
  @Test
  void whereItWasMeasured_isLookedAtFirst_butAfterASlip() {
    Plan plan = Slip.into(Families.all().get("even-all-over"), "seams", Place.RIDGE_RIGHT, 8);
    Map<Place, Double> steady = new java.util.EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      steady.put(p, 1.0);
    }
    CheckRound round = round(plan);
    Place measured =
        round.items().stream()
            .filter(i -> i.kind() != CheckRound.Kind.SLIP && i.kind() != CheckRound.Kind.BALANCE)
            .map(CheckRound.Item::place)
            .filter(p -> p.name().endsWith("LEFT") || p == Place.OCCIPITAL || p == Place.NAPE)
            .findFirst()
            .orElseThrow();
    List<Group> groups = RoundByRisk.of(round, steady, Set.of(measured)).groups();
    assertThat(round.items().get(groups.get(0).items().get(0)).kind())
        .isEqualTo(CheckRound.Kind.SLIP);
    assertThat(round.items().get(groups.get(1).items().get(0)).place()).isEqualTo(measured);
  }

  /** A place is risky by how far hands stray there against what may stand out. */
  @Test
  void whereHandsStrayTwiceAsFar_isLookedAtBeforeTheRest() {
    Plan plan = Families.all().get("even-all-over");
    Map<Place, Double> steady = new java.util.EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      steady.put(p, 1.0);
    }
    steady.put(Place.RIDGE_LEFT, 40.0);
    List<Group> groups = RoundByRisk.of(round(plan), steady, Set.of()).groups();
    assertThat(groups.get(0).part()).isIn(Part.LEFT, Part.BOTH_SIDES);
  }
}
