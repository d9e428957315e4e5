package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kitetail.formats.json.ChairJson;
import kitetail.formats.json.Families;
import kitetail.formats.json.MergePatch;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Units;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.shopday.Logged;
import kitetail.shopday.Sitting;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * What the page works out too, because it has to without the network: held to the same cases
 * ({@code contract/vectors}) as the page is.
 */
class SharedVectorsTest {
  private static final UUID DEVICE = UUID.fromString("5f1d1a52-7f3c-4c4f-8f3e-0a5f4e0c9a11");

  private static List<JsonNode> cases(String name) throws IOException {
    String text = Files.readString(Path.of("..", "contract", "vectors", name));
    List<JsonNode> all = new ArrayList<>();
    PlanJson.json().readTree(text).path("cases").forEach(all::add);
    assertThat(all).isNotEmpty();
    return all;
  }

  static List<JsonNode> lengths() throws IOException {
    return cases("lengths.json");
  }

  static List<JsonNode> cuts() throws IOException {
    return cases("cut.json");
  }

  static List<JsonNode> patches() throws IOException {
    return cases("merge-patch.json");
  }

  static List<JsonNode> sittings() throws IOException {
    return cases("sitting.json");
  }

  @ParameterizedTest
  @MethodSource("lengths")
  void aLength_isSaidAlike(JsonNode c) {
    double mm = c.path("mm").asDouble();
    assertThat(Units.CM.length(mm)).isEqualTo(c.path("cm").asString());
    assertThat(Units.INCH.length(mm)).isEqualTo(c.path("inch").asString());
  }

  @ParameterizedTest
  @MethodSource("cuts")
  void whatIsShortened_isCutAlike(JsonNode c) {
    assertThat(Outcome.cut(c.path("before").asDouble(), c.path("after").asDouble()))
        .isEqualTo(c.path("cut").asBoolean());
  }

  /** RFC 7396, appendix A. */
  @ParameterizedTest
  @MethodSource("patches")
  void aMergePatch_isThatOfTheStandard(JsonNode c) {
    assertThat(MergePatch.apply(c.path("target"), c.path("patch"))).isEqualTo(c.path("result"));
  }

  @ParameterizedTest
  @MethodSource("sittings")
  void aSitting_standsAlike(JsonNode c) {
    Plan plan = Families.all().get("even-all-over");
    List<Logged> log = new ArrayList<>();
    for (JsonNode e : c.path("log")) {
      log.add(
          new Logged(
              e.path("sec").asDouble(), DEVICE, log.size(), ChairJson.entry(e.path("entry"))));
    }
    Sitting s = Sitting.of(plan, log);
    JsonNode stands = c.path("stands");
    JsonNode is = PlanJson.json().valueToTree(s);
    for (String part : List.of("skipped", "bites", "forDry")) {
      assertThat(is.path(part)).as(part).isEqualTo(stands.path(part));
    }
    assertThat(s.done())
        .containsExactlyElementsOf(
            stands.path("done").valueStream().map(JsonNode::asString).toList());
    stands
        .path("checked")
        .properties()
        .forEach(
            e ->
                assertThat(s.checked().get(Integer.valueOf(e.getKey())))
                    .isEqualTo(e.getValue().asDouble()));
    assertThat(s.checked()).hasSameSizeAs(stands.path("checked"));
    assertThat(s.pausedSec()).isCloseTo(stands.path("pausedSec").asDouble(), within(1e-9));
    Move next = s.next();
    assertThat(next == null ? null : next.id()).isEqualTo(stands.path("next").asString(null));
    if (c.has("order")) {
      slipped(PlanJson.tree(s.plan()), c);
    }
  }

  /** What came off too much is a move of the plan. */
  private static void slipped(JsonNode plan, JsonNode c) {
    assertThat(plan.path("moves").valueStream().map(m -> m.path("id").asString()))
        .containsExactlyElementsOf(c.path("order").valueStream().map(JsonNode::asString).toList());
    for (JsonNode slip : c.path("slips")) {
      has(plan.path("moves"), slip);
    }
    if (c.has("section")) {
      has(plan.path("sections"), c.path("section"));
    }
  }

  private static void has(JsonNode all, JsonNode one) {
    JsonNode same =
        all.valueStream()
            .filter(n -> n.path("id").equals(one.path("id")))
            .findFirst()
            .orElseThrow();
    one.properties()
        .forEach(e -> assertThat(same.path(e.getKey())).as(e.getKey()).isEqualTo(e.getValue()));
  }
}
