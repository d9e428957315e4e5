package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Texture;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.Slip;
import kitetail.planning.Planner;
import kitetail.planning.SameLongest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The engine's advice and a shop's own families, over HTTP. */
class AdviceTest extends InShop {
  private static ObjectNode family(String id) {
    return (ObjectNode) PlanJson.tree(Families.all().get(id));
  }

  private static ObjectNode body(JsonNode document) {
    ObjectNode n = TestShop.JSON.createObjectNode();
    n.set("document", document);
    return n;
  }

  private static JsonNode posted(String path, JsonNode body) {
    HttpResponse<String> r = maud.send("POST", path, body.toString());
    assertThat(r.statusCode()).as(r.body()).isEqualTo(200);
    return TestShop.JSON.readTree(r.body());
  }

  private static String refused(String method, String path, JsonNode body) {
    HttpResponse<String> r = maud.send(method, path, body.toString());
    assertThat(r.statusCode()).as(r.body()).isEqualTo(422);
    return TestShop.JSON.readTree(r.body()).path("detail").asString();
  }

  @Test
  void aFit_isTheEnginesOwn() {
    JsonNode fit = posted("/api/fit", family("even-all-over"));
    Planner.Fit own = Planner.fit(Families.all().get("even-all-over"));
    assertThat(PlanJson.read(fit.path("document"))).isEqualTo(own.plan());
    assertThat(fit.path("worstMm").asDouble()).isCloseTo(own.worstMm(), within(1e-3));
    assertThat(fit.path("settings").get(0).path("because").asString()).isEqualTo("apex");
  }

  @Test
  void aRanking_tellsHowFarItIs_andThenTodaysCut_andTheFamilies_bestFirst() {
    String[] lines = maud.send("GET", "/api/clients/2/ranking", null).body().split("\n");
    int all = Families.all().size();
    assertThat(lines).hasSize(all + 1);
    assertThat(lines[2]).isEqualTo("{\"done\":3,\"of\":" + all + "}");
    JsonNode families = TestShop.JSON.readTree(lines[all]).path("families");
    assertThat(families.size()).isEqualTo(all + 1);
    assertThat(families.get(0).path("id").asString()).isEqualTo("todays-cut");
    double last = 0;
    for (JsonNode f : families) {
      if (f == families.get(0)) {
        continue;
      }
      assertThat(Math.rint(f.path("score").asDouble())).isGreaterThanOrEqualTo(last);
      last = Math.rint(f.path("score").asDouble());
      assertThat(f.path("reasons").get(0).asString()).endsWith(".");
    }
    assertThat(maud.send("GET", "/api/clients/99999/ranking", null).statusCode()).isEqualTo(404);
  }

  @Test
  void aPlanThatLooksTheSameLongest_isToldAsItGoes_andAsAPlanAtTheEnd() {
    ObjectNode asked = body(family("quiet-side-part"));
    asked.put("weeks", 6);
    String[] lines = maud.send("POST", "/api/same-longest", asked.toString()).body().split("\n");
    assertThat(lines).hasSize(SameLongest.TRIED + 1);
    assertThat(lines[0]).isEqualTo("{\"done\":1,\"of\":" + SameLongest.TRIED + "}");
    JsonNode last = TestShop.JSON.readTree(lines[SameLongest.TRIED]);
    assertThat(PlanJson.read(last.path("document")).moves()).isNotEmpty();
    assertThat(last.path("words").asString()).contains("over 6 weeks").endsWith(".");
    asked.put("weeks", 40);
    assertThat(refused("POST", "/api/same-longest", asked)).contains("1 to 26");
  }

  /** Nothing has been said yet: it is an answer like any other. */
  @Test
  void whatGoesWrongBeforeTheFirstLine_isAProblem() {
    ObjectNode asked = body(family("quiet-side-part"));
    asked.put("weeks", 6);
    ObjectNode head = (ObjectNode) asked.path("document").path("head");
    head.put("girthMm", 480).put("earToEarMm", 460);
    HttpResponse<String> r = maud.send("POST", "/api/same-longest", asked.toString());
    assertThat(r.statusCode()).as(r.body()).isEqualTo(422);
    assertThat(r.headers().firstValue("Content-Type").orElseThrow()).contains("problem+json");
    assertThat(r.body()).contains("$.head.");
  }

