package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import kitetail.check.Check;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.answer.WalkView;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Walk;
import kitetail.plan.Outcome;
import kitetail.plan.PlanEngine;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class ShopTest extends InShop {
  private static String save(long version, JsonNode document) {
    ObjectNode body = TestShop.JSON.createObjectNode();
    body.put("version", version);
    body.set("document", document);
    return body.toString();
  }

  private static long newPlan() {
    return TestShop.JSON
        .readTree(
            maud.send("POST", "/api/clients/2/plans", "{\"family\":\"quiet-side-part\"}").body())
        .path("id")
        .asLong();
  }

  @Test
  void withoutSigningIn_nothingOfTheShopIsSeen() {
    TestShop.Visitor stranger = shop.new Visitor();
    assertThat(stranger.send("GET", "/api/session", null).statusCode()).isEqualTo(204);
    for (String path :
        new String[] {
          "/api/today", "/api/clients", "/api/clients/1", "/api/plans/1", "/api/plans/1/sheet.pdf"
        }) {
      assertThat(stranger.send("GET", path, null).statusCode()).as(path).isEqualTo(401);
    }
    assertThat(
            stranger
                .send("POST", "/api/session", "{\"signIn\":\"maud\",\"password\":\"wrong\"}")
                .statusCode())
        .isEqualTo(401);
  }

  @Test
  void aChangeWithoutTheToken_isRefused() throws Exception {
    var bare = java.net.http.HttpClient.newHttpClient();
    var r =
        bare.send(
            HttpRequest.newBuilder(
                    java.net.URI.create("http://127.0.0.1:" + shop.port() + "/api/session"))
                .header("Content-Type", "application/json")
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}"))
                .build(),
            java.net.http.HttpResponse.BodyHandlers.ofString());
    assertThat(r.statusCode()).isIn(401, 403);
  }

  @Test
  void theDemo_hasSixClientsAndADayForTwoChairs() {
    assertThat(maud.json("/api/clients").size()).isEqualTo(6);
    JsonNode today = maud.json("/api/today");
    assertThat(today.path("appointments").size()).isEqualTo(6);
    assertThat(
            today
                .path("appointments")
                .valueStream()
                .map(a -> a.path("stylist").asString())
                .distinct())
        .hasSize(2);
  }

  @Test
  void theNumbersOnScreen_areTheEnginesOwn() {
    JsonNode document = maud.json("/api/plans/1").path("document");
    ByteBuffer b =
        ByteBuffer.wrap(maud.bytes("POST", "/api/outcome", document.toString()).body())
            .order(ByteOrder.LITTLE_ENDIAN);
    byte[] text = new byte[b.getInt()];
    b.get(text);
    ObjectNode shown =
        (ObjectNode) TestShop.JSON.readTree(new String(text, StandardCharsets.UTF_8));
    shown.remove("words");
    shown.remove("findingWords");
    shown.remove("why");
    shown.remove("growthMmPerWeek");
    var plan = PlanJson.read(document);
    Outcome o = PlanEngine.run(plan);
    PlanResult expected =
        PlanResult.of(plan, o, Check.of(plan, o), WalkView.of(o.scalp()), new Words(Units.CM));
    assertThat(shown).isEqualTo(TestShop.JSON.readTree(PlanJson.written(expected)));
    int states = plan.moves().size() + 1;
    assertThat(b.remaining() % (2 * states)).isZero();
    assertThat(b.remaining() / 2 / states).isGreaterThan(3500);
    // The last number of all is what the last move leaves where the edge ends, in twentieths.
    Walk edge = o.scalp().walk(Walk.Kind.EDGE);
    double left = o.afterMm()[edge.firstRoot() + edge.size() - 1];
    assertThat(b.getShort(b.limit() - 2) / 20.0).isCloseTo(left, within(0.026));
  }

  @Test
  void aStaleSave_isRefused_andNothingIsLost() {
    long id = newPlan();
    ObjectNode document = (ObjectNode) maud.json("/api/plans/" + id).path("document");
    document.put("title", "Mine");
    assertThat(maud.send("PUT", "/api/plans/" + id, save(1, document)).statusCode()).isEqualTo(200);
    document.put("title", "Theirs");
    var stale = maud.send("PUT", "/api/plans/" + id, save(1, document));
    assertThat(stale.statusCode()).isEqualTo(409);
    assertThat(TestShop.JSON.readTree(stale.body()).path("currentVersion").asLong()).isEqualTo(2);
    assertThat(maud.json("/api/plans/" + id).path("document").path("title").asString())
        .isEqualTo("Mine");
  }

  @Test
  void aBadDocument_isRefusedWithItsPath_andTheOldOneStays() {
    long id = newPlan();
    ObjectNode document = (ObjectNode) maud.json("/api/plans/" + id).path("document");
    ((ObjectNode) document.path("moves").get(0).path("cut")).put("biteMm", 400);
    var r = maud.send("PUT", "/api/plans/" + id, save(1, document));
    assertThat(r.statusCode()).isEqualTo(422);
    JsonNode problem = TestShop.JSON.readTree(r.body()).path("problems").get(0);
    assertThat(problem.path("path").asString()).isEqualTo("$.moves[0].cut.biteMm");
    assertThat(problem.path("allowed").asString()).isEqualTo("allowed 3 to 60");
    assertThat(maud.json("/api/plans/" + id).path("version").asLong()).isEqualTo(1);
  }

  @Test
  void whatGoesOutAsAPlanFile_comesInAsTheSamePlan() {
    String file = maud.send("GET", "/api/plans/1/document.json", null).body();
    long id =
        TestShop.JSON
            .readTree(
                maud.send("POST", "/api/clients/3/plans", "{\"document\":" + file + "}").body())
            .path("id")
            .asLong();
    assertThat(maud.send("GET", "/api/plans/" + id + "/document.json", null).body())
        .isEqualTo(file);
  }

  @Test
  void aVisitSentTwice_isStoredOnce_withThePlanAsItWasCut() throws IOException {
    long id = newPlan();
    String body =
        "{\"token\":\""
            + UUID.randomUUID()
            + "\",\"planId\":"
            + id
            + ",\"startedAt\":\"2026-01-05T10:00:00Z\",\"finishedAt\":\"2026-01-05T10:41:00Z\",\"remarks\":\"ridge a little lower\"}";
    String first = maud.send("POST", "/api/visits", body).body();
    assertThat(maud.send("POST", "/api/visits", body).body()).isEqualTo(first);
    JsonNode visit =
        maud.json("/api/clients/2")
            .path("visits")
            .valueStream()
            .filter(v -> v.path("planId").asLong() == id)
            .findFirst()
            .orElseThrow();
    assertThat(visit.path("minutes").asInt()).isEqualTo(41);
    assertThat(visit.path("stylist").asString()).isEqualTo("Maud Terwiel");
    var still =
        maud.bytes(
            "GET",
            "/api/visits/" + visit.path("id").asLong() + "/picture.png?width=120&height=150",
            null);
    assertThat(ImageIO.read(new ByteArrayInputStream(still.body())).getWidth()).isEqualTo(120);
  }

  @Test
  void theCutSheet_isAPdf_andAWrongViewIsSaid() {
    var sheet = maud.bytes("GET", "/api/plans/1/sheet.pdf", null);
    assertThat(sheet.headers().firstValue("Content-Type")).contains("application/pdf");
    assertThat(new String(sheet.body(), 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
    assertThat(maud.send("GET", "/api/plans/1/picture.png?view=under", null).body())
        .contains("front");
    assertThat(maud.send("GET", "/api/plans/9999", null).statusCode()).isEqualTo(404);
  }

  @Test
  void afterARestart_everyAcknowledgedChangeIsThere_andTheDemoIsNotLoadedAgain() {
    long id = newPlan();
    ObjectNode document = (ObjectNode) maud.json("/api/plans/" + id).path("document");
    document.put("title", "Kept");
    assertThat(maud.send("PUT", "/api/plans/" + id, save(1, document)).statusCode()).isEqualTo(200);
    shop.restart();
    assertThat(maud.json("/api/plans/" + id).path("document").path("title").asString())
        .isEqualTo("Kept"); // the session too
    assertThat(maud.json("/api/clients").size()).isEqualTo(6);
  }

  @Test
  void theDatabaseItself_refusesADoubleBooking() throws SQLException {
    try (Connection c =
            DriverManager.getConnection(
                shop.url(),
                System.getenv("KITETAIL_DB_USER"),
                System.getenv("KITETAIL_DB_PASSWORD"));
        var s = c.createStatement()) {
      String again =
          "insert into appointment (shop_id, person_id, client_id, starts_at, ends_at) select shop_id, person_id, client_id, starts_at + interval '10 min', ends_at from appointment limit 1";
      assertThatThrownBy(() -> s.executeUpdate(again))
          .isInstanceOf(SQLException.class)
          .hasMessageContaining("exclusion");
    }
  }

  @Test
  void theSchemaIsServed_asItShips() {
    assertThat(maud.send("GET", "/api/schema/plan-4.schema.json", null).body())
        .isEqualTo(PlanJson.schema());
    assertThat(maud.send("GET", "/api/schema/sitdown-1.schema.json", null).body())
        .isEqualTo(SitDownJson.schema());
  }

  @Test
  void deepLinks_loadThePage_andItsAssetsMayBeKept() throws IOException {
    TestShop.Visitor stranger = shop.new Visitor();
    // Every route the page knows.
    List<String> paths =
        Pattern.compile("path=\"(/[^\"]*)\"")
            .matcher(Files.readString(Path.of("../kite-web/src/app.tsx")))
            .results()
            .map(r -> r.group(1).replaceAll(":\\w+", "3"))
            .toList();
    assertThat(paths).hasSizeGreaterThan(15);
    for (String path : paths) {
      assertThat(stranger.send("GET", path, null).body()).as(path).contains("<div id=\"root\">");
    }
  }

  /** A number noted wrong at the telephone. */
  @Test
  void aClient_isCorrected_andNotByAnotherShop() {
    long id =
        post(201, "/api/clients", "{\"name\":\"Wil Veer\",\"phone\":\"+31 6 5550 0001\"}")
            .path("id")
            .asLong();
    String right =
        "{\"name\":\"Wil Veerman\",\"phone\":\"+31 6 5550 0010\",\"email\":\"\",\"note\":\"left-handed\"}";
    told(204, maud.send("PUT", "/api/clients/" + id, right));
    JsonNode now = maud.json("/api/clients/" + id);
    assertThat(now.path("name").asString()).isEqualTo("Wil Veerman");
    assertThat(now.path("phone").asString()).isEqualTo("+31 6 5550 0010");
    assertThat(post422("PUT", "/api/clients/" + id, "{\"name\":\"\"}")).contains("$.name");
    told(404, maud.send("PUT", "/api/clients/999999", right));
    shop.sql("delete from sitdown where client_id = " + id);
    shop.sql("delete from client where id = " + id);
  }

  private static String post422(String method, String path, String body) {
    return told(422, maud.send(method, path, body)).path("detail").asString();
  }
}
