package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
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

  private static ObjectNode roundOf(String family, String measured) {
    ObjectNode out = TestShop.JSON.createObjectNode();
    out.set("document", family(family));
    out.set("measured", TestShop.JSON.readTree(measured));
    return out;
  }

  /** What was in doubt while it was cut stands before what was not. */
  @Test
  void whatWasMeasured_isCheckedFirst() {
    JsonNode usual = posted("/api/check-round", roundOf("even-all-over", "[]"));
    int last = usual.path("parts").size() - 1;
    String back =
        usual
            .path("items")
            .get(usual.path("parts").get(last).path("items").get(0).asInt())
            .path("place")
            .asString();
    JsonNode round = posted("/api/check-round", roundOf("even-all-over", "[\"" + back + "\"]"));
    assertThat(
            round
                .path("items")
                .get(round.path("parts").get(0).path("items").get(0).asInt())
                .path("place")
                .asString())
        .isEqualTo(back);
    assertThat(
            maud.send(
                    "POST", "/api/check-round", roundOf("even-all-over", "[\"elbow\"]").toString())
                .statusCode())
        .isBetween(400, 422);
  }

  @Test
  void whatToCheck_isSaidSeamsFirst() {
    JsonNode round = posted("/api/check-round", roundOf("even-all-over", "[]"));
    assertThat(round.path("items").size()).isEqualTo(round.path("words").size()).isPositive();
    assertThat(round.path("items").get(0).path("kind").asString()).isEqualTo("seam");
    // All of it by few parts of the head, each number once.
    assertThat(round.path("parts").size()).isBetween(2, 5);
    assertThat(
            round
                .path("parts")
                .valueStream()
                .flatMap(p -> p.path("items").valueStream())
                .map(JsonNode::asInt)
                .sorted())
        .containsExactlyElementsOf(
            java.util.stream.IntStream.range(0, round.path("items").size()).boxed().toList());
  }

  /**
   * What is too short is a slip of the move that cut there last: which one is told with the place.
   */
  @Test
  void whereItIsLookedAt_isOnePlaceOrBothSides_withTheMoveThatCutThere() {
    ObjectNode asked = roundOf("even-all-over", "[]");
    List<String> moves =
        asked
            .path("document")
            .path("moves")
            .valueStream()
            .map(m -> m.path("id").asString())
            .toList();
    posted("/api/check-round", asked)
        .path("items")
        .forEach(
            i -> {
              JsonNode at = i.path("at");
              boolean both = i.path("kind").asString().equals("balance");
              assertThat(at.size()).isEqualTo(both ? 2 : 1);
              assertThat(at.get(0).path("place")).isEqualTo(i.path("place"));
              if (both) {
                assertThat(at.get(1).path("place").asString().replace("Right", "Left"))
                    .isEqualTo(i.path("place").asString());
              }
              at.forEach(a -> assertThat(a.path("move").asString()).isIn(moves));
            });
  }

  @Test
  void whatStandsOutDry_isToldWhatLaysIt_whereItIsAPlaceOfTheHead() {
    ObjectNode asked = TestShop.JSON.createObjectNode();
    asked.set("document", family("even-all-over"));
    asked.put("place", "apex");
    JsonNode told = posted("/api/dry-pass", asked);
    assertThat(told.path("words").asString()).startsWith("Round the apex ").endsWith(".");
    if (!told.path("lies").asBoolean() && told.path("shorterMm").asDouble() > 0) {
      assertThat(told.path("shorterMm").asDouble()).isLessThan(told.path("lengthMm").asDouble());
    }
    asked.put("place", "elbow");
    assertThat(maud.send("POST", "/api/dry-pass", asked.toString()).statusCode())
        .isBetween(400, 422);
  }

  @Test
  void wornAnotherWay_saysWhereTheFrontGoes() {
    JsonNode ways = posted("/api/worn-ways", family("quiet-side-part"));
    assertThat(ways.size()).isEqualTo(5);
    assertThat(ways.get(0).path("fringe").has("ofHairlineMm")).isTrue();
  }

  /** Worn up or next morning another picture than as it is; a way nobody combs is said. */
  @Test
  void aPlanWornOtherwise_isDrawnSo() {
    String of = "/api/plans/1/picture.png?view=front";
    byte[] worn = maud.bytes("GET", of, null).body();
    assertThat(maud.bytes("GET", of + "&way=up", null).body()).isNotEqualTo(worn);
    assertThat(maud.bytes("GET", of + "&week=4", null).body()).isNotEqualTo(worn);
    assertThat(maud.bytes("GET", of + "&hours=0", null).body()).isEqualTo(worn);
    HttpResponse<String> r = maud.send("GET", of + "&way=sideways", null);
    assertThat(r.statusCode()).isEqualTo(422);
    assertThat(r.body()).contains("sideways").contains("forward");
    assertThat(maud.send("GET", of + "&hours=99", null).body()).contains("0 to 72");
  }

  /** A plan nobody has kept is drawn as the same plan kept, and grown as it will be. */
  @Test
  void aPlanNotKept_isDrawnLikeOneThatIs() {
    String plan = maud.json("/api/plans/1/document.json").toString();
    byte[] kept = maud.bytes("GET", "/api/plans/1/picture.png?view=back&height=270", null).body();
    assertThat(maud.bytes("POST", "/api/still.png?view=back", plan).body()).isEqualTo(kept);
    assertThat(maud.bytes("POST", "/api/still.png?view=back&week=4", plan).body())
        .isNotEqualTo(kept);
    assertThat(maud.send("POST", "/api/still.png?width=9000", plan).body()).contains("40 to 1200");
  }

  /**
   * What a word of the trade means, on the usual head: for whoever is signed in, kept by the page.
   */
  @Test
  void wordsAreDrawn_andOnesNobodyKnows_areSaid() throws Exception {
    var crown = maud.bytes("GET", "/api/words/crown/picture.png", null);
    assertThat(crown.statusCode()).isEqualTo(200);
    assertThat(crown.headers().firstValue("Cache-Control").orElse("")).contains("max-age=86400");
    assertThat(
            javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(crown.body())).getWidth())
        .isEqualTo(200);
    var unknown = maud.send("GET", "/api/words/quiff/picture.png", null);
    assertThat(unknown.statusCode()).isBetween(400, 422);
    assertThat(unknown.body()).contains("crown");
    assertThat(shop.new Visitor().send("GET", "/api/words/crown/picture.png", null).statusCode())
        .isEqualTo(401);
  }
}
