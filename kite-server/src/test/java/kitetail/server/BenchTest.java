package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the plan bench asks, over HTTP. */
class BenchTest extends InShop {
  private static ObjectNode asked(String family) {
    ObjectNode n = TestShop.JSON.createObjectNode();
    n.set("document", PlanJson.tree(Families.all().get(family)));
    return n;
  }

  private static JsonNode posted(String path, JsonNode body) {
    HttpResponse<String> r = maud.send("POST", path, body.toString());
    assertThat(r.statusCode()).as(r.body()).isBetween(200, 201);
    return TestShop.JSON.readTree(r.body());
  }

  private static String refused(String path, JsonNode body) {
    HttpResponse<String> r = maud.send("POST", path, body.toString());
    assertThat(r.statusCode()).as(r.body()).isEqualTo(422);
    return TestShop.JSON.readTree(r.body()).path("detail").asString();
  }

  @Test
  void aLengthAskedOnAWalk_isWhatTheEngineThenLeavesThere() {
    ObjectNode a = asked("tapered-pixie");
    a.put("walk", "centre").put("atMm", 120).put("lengthMm", 60);
    JsonNode r = posted("/api/edit/length", a);
    Plan next = PlanJson.read(r.path("document"));
    Outcome o = PlanEngine.run(next);
    var walk = o.scalp().walks().get(0);
    int at = 0;
    while (walk.distanceMm()[at] < 120) {
      at++;
    }
    assertThat(o.afterMm()[walk.firstRoot() + at]).isCloseTo(60, within(1.5));
    assertThat(r.path("words").asString()).contains("“Top, straight out”");
    a.put("lengthMm", 4000);
    assertThat(refused("/api/edit/length", a)).contains("$.lengthMm").contains("0 to 1500");
    a.put("lengthMm", 60).put("walk", "round");
    assertThat(refused("/api/edit/length", a)).contains("earToEar");
    a.put("walk", "centre").put("atMm", 9000);
    assertThat(refused("/api/edit/length", a)).contains("allowed 0 to 3");
  }

  /** The paint's own vertices first, as the lengths come; then both sides of each crossing. */
  @Test
  void theScalpCutAlongItsSections_saysWhoseHairEachVertexShows() {
    String document = asked("tapered-pixie").path("document").toString();
    ByteBuffer head =
        ByteBuffer.wrap(maud.bytes("POST", "/api/head", document).body())
            .order(ByteOrder.LITTLE_ENDIAN);
    int scalp = 8 + 24 * head.getInt(0) + 4 * head.getInt(4);
    int own = head.getInt(scalp);
    ByteBuffer seams =
        ByteBuffer.wrap(maud.bytes("POST", "/api/seams", document).body())
            .order(ByteOrder.LITTLE_ENDIAN);
    int vertices = seams.getInt(0);
    int like = 8 + 24 * vertices + 4 * seams.getInt(4);
    assertThat(seams.limit()).isEqualTo(like + 4 * vertices);
    assertThat(vertices).isBetween(own + 400, 3 * own);
    for (int v = 0; v < vertices; v++) {
      int of = seams.getInt(like + 4 * v);
      assertThat(of).isBetween(0, own - 1);
      if (v < own) {
        assertThat(of).isEqualTo(v);
      }
      double far = 0;
      for (int k = 0; k < 3; k++) {
        far +=
            Math.pow(
                seams.getFloat(8 + 4 * (3 * v + k)) - head.getFloat(scalp + 8 + 4 * (3 * of + k)),
                2);
      }
      assertThat(Math.sqrt(far)).isLessThan(22);
    }
  }

  @Test
  void theMap_hasEverySection_itsEdges_andTheLandmarks() {
    JsonNode document = asked("tapered-pixie").path("document");
    JsonNode map = posted("/api/map", document);
    assertThat(map.path("sections").size()).isEqualTo(document.path("sections").size());
    assertThat(map.path("places").path("nape").get(1).asDouble()).isLessThan(-150);
    JsonNode top = map.path("sections").get(0);
    assertThat(top.path("rings").size()).isPositive();
    int points = 0;
    for (JsonNode stretch : top.path("rings").get(0)) {
      points += stretch.path("points").size();
    }
    assertThat(points).isGreaterThan(60);
    int fringe = 0;
    while (!document.path("sections").get(fringe).path("id").asString().equals("fringe")) {
      fringe++;
    }
    assertThat(map.path("sections").get(fringe).path("corners").size()).isEqualTo(5);
  }

