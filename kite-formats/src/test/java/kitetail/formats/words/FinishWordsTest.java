package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kitetail.cut.Aside;
import kitetail.fall.Styling;
import kitetail.fall.Styling.Dried;
import kitetail.formats.json.Families;
import kitetail.hair.Damp;
import kitetail.plan.Plan;
import kitetail.shopday.Finishing;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the finish names the plan's own tools and nobody else's. */
class FinishWordsTest {
  private static final Map<Dried, String> TOOLS =
      Map.of(
          Dried.NOZZLE, "nozzle",
          Dried.VENT_BRUSH, "vent brush",
          Dried.FLAT_BRUSH, "flat brush",
          Dried.ROUND_BRUSH, "round brush",
          Dried.IRON, "Iron",
          Dried.CLOTH, "cloth");

  static Stream<Plan> families() {
    return Families.all().values().stream();
  }

  private static List<String> said(Plan p) {
    return Finishing.of(p).steps().stream().map(s -> FinishWords.step(s, p)).toList();
  }

  @ParameterizedTest
  @MethodSource("families")
  void everyWayOfDrying_isSaidWithItsTool(Plan family) {
    Styling s = family.styling();
    Plan cutWet = family.withFamily(null).withMoves(List.of(family.moves().get(0).with(Damp.WET)));
    for (Dried dried : Dried.values()) {
      Plan p =
          cutWet.worn(
              new Styling(s.way(), s.part(), s.productShare(), s.hold(), false, dried, 0, 0));
      String all = String.join(" ", said(p));
      assertThat(said(p)).allMatch(w -> w.endsWith(".") && w.length() < 110);
      if (s.way() == Styling.Way.UP) {
        continue; // dried up from the roots, whatever with
      }
      TOOLS.forEach(
          (tool, word) -> {
            boolean alongWith =
                word.equals("nozzle") && (dried == Dried.IRON || dried == Dried.FLAT_BRUSH);
            if (!alongWith) {
              assertThat(all.contains(word)).as("%s: %s", dried, all).isEqualTo(tool == dried);
            }
          });
    }
  }

  /** No water is pressed out of hair that was cut dry. */
  @ParameterizedTest
  @MethodSource("families")
  void theFinish_goesOnFromTheLastCut(Plan family) {
    boolean dry =
        family.moves().stream()
            .filter(m -> !(m.cut() instanceof Aside))
            .reduce((before, last) -> last)
            .orElseThrow()
            .damp()
            .equals(Damp.DRY);
    String first = said(family).get(0);
    assertThat(first.contains("water")).as(first).isEqualTo(!dry);
  }
}
