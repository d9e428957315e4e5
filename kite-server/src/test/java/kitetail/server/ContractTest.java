package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The description of the API is the one the page's types are made from, and it is whole. That
 * answers keep it is asked of every answer in every other test ({@link Promised}).
 */
class ContractTest {
  private static final JsonMapper SORTED =
      JsonMapper.builder().enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS).build();

  private static TestShop shop;
  private static Map<?, ?> live;
  private static JsonNode api;

  @BeforeAll
  static void ask() {
    shop = TestShop.asUsual();
    ObjectNode all =
        (ObjectNode) shop.new Visitor().heldToNothing().signedIn("maud").json("/api/openapi");
    all.remove("servers");
    live = SORTED.convertValue(all, Map.class);
    api = SORTED.valueToTree(live);
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  @Test
  void thePagesTypes_areMadeFromTheApiAsItIs() throws IOException {
    Path fresh = Path.of("target", "openapi.json");
    Files.writeString(
        fresh, SORTED.writerWithDefaultPrettyPrinter().writeValueAsString(live) + "\n");
    JsonNode kept = SORTED.readTree(Files.readString(Path.of("../kite-web/openapi.json")));
    assertThat(SORTED.convertValue(kept, Map.class).equals(live))
        .as("put kite-server/%s in place of kite-web/openapi.json and run npm run api there", fresh)
        .isTrue();
  }

  /** JSON that stands before bytes is described too, though no door's signature names it. */
  @Test
  void whatStandsBeforeBytes_isAsDescribed() {
    TestShop.Visitor maud = shop.new Visitor().signedIn("maud");
    String plan = maud.json("/api/plans/1").path("document").toString();
    String sat = maud.json("/api/clients/1/sitdown").path("document").toString();
    before("PlanAnswer", maud, "/api/outcome", plan);
    before("FallAnswer", maud, "/api/fall?preview=true", plan);
    String first = SORTED.readTree(plan).at("/moves/0/id").asString();
    before("InHandAnswer", maud, "/api/in-hand", inHand(plan, first));
    before("SitFall", maud, "/api/sitdown/fall", sat);
    before("SitReading", maud, "/api/sitdown/head", sat);
  }

  private static String inHand(String plan, String move) {
    return "{\"document\":" + plan + ",\"move\":\"" + move + "\"}";
  }

  /** Every strand's bite and ways lie where docs/formats.md says, to the last byte. */
  @Test
  void aMoveOnHair_isAsLongAsItsLayoutSays() {
    TestShop.Visitor maud = shop.new Visitor().signedIn("maud");
    JsonNode plan = maud.json("/api/plans/1").path("document");
    for (JsonNode move : plan.path("moves")) {
      String body = inHand(plan.toString(), move.path("id").asString());
      ByteBuffer b =
          ByteBuffer.wrap(maud.bytes("POST", "/api/in-hand", body).body())
              .order(ByteOrder.LITTLE_ENDIAN);
      byte[] text = new byte[b.getInt()];
      b.get(text);
      JsonNode said = SORTED.readTree(new String(text, StandardCharsets.UTF_8));
      int strands = said.path("strands").asInt();
      int bites = said.path("lines").size();
      int all = b.getInt();
      int points = b.getInt();
      assertThat(all).isGreaterThanOrEqualTo(strands);
      b.position(b.position() + 6 * points * all);
      int vertices = b.getInt();
      b.position((b.position() + vertices + 3) / 4 * 4 + 6 * points * strands);
      int held = 0;
      for (int s = 0; s < strands; s++) {
        int bite = b.getShort();
        assertThat(bite).isBetween(0, bites);
        held += bite > 0 ? 1 : 0;
      }
      b.position(b.position() + 2 * strands + 6 * points * held);
      int clipped = 0;
      for (int s = 0; s < strands; s++) {
        clipped += b.getShort();
      }
      assertThat(b.remaining())
          .as(body.substring(body.length() - 30))
          .isEqualTo(6 * points * clipped);
    }
    assertThat(maud.send("POST", "/api/in-hand", inHand(plan.toString(), "none")).body())
        .contains("it must be a move of the plan");
  }

  private static void before(String type, TestShop.Visitor who, String path, String document) {
    ByteBuffer b =
        ByteBuffer.wrap(who.bytes("POST", path, document).body()).order(ByteOrder.LITTLE_ENDIAN);
    byte[] text = new byte[b.getInt()];
    b.get(text);
    JsonNode said = SORTED.readTree(new String(text, StandardCharsets.UTF_8));
    assertThat(Promised.broken(type, said)).as(type).isEmpty();
  }

  /** And so is every line of an answer that comes a line at a time. */
  @Test
  void everyLineOfTheRanking_isAsDescribed() {
    TestShop.Visitor maud = shop.new Visitor().signedIn("maud");
    List<String> lines = maud.send("GET", "/api/clients/1/ranking", null).body().lines().toList();
    assertThat(lines).hasSizeGreaterThan(10);
    for (String line : lines.subList(0, lines.size() - 1)) {
      assertThat(Promised.broken("Done", SORTED.readTree(line))).as(line).isEmpty();
    }
    JsonNode last = SORTED.readTree(lines.get(lines.size() - 1));
    assertThat(Promised.broken("RankingView", last)).isEmpty();
  }

  @Test
  void everyAnswerHasAType_andEveryProblemIsOne() {
    for (Map.Entry<String, JsonNode> path : api.path("paths").properties()) {
      for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
        String name = operation.getKey() + " " + path.getKey();
        JsonNode responses = operation.getValue().path("responses");
        assertThat(
                responses.at("/default/content/application~1problem+json/schema/$ref").asString(""))
            .as(name)
            .endsWith("/Problem");
        for (Map.Entry<String, JsonNode> answer : responses.properties()) {
          answer
              .getValue()
              .path("content")
              .forEach(c -> assertThat(typed(c.path("schema"))).as(name).isTrue());
        }
      }
    }
  }

  private static boolean typed(JsonNode schema) {
    return schema.has("$ref")
        || schema.path("type").asString("").equals("string")
        || schema.path("description").asString("").equals("A document as a file.")
        || schema.path("type").asString("").equals("array") && typed(schema.path("items"));
  }

  /** Of what is sent all may be left out; an answer always says something. */
  @Test
  void everyAnswersType_saysWhatIsAlwaysThere() {
    Set<String> answered = new HashSet<>();
    api.path("paths")
        .forEach(p -> p.forEach(o -> o.path("responses").forEach(r -> named(r, answered))));
    assertThat(answered).hasSizeGreaterThan(100);
    for (String name : answered) {
      JsonNode type = api.at("/components/schemas/" + name);
      if (!type.path("properties").isEmpty()) {
        assertThat(type.has("required")).as(name + " requires nothing").isTrue();
      }
    }
  }

  /** Every type a part of the description leads to. */
  private static void named(JsonNode of, Set<String> into) {
    String ref = of.path("$ref").asString("");
    String name = ref.substring(ref.lastIndexOf('/') + 1);
    if (!ref.isEmpty() && into.add(name)) {
      named(api.at("/components/schemas/" + name), into);
    }
    of.forEach(n -> named(n, into));
  }
}
