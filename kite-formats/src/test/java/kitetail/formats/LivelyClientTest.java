package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.Wishes;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Edge;
import kitetail.cut.Guard;
import kitetail.formats.json.Families;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Mending;
import kitetail.planning.Ranking;
import org.junit.jupiter.api.Test;

/** On a child, or who moves a lot, guards and combs come first: common practice. */
class LivelyClientTest {
  private static final HeadSpec.Measured HEAD = new HeadSpec.Measured(540, null, null);
  private static final Workbench PLACES = new Workbench(Scalp.ofPlaces(Head.of(HEAD)));
  private static final Workbench CHECKED = new Workbench(Scalp.of(Head.of(HEAD), Mending.SITES));

  private static List<Ranking.Ranked> ranked(boolean lively) {
    SitDown client =
        new SitDown(
            SitDown.VERSION,
            HEAD,
            new Hair(60, 0.36),
            StartingHair.Taped.six(120, 115, 105, 90, 95, 75),
            Wishes.NONE,
            new Cautions(List.of(), "", Consent.NOT_ASKED, lively));
    return Ranking.of(
        PLACES,
        client,
        List.copyOf(Families.all().values()),
        p -> Mending.of(p, PLACES, CHECKED),
        Hands.USUAL,
        n -> {});
  }

  /** Of the cuts of the first few: over a comb, with a guard, or along the edge. */
  private static double kept(List<Ranking.Ranked> all) {
    return all.stream().limit(5).mapToDouble(r -> covered(r.fit().plan())).average().orElseThrow();
  }

  private static double covered(Plan plan) {
    return plan.moves().stream()
        .filter(m -> !(m.cut() instanceof Aside))
        .mapToDouble(
            m ->
                m.cut() instanceof Comb || m.cut() instanceof Guard || m.cut() instanceof Edge
                    ? 1
                    : 0)
        .average()
        .orElse(1);
  }

  private static boolean told(Ranking.Ranked r) {
    return r.reasons().stream().anyMatch(w -> w.kind() == Ranking.Kind.OPEN_BLADES);
  }

  @Test
  void guardsAndCombsComeFirst_andWhereMostIsOpenBlades_itIsSaid() {
    List<Ranking.Ranked> calm = ranked(false);
    List<Ranking.Ranked> lively = ranked(true);
    assertThat(calm).noneMatch(LivelyClientTest::told);
    assertThat(lively)
        .allSatisfy(r -> assertThat(told(r)).isEqualTo(covered(r.fit().plan()) < 0.5));
    assertThat(kept(lively)).isGreaterThan(kept(calm));
  }
}
