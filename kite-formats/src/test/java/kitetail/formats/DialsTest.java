package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Dials;
import kitetail.planning.Planner;
import kitetail.planning.Risk;
import kitetail.planning.Softness;
import org.junit.jupiter.api.Test;

/** "Same again, but": a dial changes what it says, and nothing else that is seen. */
class DialsTest {
  private record On(Plan plan, Workbench few) {}

  private static List<On> plans() {
    List<On> out = new ArrayList<>();
    for (DemoClients.Client client : DemoClients.all().subList(0, 2)) {
      Head head = Head.of(client.head());
      Workbench places = new Workbench(Scalp.ofPlaces(head));
      Workbench few = new Workbench(Scalp.of(head, Risk.SITES));
      Families.all().values().stream()
          .map(f -> Planner.fit(client.on(f), places).plan())
          .forEach(p -> out.add(new On(p, few)));
    }
    return out;
  }

  /**
   * Five dials of six leave every other part that can be set by itself where it was, to 2 mm; where
   * one line runs through two parts the other comes along, and by how much is told.
   */
  @Test
  void aDial_changesWhatItSays_andTellsWhatComesAlong() {
    int turned = 0;
    int alone = 0;
    for (On on : plans()) {
      List<Dials.Reading> before = Dials.read(on.plan(), on.few());
      for (Dials.Reading r : before) {
        double wanted = 0.85 * r.mm();
        Dials.Turned t = turned(on, r.part(), wanted);
        if (t == null) {
          continue;
        }
        turned++;
        String said = on.plan().title() + " " + r.part();
        assertThat(t.gotMm()).as(said).isCloseTo(wanted, within(Math.max(2, 0.05 * wanted)));
        boolean alike = true;
        List<Dials.Reading> after = Dials.read(t.plan(), on.few());
        for (int k = 0; k < before.size(); k++) {
          Dials.Part o = before.get(k).part();
          double by = after.get(k).mm() - before.get(k).mm();
          if (o == r.part()) {
            assertThat(after.get(k).mm()).as(said).isCloseTo(t.gotMm(), within(1e-9));
          } else {
            assertThat(t.along().getOrDefault(o, 0.0)).as(said).isCloseTo(by, within(0.5));
            alike &= Math.abs(by) <= 2 || !before.get(k).own();
          }
        }
        alone += alike ? 1 : 0;
      }
    }
    assertThat(turned).isGreaterThan(100);
    assertThat(6 * alone).as("%d of %d", alone, turned).isGreaterThan(5 * turned);
  }

  private static Dials.Turned turned(On on, Dials.Part part, double mm) {
    try {
      return Dials.turn(on.plan(), on.few(), part, mm);
    } catch (IllegalArgumentException e) {
      assertThat(e).hasMessageContaining("by itself");
      return null;
    }
  }

  /**
   * "The fringe to the brow": its middle is then as long as the way over forehead and face to it,
   * as stylists measure it (common practice).
   */
  @Test
  void aFringeAskedToAPlace_isAsLongAsTheWayThere_andElseIsToldWhy() {
    int landed = 0;
    for (On on : plans()) {
      for (Dials.Lands l : Dials.lands(on.plan(), on.few())) {
        try {
          Dials.Turned t = Dials.land(on.plan(), on.few(), l.landing());
          double got = Dials.frontMm(t.plan(), on.few());
          String said = on.plan().title() + " to the " + l.landing();
          assertThat(got).as(said).isCloseTo(t.gotMm(), within(1e-9));
          assertThat(got).as(said).isCloseTo(l.needMm(), within(Math.max(2, 0.05 * l.needMm())));
          landed++;
        } catch (IllegalArgumentException e) {
          assertThat(e.getMessage()).matches(".*(by itself|not so long).*");
          assertThat(l.there() || e.getMessage().contains("not so long")).isTrue();
        }
      }
    }
    assertThat(landed).isGreaterThan(30);
  }

  @Test
  void hairWornOffTheForehead_hasNoFringeToEndAnywhere() {
    Plan back = Families.all().get("swept-back-classic");
    Workbench few = new Workbench(Scalp.of(Head.of(back.head()), Risk.SITES));
    assertThat(Dials.lands(back, few)).isEmpty();
  }

  @Test
  void softEnds_areSoftInEveryLineCutWithShears() {
    Plan plan = Families.all().get("quiet-side-part");
    for (Softness s : Softness.values()) {
      Plan set = s.on(plan);
      assertThat(Softness.of(set)).isEqualTo(s);
      assertThat(set.moves()).hasSameSizeAs(plan.moves());
    }
    assertThatThrownBy(() -> Dials.turn(plan, null, Dials.Part.TOP, -1))
        .hasMessageContaining("0 to 1500");
  }
}