  @Test
  void aDose_isAskedForAsAWeight_andToldInPasses() {
    ObjectNode asked = body(family("quiet-side-part"));
    asked.put("move", "thinBand").put("gramsPerDm2", 2);
    JsonNode edited = posted("/api/edit/weight", asked);
    assertThat(edited.path("words").asString()).endsWith(".");
    assertThat(PlanJson.read(edited.path("document")).move("thinBand").cut())
        .isInstanceOf(Texture.class);
    asked.put("move", "top");
    assertThat(refused("POST", "/api/edit/weight", asked)).contains("does not texturise");
    asked.put("move", "thinBand").put("gramsPerDm2", -1);
    assertThat(refused("POST", "/api/edit/weight", asked)).contains("0.1 to 500");
  }

  @Test
  void riskAndBites_areTold() {
    JsonNode risk = posted("/api/risk", family("swept-back-classic"));
    assertThat(risk.path("runs").asInt()).isEqualTo(64);
    assertThat(risk.path("spreadMm").path("front").asDouble()).isBetween(0.3, 30.0);
    assertThat(risk.path("moves").get(0).path("share").asDouble()).isBetween(0.05, 1.0);
    ObjectNode asked = body(family("swept-back-classic"));
    asked.put("move", "top").put("toleranceMm", 40);
    JsonNode bites = posted("/api/bites", asked);
    assertThat(bites.path("guides").size()).isEqualTo(2);
    assertThat(bites.path("widestBiteMm").asDouble()).isGreaterThan(6);
    // Wide bites scallop, narrow ones creep from one to the next: each is told, the best is for
    // the stylist to take.
    List<Double> strays = new ArrayList<>();
    bites.path("bites").forEach(b -> strays.add(b.path("straysMm").asDouble()));
    assertThat(strays).hasSize(5).allMatch(mm -> mm > 0 && mm < 40);
    assertThat(bites.path("now").path("biteMm").asDouble()).isPositive();
    asked.put("move", "combLeft");
    assertThat(refused("POST", "/api/bites", asked)).contains("over the fingers");
  }

  @Test
  void whatWasMeasuredOtherwise_isMended_andBadMeasuresAreRefused() {
    ObjectNode asked = body(family("even-all-over"));
    asked.put("done", 1).putObject("measuredMm").put("apex", 40).put("crown", 40);
    JsonNode mended = posted("/api/replan", asked);
    assertThat(mended.path("offMm").asDouble()).isGreaterThan(4);
    assertThat(mended.path("words").asString()).endsWith(".");
    // The plan to go on with: what is done first, every move under an id of its own.
    Plan goesOn = PlanJson.read(mended.path("document"));
    assertThat(goesOn.moves().get(0)).isEqualTo(Families.all().get("even-all-over").moves().get(0));
    assertThat(goesOn.moves()).hasSizeGreaterThanOrEqualTo(6);
    asked.put("done", 99);
    assertThat(refused("POST", "/api/replan", asked)).contains("99").contains("0 to 11");
    asked.put("done", 1).putObject("measuredMm").put("elbow", 40);
    assertThat(refused("POST", "/api/replan", asked)).contains("elbow").contains("occipital");
    asked.putObject("measuredMm").put("apex", -4);
    assertThat(refused("POST", "/api/replan", asked)).contains("-4").contains("0 to 1500");
  }

  @Test
  void aSlip_hasItsWaysOut_eachAPlanThatRuns() {
    Plan plan = Families.all().get("loose-ear-length");
    String last = plan.moves().get(plan.moves().size() - 1).id();
    Plan slipped = Slip.into(plan, last, Place.RIDGE_LEFT, 10);
    ObjectNode asked = body(PlanJson.tree(slipped));
    asked.put("slip", "slip1");
    JsonNode told = posted("/api/repairs", asked);
    assertThat(told.path("words").asString()).contains("left ridge").contains("too short");
    assertThat(told.path("repairs").valueStream().map(r -> r.path("kind").asString()))
        .containsExactly("leave", "soften", "match");
    for (JsonNode r : told.path("repairs")) {
      assertThat(r.path("words").asString()).endsWith(".");
      Plan goesOn = PlanJson.read(r.path("document"));
      assertThat(Slip.of(goesOn)).containsExactly("slip1");
    }
    asked.put("slip", "slip7");
    assertThat(refused("POST", "/api/repairs", asked)).contains("slip7").contains("slip1");
  }