  @Test
  void anEdgeDraggedToTheRidge_snaps_andSaysWhatComesAlong() {
    ObjectNode a = asked("tapered-pixie");
    JsonNode map = posted("/api/map", a.path("document"));
    JsonNode right = map.path("ridge").get(45);
    a.put("section", "top").put("limit", 0).put("upper", false);
    a.put("fromX", 0).put("fromY", 0);
    a.put("x", right.get(0).asDouble()).put("y", right.get(1).asDouble());
    JsonNode r = posted("/api/edit/edge", a);
    assertThat(r.path("words").asString()).startsWith("On the ridge").contains("“Left side”");
    assertThat(
            r.path("document").path("sections").get(0).path("limits").get(0).path("min").asDouble())
        .isZero();
    a.put("section", "chin");
    assertThat(refused("/api/edit/edge", a)).contains("chin");
  }

  @Test
  void movesAndSections_areChanged_orRefusedWithTheReason() {
    ObjectNode a = asked("tapered-pixie");
    int moves = a.path("document").path("moves").size();
    a.put("what", "reorder").put("move", "product").put("at", 0);
    assertThat(refused("/api/edit/move", a))
        .contains("Do “Weight over-directed above the taper” before");
    a.put("what", "scissorComb").put("section", "crown").put("at", 3);
    assertThat(posted("/api/edit/move", a).path("document").path("moves").size())
        .isEqualTo(moves + 1);
    a.put("what", "nape").put("section", "");
    JsonNode tapered = posted("/api/edit/move", a).path("document");
    assertThat(tapered.path("moves").get(3).path("cut").path("outline").path("kind").asString())
        .isEqualTo("nape");
    a.put("what", "shave");
    assertThat(refused("/api/edit/move", a)).contains("clipperComb").contains("earArc");
    ObjectNode s = asked("tapered-pixie");
    int sections = s.path("document").path("sections").size();
    s.put("what", "splitLevel").put("section", "top");
    assertThat(posted("/api/edit/section", s).path("document").path("sections").size())
        .isEqualTo(sections + 1);
    s.put("what", "join").put("other", "leftSide");
    assertThat(refused("/api/edit/section", s)).contains("do not meet");
  }

  @Test
  void remedies_arePlans_thatTheEngineTakes() {
    JsonNode all = posted("/api/edit/remedies", asked("tapered-pixie").path("document"));
    for (JsonNode r : all) {
      assertThat(PlanJson.read(r.path("document")).moves()).isNotEmpty();
      assertThat(r.path("rule").asString()).isNotBlank();
      assertThat(r.path("words").asString()).endsWith(".");
    }
  }

  @Test
  void landings_areLongerTheFartherTheyLie_fromTheirRoots() {
    JsonNode all = posted("/api/landings", asked("tapered-pixie").path("document"));
    double before = 0;
    int front = 0;
    for (JsonNode l : all) {
      if (l.path("place").asString().equals("front")) {
        assertThat(l.path("lengthMm").asDouble())
            .as(l.path("name").asString())
            .isGreaterThan(before);
        before = l.path("lengthMm").asDouble();
        front++;
      }
    }
    assertThat(front).isEqualTo(4);
    assertThat(all.size()).isEqualTo(5);
  }

  @Test
  void twoPlans_areToldApart_inWords() {
    ObjectNode a = asked("tapered-pixie");
    a.set("other", a.path("document"));
    assertThat(posted("/api/edit/differences", a).size()).isZero();
    ObjectNode other = (ObjectNode) a.path("document").deepCopy();
    other.put("title", "Another");
    a.set("other", other);
    assertThat(posted("/api/edit/differences", a).get(0).asString())
        .isEqualTo("it is called “Another”");
  }

