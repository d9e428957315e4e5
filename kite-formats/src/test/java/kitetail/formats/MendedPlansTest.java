package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kitetail.check.Check;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.Mending;
import kitetail.planning.Planner;
import kitetail.planning.Worn;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Every family as it is proposed to six unlike clients passes its own checks: what the planner
 * could answer is answered; what is left is told by how this client's hair falls, and is the
 * client's.
 */
class MendedPlansTest {
  private static final int MOST_WARNED = 12;
  private static final int MOST_NOTES = 2;

  /** What no change of the way a plan is worked answers: where this hair falls apart, or uneven. */
  private static final Set<String> CLIENTS = Set.of("hole", "hole-at-front");

  private static final List<Proposed> ALL = new ArrayList<>();

  private record Proposed(String id, Planner.Fit first, Planner.Fit fit, List<Finding> found) {
    List<Finding> warnings() {
      return found.stream().filter(f -> f.severity() != Finding.Severity.NOTE).toList();
    }
  }

  @BeforeAll
  static void propose() {
    for (DemoClients.Client client : DemoClients.all()) {
      Scalp scalp = Scalp.of(Head.of(client.head()), Mending.SITES);
      Worn.Stand stand = Worn.Stand.of(scalp);
      Workbench checked = new Workbench(scalp);
      Workbench places = new Workbench(Scalp.ofPlaces(scalp.head()));
      for (Plan family : Families.all().values()) {
        Plan plan = client.on(family);
        Planner.Fit fit = Mending.of(plan, places, checked);
        Outcome o = PlanEngine.run(fit.plan(), checked);
        List<Finding> found =
            Check.of(fit.plan(), o, Worn.of(fit.plan(), stand, 0).look()).stream()
                .filter(f -> f.meant() == null)
                .toList();
        ALL.add(new Proposed(family.family().id(), Planner.fit(plan, places), fit, found));
      }
    }
  }

  @Test
  void fewPlansCarryAWarning_andNoneThatThePlannerCouldMend() {
    Map<String, List<String>> warned = new TreeMap<>();
    for (Proposed p : ALL) {
      p.warnings()
          .forEach(
              f ->
                  warned
                      .computeIfAbsent(f.rule(), r -> new ArrayList<>())
                      .add(p.id + " at " + f.place()));
    }
    assertThat(warned.keySet()).as("%s", warned).isSubsetOf(CLIENTS);
    assertThat(ALL.stream().filter(p -> !p.warnings().isEmpty()))
        .as("%s", warned)
        .hasSizeLessThanOrEqualTo(MOST_WARNED);
  }

  @Test
  void halfOfThem_haveTwoNotesAtMost() {
    List<Integer> notes = new ArrayList<>();
    ALL.forEach(p -> notes.add(p.found.size() - p.warnings().size()));
    Collections.sort(notes);
    assertThat(notes.get(notes.size() / 2)).isLessThanOrEqualTo(MOST_NOTES);
  }

  /** A side cut longer than the other is meant (and told as meant), or wrong. */
  @Test
  void noShape_isLongerOnOneSide_unlessItIsMeant() {
    assertThat(ALL)
        .allSatisfy(
            p -> assertThat(p.found).as(p.id).noneMatch(f -> f.rule().equals("left-right")));
  }

  /** A wish that was met before the plan was mended is met to 3 mm after. */
  @Test
  void mendedPlans_stillMeetTheirWishes() {
    assertThat(ALL)
        .allSatisfy(
            p ->
                assertThat(p.fit.worstMm())
                    .as(p.id)
                    .isLessThanOrEqualTo(Math.max(3, p.first.worstMm() + 0.5)));
  }

  @Test
  void whatWasAnswered_isToldOnce_andIsGone() {
    for (Proposed p : ALL) {
      for (Finding a : p.fit.answered()) {
        assertThat(p.found)
            .as("%s in %s", a.rule(), p.id)
            .noneMatch(
                f -> f.rule().equals(a.rule()) && a.move() != null && a.move().equals(f.move()));
      }
    }
    assertThat(ALL.stream().filter(p -> !p.fit.answered().isEmpty()).count()).isGreaterThan(20);
  }
}
