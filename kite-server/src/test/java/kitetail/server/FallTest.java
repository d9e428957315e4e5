package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How a plan falls, over HTTP. */
class FallTest extends InShop {
  private static ObjectNode family(String id) {
    return (ObjectNode) PlanJson.tree(Families.all().get(id));
  }

  private static JsonNode posted(String path, JsonNode body) {
    HttpResponse<String> r = maud.send("POST", path, body.toString());
    assertThat(r.statusCode()).as(r.body()).isEqualTo(200);
    return TestShop.JSON.readTree(r.body());
  }

  @Test
  void aFall_isStrandsAndWhatIsReadOfThem() {
    HttpResponse<String> r =
        maud.send("POST", "/api/fall?preview=true", family("tapered-pixie").toString());
    assertThat(r.statusCode()).isEqualTo(200);
    // The JSON stands in front of the numbers; it ends with its last brace before padding.
    String text = r.body().substring(r.body().indexOf('{'));
    JsonNode reading =
        TestShop.JSON.readTree(
            text.substring(0, text.indexOf("}", text.indexOf("returnWords")) + 1));
    assertThat(reading.path("strands").asInt()).isBetween(700, 900);
    assertThat(reading.path("words").size()).isPositive();
    assertThat(reading.path("returnWords").asString()).startsWith("Back in");
    assertThat(reading.path("findings").size()).isEqualTo(reading.path("findingWords").size());
  }

  @Test
  void aWeekOutOfRange_isRefusedWithItsRange() {
    HttpResponse<String> r =
        maud.send("POST", "/api/fall?week=70", family("tapered-pixie").toString());
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("week").contains("allowed 0 to 52");
  }

  @Test
  void whatToCheck_isSaidSeamsFirst() {
    JsonNode round = posted("/api/check-round", family("even-all-over"));
    assertThat(round.path("items").size()).isEqualTo(round.path("words").size()).isPositive();
    assertThat(round.path("items").get(0).path("kind").asString()).isEqualTo("seam");
  }

  @Test
  void wornAnotherWay_saysWhereTheFrontGoes() {
    JsonNode ways = posted("/api/worn-ways", family("quiet-side-part"));
    assertThat(ways.size()).isEqualTo(5);
    assertThat(ways.get(0).path("fringe").has("ofHairlineMm")).isTrue();
  }

  @Test
  void growingOut_givesWeeksAndVisits_andRefusesVisitsTooFarApart() {
    JsonNode g = posted("/api/grow-out?family=long-wave-layers", family("tapered-pixie"));
    assertThat(g.path("reachableWeeks").path("mean").asDouble()).isPositive();
    assertThat(g.path("visits").size()).isGreaterThan(1);
    assertThat(g.path("words").asString()).contains("weeks");
    HttpResponse<String> r =
        maud.send(
            "POST",
            "/api/grow-out?family=long-wave-layers&everyWeeks=40",
            family("tapered-pixie").toString());
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("allowed 1 to 26");
  }
}