  @Test
  void sheets_comeInEveryForm_andAnUnknownOneIsRefused() {
    String plan = "/api/plans/" + planToday();
    for (String form : new String[] {"", "?paper=letter", "?form=detailed&paper=a4"}) {
      HttpResponse<byte[]> r = maud.bytes("GET", plan + "/sheet.pdf" + form, null);
      assertThat(r.statusCode()).isEqualTo(200);
      assertThat(new String(r.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
          .isEqualTo("%PDF-");
    }
    assertThat(maud.send("GET", plan + "/sheet.svg?paper=letter", null).body()).contains("215.9mm");
    assertThat(maud.send("GET", plan + "/sheet.svg?paper=a3", null).body()).contains("a4, letter");
    assertThat(maud.send("GET", plan + "/sheet.pdf?form=long", null).body()).contains("detailed");
  }

  private static long planToday() {
    JsonNode today = TestShop.JSON.readTree(maud.send("GET", "/api/today", null).body());
    long id = 0;
    for (JsonNode a : today.path("appointments")) {
      id = a.path("planId").asLong(id);
    }
    return id;
  }

  @Test
  void aGrip_hasHairFromRootToTip_andPartingsOnBothDrawings() {
    ObjectNode a = asked("tapered-pixie");
    a.put("move", "top").put("bite", 3);
    JsonNode g = posted("/api/grip", a);
    assertThat(g.path("roots").size()).isEqualTo(g.path("tips").size()).isGreaterThan(5);
    assertThat(g.path("tool").asString()).isEqualTo("fingers");
    assertThat(g.path("partings").size()).isEqualTo(g.path("flat").size()).isPositive();
    a.put("move", "chin");
    assertThat(refused("/api/grip", a)).contains("chin");
  }

  @Test
  void coats_areANumberAVertex_andAnUnknownOneIsRefused() {
    JsonNode plan = asked("tapered-pixie").path("document");
    for (String of : new String[] {"weight", "risk", "density", "diameter"}) {
      HttpResponse<byte[]> r = maud.bytes("POST", "/api/coat?of=" + of, plan.toString());
      assertThat(r.statusCode()).isEqualTo(200);
      assertThat(r.body().length).as(of).isGreaterThan(4 * 3500);
    }
    assertThat(refused("/api/coat?of=gold", plan)).contains("density");
  }

  @Test
  void aVersion_isKeptUnderAName_andReadAgainAsItStood() {
    long id = planToday();
    String url = "/api/plans/" + id + "/versions";
    ObjectNode k = TestShop.JSON.createObjectNode();
    JsonNode document =
        TestShop.JSON.readTree(maud.send("GET", "/api/plans/" + id, null).body()).path("document");
    k.put("name", "before the fringe").set("document", document);
    long version = posted(url, k).path("id").asLong();
    JsonNode all = TestShop.JSON.readTree(maud.send("GET", url, null).body());
    assertThat(all.get(0).path("name").asString()).isEqualTo("before the fringe");
    JsonNode again = TestShop.JSON.readTree(maud.send("GET", url + "/" + version, null).body());
    assertThat(PlanJson.read(again)).isEqualTo(PlanJson.read(document));
    for (String blank : new String[] {"", " ", "\t", "\u2003"}) {
      k.put("name", blank);
      assertThat(refused(url, k)).contains("$.name").contains("must be given");
    }
    k.put("name", "x".repeat(81));
    assertThat(refused(url, k)).contains("1 to 80");
    assertThat(maud.send("GET", url + "/999999", null).statusCode()).isEqualTo(404);
  }

  /** A drop put in, told on the shop's own guards, and what other guards would buy. */
  @Test
  void aFade_isPutIn_andHeldAgainstAnEvenRise() {
    ObjectNode a = asked("quiet-side-part");
    int moves = a.path("document").path("moves").size();
    a.put("start", "drop").put("at", moves);
    JsonNode with = posted("/api/edit/fade", a).path("document");
    assertThat(with.path("moves").size()).isEqualTo(moves + 1);
    JsonNode move = with.path("moves").get(moves);
    assertThat(move.path("cut").path("kind").asString()).isEqualTo("fade");
    ObjectNode f = TestShop.JSON.createObjectNode();
    f.set("document", with);
    f.put("move", move.path("id").asString());
    JsonNode view = posted("/api/fades", f);
    assertThat(view.path("bands").size()).isEqualTo(4);
    assertThat(view.path("strips").size()).isEqualTo(3);
    JsonNode last = view.path("offers").get(view.path("offers").size() - 1);
    assertThat(last.path("worstMm").asDouble())
        .isLessThanOrEqualTo(view.path("worstMm").asDouble());
    assertThat(last.path("minutes").asDouble()).isPositive();
    f.put("fromMm", 50);
    assertThat(refused("/api/fades", f)).contains("$.fromMm").contains("0.3 to 40");
    f.put("fromMm", 1).put("move", with.path("moves").get(0).path("id").asString());
    assertThat(refused("/api/fades", f)).contains("it must be a fade");
    a.put("at", 99);
    assertThat(refused("/api/edit/fade", a)).contains("$.at").contains("was 99");
  }

  /** Same again, but the sides shorter. */
  @Test
  void aDial_setsOnePart_andSaysWhatCameAlong() {
    ObjectNode a = asked("quiet-side-part");
    JsonNode before = posted("/api/dials", a.path("document"));
    JsonNode sides = before.path("parts").get(0);
    assertThat(sides.path("part").asString()).isEqualTo("sides");
    double wanted = 0.85 * sides.path("mm").asDouble();
    a.put("part", "sides").put("mm", wanted);
    JsonNode edited = posted("/api/edit/dial", a);
    assertThat(edited.path("words").asString()).startsWith("Sides ").contains(" becomes ");
    JsonNode after = posted("/api/dials", edited.path("document"));
    assertThat(after.path("parts").get(0).path("mm").asDouble()).isCloseTo(wanted, within(2.0));
    a.put("mm", 2000);
    assertThat(refused("/api/edit/dial", a)).contains("$.mm").contains("0 to 1500");
    ObjectNode s = asked("quiet-side-part");
    s.put("softness", "piecey");
    JsonNode soft = posted("/api/edit/softness", s).path("document");
    assertThat(posted("/api/dials", soft).path("softness").asString()).isEqualTo("piecey");
  }
}
