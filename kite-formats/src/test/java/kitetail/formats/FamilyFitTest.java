package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collection;
import java.util.Map;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.Planner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every family on every demo head, fitted to its own lengths. */
class FamilyFitTest {
  private static final Map<String, Workbench> HEADS =
      DemoHeads.all().entrySet().stream()
          .collect(
              java.util.stream.Collectors.toMap(
                  Map.Entry::getKey,
                  e -> new Workbench(Scalp.ofPlaces(Head.of(e.getValue()))),
                  (a, b) -> a,
                  java.util.LinkedHashMap::new));

  static Collection<Plan> families() {
    return Families.all().values();
  }

  @ParameterizedTest
  @MethodSource("families")
  void everyWishThatHairIsThereFor_isMetToThreeMillimetres_onEveryDemoHead(Plan family) {
    DemoHeads.all()
        .forEach(
            (name, spec) -> {
              Planner.Fit fit = Planner.fit(on(family, spec), HEADS.get(name));
              assertThat(fit.worstMm()).as("%s on %s", family.title(), name).isLessThan(3);
            });
  }

  /** A client asks for more or less at one of the places the family is made by, and gets it. */
  @ParameterizedTest
  @MethodSource("families")
  void oneWishOfTheClients_isMetToThreeMillimetres(Plan family) {
    HeadSpec usual = DemoHeads.all().get("usual");
    for (Wish w : family.family().wishes()) {
      if (w.lengthMm() == null || w.lengthMm() < 15) {
        continue; // at the skin there is no less, and a landing is its own wish
      }
      for (double off : new double[] {-6, 6}) {
        Wish asked = new Wish(w.place(), w.lengthMm() + off);
        Plan plan =
            family.on(usual, family.hair(), family.start(), Wishes.of(asked), family.cautions());
        Planner.Fit fit = Planner.fit(plan, HEADS.get("usual"));
        double need = asked.needMm(HEADS.get("usual").scalp().head(), plan.hair());
        double gets = PlanEngine.run(fit.plan(), HEADS.get("usual")).endMm(w.place());
        assertThat(gets).as("%s: %s%+.0f", family.title(), w, off).isCloseTo(need, within(3.0));
      }
    }
  }

  private static Plan on(Plan family, HeadSpec head) {
    return family.on(head, family.hair(), family.start(), family.wishes(), family.cautions());
  }
}