  @Test
  void theNextSafeCut_theOrder_andALadder() {
    ObjectNode now = body(family("even-all-over"));
    now.put("done", 0).put("damp", "wet").put("tensed", true);
    JsonNode apex =
        posted("/api/next-cut", now)
            .path("places")
            .valueStream()
            .filter(p -> p.path("place").asString().equals("apex"))
            .findFirst()
            .orElseThrow();
    double have = apex.path("haveMm").asDouble();
    double need = apex.path("needMm").asDouble();
    assertThat(apex.path("safeMm").asDouble()).isCloseTo(1.03 * (have - need - 2), within(0.01));
    now.put("damp", "soaked");
    assertThat(refused("POST", "/api/next-cut", now)).contains("soaked").contains("wet, damp, dry");

    JsonNode order = posted("/api/order", family("quiet-side-part"));
    assertThat(order.path("broken").size()).isZero();
    assertThat(order.path("sorted").size()).isEqualTo(12);

    ObjectNode ladder = body(family("swept-back-classic"));
    ladder.put("section", "leftSide");
    JsonNode answers = posted("/api/ladder", ladder).path("answers");
    assertThat(answers.valueStream().filter(a -> a.path("chosen").asBoolean()).count())
        .isEqualTo(1);
    JsonNode column = answers.get(0).path("bands").get(0).path("columns").get(0);
    assertThat(column.path("toFingers").asDouble())
        .isCloseTo(column.path("toMm").asDouble() / 19, within(0.01));
    ladder.put("section", "chin");
    assertThat(refused("POST", "/api/ladder", ladder)).contains("chin").contains("leftSide");
  }

  @Test
  void aShopsOwnFamily_isSavedListedUsedAndTakenBack() {
    ObjectNode own = family("even-all-over");
    assertThat(refused("PUT", "/api/families/even-all-over", own)).contains("ships");
    ((ObjectNode) own.path("family")).put("id", "ferry-crop");
    own.put("title", "Ferry Crop");
    assertThat(refused("PUT", "/api/families/other", own)).contains("other");
    assertThat(maud.send("PUT", "/api/families/ferry-crop", own.toString()).statusCode())
        .isEqualTo(204);
    JsonNode listed = maud.json("/api/families").get(0);
    assertThat(listed.path("id").asString()).isEqualTo("ferry-crop");
    assertThat(listed.path("own").asBoolean()).isTrue();
    assertThat(maud.json("/api/families").size()).isEqualTo(Families.all().size() + 1);
    assertThat(PlanJson.read(maud.json("/api/families/ferry-crop")).title())
        .isEqualTo("Ferry Crop");
    long plan =
        TestShop.JSON
            .readTree(
                maud.send("POST", "/api/clients/2/plans", "{\"family\":\"ferry-crop\"}").body())
            .path("id")
            .asLong();
    Plan made = PlanJson.read(maud.json("/api/plans/" + plan).path("document"));
    assertThat(made.family().id()).isEqualTo("ferry-crop");
    assertThat(maud.send("DELETE", "/api/families/ferry-crop", null).statusCode()).isEqualTo(204);
    assertThat(maud.send("DELETE", "/api/families/ferry-crop", null).statusCode()).isEqualTo(404);
    assertThat(maud.json("/api/families").size()).isEqualTo(Families.all().size());
  }

  @Test
  void aMirroredCut_isOnTheOtherSide_andMirroredAgainItself() {
    ObjectNode lopsided = family("lopsided-pixie");
    JsonNode other = posted("/api/mirror", lopsided);
    assertThat(PlanJson.read(other)).isNotEqualTo(PlanJson.read(lopsided));
    assertThat(PlanJson.read(other).head()).isEqualTo(PlanJson.read(lopsided).head());
    assertThat(PlanJson.read(posted("/api/mirror", other))).isEqualTo(PlanJson.read(lopsided));
  }

  @Test
  void aKnobThatTurnsNothing_isRefusedByName() {
    ObjectNode own = family("even-all-over");
    ((ObjectNode) own.path("family").path("knobs").get(0)).put("dial", "gap");
    assertThat(refused("POST", "/api/fit", own)).contains("knob length").contains("strip");
  }
}
