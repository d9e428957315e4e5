package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.Map;
import kitetail.fit.Planner;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
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

  private static Plan on(Plan family, HeadSpec head) {
    return family.on(head, family.hair(), family.start(), family.wishes(), family.cautions());
  }
}
