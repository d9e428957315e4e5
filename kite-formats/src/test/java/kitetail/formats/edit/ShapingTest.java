package kitetail.formats.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import kitetail.check.Check;
import kitetail.cut.Dial;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.plan.Finding;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.Remedies;
import kitetail.planning.Shaping;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Lengths set by hand and remedies, on the families that ship. */
class ShapingTest {
  private static final Head HEAD = Head.of(Families.all().get("tapered-pixie").head());
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(HEAD));
  private static final Workbench FEW = new Workbench(Scalp.of(HEAD, 800));

  static Stream<String> ids() {
    return Families.all().keySet().stream();
  }

  private static double at(Plan p, Workbench b, int root) {
    var states = PlanEngine.states(p, b);
    return states.get(states.size() - 1).longest()[root];
  }

  /** Shorter can always be had; how near depends on what a hand can set. */
  @ParameterizedTest
  @MethodSource("ids")
  void threeMillimetresLess_onTop_areHad_toWhatAHandCanSet(String id) {
    Plan plan = Families.all().get(id);
    int root = PLACES.scalp().root(Place.APEX);
    double was = at(plan, PLACES, root);
    Shaping s = Shaping.length(plan, PLACES, root, was - 3);
    assertThat(s.wasMm()).isEqualTo(was);
    assertThat(s.gotMm()).isCloseTo(was - 3, within(1.0));
    assertThat(s.gotMm()).isEqualTo(at(s.plan(), PLACES, root));
    assertThat(s.changes()).hasSize(1);
  }

  @Test
  void fourMore_letsOutEveryMoveThatWouldLeaveLess() {
    Plan plan = Families.all().get("tapered-pixie");
    int root = PLACES.scalp().root(Place.CROWN);
    double was = at(plan, PLACES, root);
    Shaping s = Shaping.length(plan, PLACES, root, was + 4);
    assertThat(s.gotMm()).isCloseTo(was + 4, within(1.0));
    assertThat(s.changes()).extracting(Shaping.Change::move).contains("top");
    assertThat(s.changes()).allSatisfy(c -> assertThat(c.to()).isGreaterThan(c.from()));
  }

  @Test
  void moreThanThereIs_isNotHad_andIsSaid() {
    Plan plan = Families.all().get("tapered-pixie");
    int root = PLACES.scalp().root(Place.CROWN);
    Shaping s = Shaping.length(plan, PLACES, root, 300);
    assertThat(s.gotMm()).isLessThanOrEqualTo(s.hadMm());
    assertThat(s.hadMm()).isLessThan(300);
    assertThatThrownBy(() -> Shaping.length(plan, PLACES, root, -1)).hasMessageContaining("0 to");
  }

  /** Leaning a comb leaves more further up and the same at the foot. */
  @Test
  void aSlope_keepsItsFoot_andReachesFurtherUp() {
    Plan plan = Families.all().get("quiet-side-part");
    Scalp whole = Scalp.of(HEAD, 500);
    Walk centre = whole.walk(Walk.Kind.CENTRE);
    Plan only = plan.withFamily(null).withMoves(List.of(plan.move("combBack")));
    int n = centre.size();
    Vec3 low = centre.pointsMm().get(n - 5);
    Vec3 high = centre.pointsMm().get(n - 15);
    Workbench bench = new Workbench(Scalp.ofPoints(HEAD, List.of(low, high)));
    double foot = at(only, bench, 0);
    double top = at(only, bench, 1);
    Shaping s = Shaping.slope(only, bench, 0, 1, top + 5);
    assertThat(s.gotMm()).isCloseTo(top + 5, within(1.0));
    assertThat(at(s.plan(), bench, 0)).isCloseTo(foot, within(1.0));
    assertThat(s.changes()).extracting(Shaping.Change::dial).contains(Dial.LEAN_DEG);
  }

  /** What is offered makes the finding go or shrink and brings no worse one. */
  @ParameterizedTest
  @MethodSource("ids")
  void aRemedyOffered_helps(String id) {
    Plan plan = Families.all().get(id);
    Remedies remedies = new Remedies(plan, FEW);
    List<Finding> before = Check.of(plan, PlanEngine.run(plan, FEW));
    for (Finding f : before) {
      Plan r = remedies.of(f);
      if (r != null) {
        // Half an inch at a time: common practice.
        assertThat(f.rule().equals("does-not-reach") && f.amount() > 12.7).isFalse();
        List<Finding> after = Check.of(r, PlanEngine.run(r, FEW));
        assertThat(
                after.stream()
                    .filter(a -> a.rule().equals(f.rule()) && Objects.equals(a.move(), f.move()))
                    .filter(a -> f.move() != null || a.place() == f.place())
                    .allMatch(a -> Math.abs(a.amount()) < Math.abs(f.amount())))
            .as("%s in %s", f.rule(), id)
            .isTrue();
        assertThat(warns(after)).isLessThanOrEqualTo(warns(before));
      }
    }
  }

  private static long warns(List<Finding> all) {
    return all.stream().filter(f -> f.severity() != Finding.Severity.NOTE).count();
  }

  @Test
  void someRemedies_areOffered_forEveryFamilyTogether() {
    long offered =
        Families.all().values().stream()
            .mapToLong(
                p -> {
                  Remedies r = new Remedies(p, FEW);
                  return Check.of(p, PlanEngine.run(p, FEW)).stream()
                      .filter(f -> r.of(f) != null)
                      .count();
                })
            .sum();
    assertThat(offered).isGreaterThanOrEqualTo(3);
  }

  /**
   * A slope pulled where an edge is tapered: lengths a taper cannot have are not tried on it, in
   * any shape, at the edge or above it.
   */
  @Test
  void aSlopeOverATaper_isTurnedAsFarAsTheTaperGoes() {
    int turned = 0;
    for (Plan plan : Families.all().values()) {
      Head head = Head.of(plan.head());
      Vec3 nape = head.place(Place.NAPE);
      Vec3 above = head.surface().onto(nape.plus(new Vec3(0, -4, 22)));
      Workbench bench = new Workbench(Scalp.ofPoints(head, List.of(above, nape)));
      for (double wanted : new double[] {0, 4, 40, 300}) {
        for (int root : new int[] {0, 1}) {
          Shaping s = Shaping.slope(plan, bench, 1 - root, root, wanted);
          turned += s.changes().isEmpty() ? 0 : 1;
          assertThat(s.gotMm()).as(plan.title()).isLessThanOrEqualTo(s.hadMm() + 1e-9);
        }
      }
    }
    assertThat(turned).isGreaterThan(20);
  }
}
