package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kitetail.formats.json.SitDownJson;
import kitetail.formats.mesh.MeshWriter;
import kitetail.hair.HairMap;
import kitetail.hair.StartingLengths;
import kitetail.head.Bust;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class SittingTest extends InShop {
  private static long walkIn(String name) {
    return TestShop.JSON
        .readTree(maud.send("POST", "/api/clients", "{\"name\":\"" + name + "\"}").body())
        .path("id")
        .asLong();
  }

  private static JsonNode newest(long client) {
    return maud.json("/api/clients/" + client + "/sitdown");
  }

  private static ObjectNode document(long client) {
    return (ObjectNode) newest(client).path("document");
  }

  private static int save(long client, long version, JsonNode document) {
    ObjectNode body = TestShop.JSON.createObjectNode();
    body.put("version", version);
    body.set("document", document);
    return maud.send("PUT", "/api/sitdowns/" + newest(client).path("id").asLong(), body.toString())
        .statusCode();
  }

  private static JsonNode reading(byte[] answer) {
    ByteBuffer b = ByteBuffer.wrap(answer).order(ByteOrder.LITTLE_ENDIAN);
    byte[] text = new byte[b.getInt()];
    b.get(text);
    return TestShop.JSON.readTree(new String(text, StandardCharsets.UTF_8));
  }

  @Test
  void aWalkIn_sitsDownWithAUsualHead_andSavesAreGuardedByTheirVersion() {
    long id = walkIn("Guarded");
    assertThat(SitDownJson.read(document(id))).isEqualTo(SitDown.walkIn());
    ObjectNode d = document(id);
    ((ObjectNode) d.path("head")).put("girthMm", 590);
    assertThat(save(id, 1, d)).isEqualTo(200);
    assertThat(save(id, 1, d)).isEqualTo(409);
    assertThat(document(id).path("head").path("girthMm").asDouble()).isEqualTo(590);
    assertThat(maud.json("/api/clients/" + id).path("sitDowns").size()).isEqualTo(1);
  }

  @Test
  void whatIsReadBesideTheHead_isTheEnginesOwn() {
    SitDown s = SitDown.walkIn();
    byte[] full = maud.bytes("POST", "/api/sitdown/head", SitDownJson.write(s)).body();
    byte[] light =
        maud.bytes("POST", "/api/sitdown/head?meshes=false", SitDownJson.write(s)).body();
    assertThat(light.length).isLessThan(full.length / 2);
    byte[] unstroked =
        maud.bytes("POST", "/api/sitdown/head?strokes=false", SitDownJson.write(s)).body();
    assertThat(unstroked.length).isLessThan(full.length - 28 * 1800);
    assertThat(reading(unstroked)).isEqualTo(reading(full));
    JsonNode r = reading(full);
    Scalp scalp = Scalp.of(Head.of(s.head()), 1500);
    HairMap hair = HairMap.of(scalp, s.hair());
    assertThat(r.path("strands").asDouble()).isCloseTo(hair.strands(), within(1e-6));
    double[] lengths = StartingLengths.spread(scalp, s.start(), s.hair());
    assertThat(r.path("grams").asDouble()).isCloseTo(hair.grams(lengths), within(1e-9));
    assertThat(r.path("measures").path("girthMm").asDouble()).isCloseTo(570, within(1.0));
    assertThat(r.path("lengthsMm").path("front").asDouble()).isCloseTo(100, within(0.5));
  }

  /** The hair as it hangs today: the client's colours, and strands as long as was taped. */
  @Test
  void hairAsItHangsToday_isTheEnginesOwnFall() {
    SitDown s = SitDown.walkIn();
    var answer = maud.bytes("POST", "/api/sitdown/fall", SitDownJson.write(s));
    assertThat(answer.statusCode()).isEqualTo(200);
    JsonNode r = reading(answer.body());
    assertThat(r.path("colour").asString())
        .isEqualTo(String.format("#%06x", s.hair().colour().mean()));
    assertThat(r.path("face").size()).isEqualTo(4);
    ByteBuffer b = ByteBuffer.wrap(answer.body()).order(ByteOrder.LITTLE_ENDIAN);
    int at = 4 + b.getInt(0);
    int strands = b.getInt(at);
    int points = b.getInt(at + 4);
    assertThat(strands).isEqualTo(r.path("strands").asInt()).isGreaterThan(1000);
    double longest = 0;
    for (int i = 0; i < strands; i++) {
      double length = 0;
      for (int k = 1; k < points; k++) {
        double sum = 0;
        for (int c = 0; c < 3; c++) {
          int q = at + 8 + 2 * (3 * (i * points + k) + c);
          sum += Math.pow((b.getShort(q) - b.getShort(q - 6)) / 50.0, 2);
        }
        length += Math.sqrt(sum);
      }
      longest = Math.max(longest, length);
    }
    double taped =
        Arrays.stream(
                StartingLengths.spread(Scalp.of(Head.of(s.head()), 1200), s.start(), s.hair()))
            .max()
            .orElseThrow();
    assertThat(longest).isBetween(0.9 * taped, 1.1 * taped);
  }

  @Test
  void aContradiction_isSaidBesideItsField_withWhatTheOthersAllow() {
    ObjectNode d = (ObjectNode) SitDownJson.tree(SitDown.walkIn());
    ((ObjectNode) d.path("head")).put("earToEarMm", 350).put("breadthMm", 190);
    var r = maud.send("POST", "/api/sitdown/head", d.toString());
    assertThat(r.statusCode()).isEqualTo(422);
    JsonNode p = TestShop.JSON.readTree(r.body()).path("problems").get(0);
    assertThat(p.path("path").asString()).isEqualTo("$.head.breadthMm");
    assertThat(p.path("allowed").asString())
        .matches("allowed 1[34]\\d to 1[67]\\d given the other measures");
  }

  /** Every option of every pick is drawn, and no two of a group look the same. */
  @Test
  void everyPick_isDrawn_andLooksUnlikeItsNeighbours() throws IOException {
    String d = SitDownJson.write(SitDown.walkIn());
    for (JsonNode g : maud.json("/api/sitdown/picks")) {
      String group = g.path("id").asString();
      int n = g.path("options").size();
      byte[] png =
          maud.bytes("POST", "/api/sitdown/picks/" + group + "?width=80&height=92", d).body();
      BufferedImage strip = ImageIO.read(new ByteArrayInputStream(png));
      assertThat(strip.getWidth()).as(group).isEqualTo(80 * n);
      for (int i = 0; i < n; i++) {
        for (int k = 0; k < i; k++) {
          assertThat(differing(strip, i, k))
              .as(group + " " + i + " against " + k)
              .isGreaterThan(40);
        }
      }
    }
    assertThat(maud.send("POST", "/api/sitdown/picks/nose", d).statusCode()).isEqualTo(404);
  }

  /** Whatever is asked at once, of many heads never seen before, everything is answered. */
  @Test
  void manyAskingAtOnce_areAllAnswered() throws Exception {
    var threads = java.util.concurrent.Executors.newFixedThreadPool(8);
    List<java.util.concurrent.Future<Integer>> answers = new ArrayList<>();
    for (int i = 0; i < 48; i++) {
      ObjectNode d = (ObjectNode) SitDownJson.tree(SitDown.walkIn());
      ((ObjectNode) d.path("head")).put("girthMm", 520 + i / 4);
      String path =
          i % 3 == 0
              ? "/api/sitdown/head"
              : "/api/sitdown/picks/" + (i % 3 == 1 ? "sides" : "napeLine");
      answers.add(
          threads.submit(
              () ->
                  shop.new Visitor()
                      .signedIn("joris")
                      .bytes("POST", path, d.toString())
                      .statusCode()));
    }
    for (var a : answers) {
      assertThat(a.get(120, java.util.concurrent.TimeUnit.SECONDS)).isEqualTo(200);
    }
    threads.shutdown();
  }

  private static long differing(BufferedImage strip, int a, int b) {
    return IntStream.range(0, 80 * 92)
        .filter(
            i -> {
              int p = strip.getRGB(80 * a + i % 80, i / 80);
              int q = strip.getRGB(80 * b + i % 80, i / 80);
              return Math.abs((p >> 8 & 255) - (q >> 8 & 255)) > 12 || p >>> 24 != q >>> 24;
            })
        .count();
  }

  @Test
  void whatStopsTheCut_refusesAPlan_andNotesAreKeptOnlyWithConsent() {
    long id = walkIn("Cautious");
    ObjectNode d = document(id);
    d.putObject("cautions")
        .putArray("skin")
        .addObject()
        .put("kind", "mole")
        .put("near", "nape")
        .put("note", "dark");
    assertThat(save(id, 1, d)).isEqualTo(200);
    assertThat(document(id).path("cautions").path("skin").size()).isZero();
    ((ObjectNode) d.path("cautions")).putObject("consent").put("notes", true);
    assertThat(save(id, 2, d)).isEqualTo(200);
    assertThat(document(id).path("cautions").path("skin").get(0).path("note").asString())
        .isEqualTo("dark");
    long before =
        post(201, "/api/clients/" + id + "/plans", "{\"family\":\"quiet-side-part\"}")
            .path("id")
            .asLong();
    ((ObjectNode) d.path("cautions").path("skin").get(0)).put("kind", "brokenSkin");
    ((ObjectNode) d.path("cautions")).remove("consent");
    assertThat(save(id, 3, d)).isEqualTo(200);
    var refused =
        maud.send("POST", "/api/clients/" + id + "/plans", "{\"family\":\"quiet-side-part\"}");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("nothing is cut today");
    // Nor is a plan made before it begun at the chair.
    var begun =
        maud.send(
            "POST",
            "/api/plans/" + before + "/sitting",
            "{\"token\":\"%s\",\"startedAt\":\"2026-11-28T10:00:00Z\"}"
                .formatted(UUID.randomUUID()));
    assertThat(begun.statusCode()).isEqualTo(422);
    assertThat(begun.body()).contains("nothing is cut today");
    // Nor by a plan file.
    String file = maud.send("GET", "/api/plans/1/document.json", null).body();
    assertThat(
            maud.send("POST", "/api/clients/" + id + "/plans", "{\"document\":" + file + "}")
                .statusCode())
        .isEqualTo(422);
  }

  @Test
  void sittingDownAfterAVisit_startsFromThatCut_grownOut() {
    long id = walkIn("Returning");
    long plan =
        TestShop.JSON
            .readTree(
                maud.send(
                        "POST", "/api/clients/" + id + "/plans", "{\"family\":\"quiet-side-part\"}")
                    .body())
            .path("id")
            .asLong();
    java.time.OffsetDateTime now = java.time.OffsetDateTime.now(java.time.ZoneOffset.UTC);
    maud.send(
        "POST",
        "/api/visits",
        "{\"token\":\""
            + UUID.randomUUID()
            + "\",\"planId\":"
            + plan
            + ",\"startedAt\":\""
            + now.minusMinutes(1)
            + "\",\"finishedAt\":\""
            + now.plusSeconds(5)
            + "\",\"remarks\":\"\"}");
    assertThat(maud.send("POST", "/api/clients/" + id + "/sitdowns", "{}").statusCode())
        .isEqualTo(201);
    ObjectNode d = document(id);
    assertThat(d.path("start").path("kind").asString()).isEqualTo("grown");
    JsonNode r = reading(maud.bytes("POST", "/api/sitdown/head", d.toString()).body());
    // The nape was tapered and the top left long.
    assertThat(r.path("lengthsMm").path("nape").asDouble()).isLessThan(25);
    assertThat(r.path("lengthsMm").path("apex").asDouble()).isGreaterThan(45);
    assertThat(maud.json("/api/clients/" + id).path("sitDowns").size()).isEqualTo(2);
    long first = maud.json("/api/clients/" + id).path("sitDowns").get(0).path("id").asLong();
    assertThat(
            maud.send("GET", "/api/sitdowns/" + first + "/picture.png?width=90&height=100", null)
                .statusCode())
        .isEqualTo(200);
  }

  @Test
  void aMeshFile_isFitted_andABrokenOneIsSaidWithItsPlace() {
    Head head = Head.of(new HeadSpec.Measured(585, 360.0, null));
    byte[] ply = MeshWriter.ply(Bust.of(head));
    JsonNode f = TestShop.JSON.readTree(maud.upload("/api/sitdown/scan", ply).body());
    assertThat(f.path("rmsMm").asDouble()).isLessThan(0.2);
    assertThat(f.path("head").path("girthMm").asDouble()).isCloseTo(585, within(1.0));
    assertThat(f.path("points").size()).isEqualTo(3 * f.path("residualMm").size());
    String marks = "?left=-72,0,0&right=72,0,0&bridge=0,92,22";
    JsonNode marked = TestShop.JSON.readTree(maud.upload("/api/sitdown/scan" + marks, ply).body());
    assertThat(marked.path("head").path("earToEarMm").asDouble()).isCloseTo(360, within(1.0));
    var cut = maud.upload("/api/sitdown/scan", Arrays.copyOf(ply, ply.length / 2));
    assertThat(cut.statusCode()).isEqualTo(422);
    assertThat(cut.body()).contains("the file ends early");
    assertThat(maud.upload("/api/sitdown/scan?left=1&right=2&bridge=3", ply).statusCode())
        .isEqualTo(422);
  }

  /** What is no head can still be marked by hand: its points come back. */
  @Test
  void aMeshThatIsNoHead_comesBackToBeMarked() {
    StringBuilder obj = new StringBuilder();
    for (int i = 0; i < 900; i++) {
      obj.append("v ").append(i % 30).append(' ').append(i / 30).append(" 0\n");
    }
    JsonNode f =
        TestShop.JSON.readTree(
            maud.upload("/api/sitdown/scan", obj.toString().getBytes(StandardCharsets.US_ASCII))
                .body());
    assertThat(f.path("head").isMissingNode()).isTrue();
    assertThat(f.path("problem").asString()).isNotBlank();
    assertThat(f.path("scanPoints").size()).isGreaterThan(300);
  }

  @Test
  void theScannerStandIn_scansAHead_thatIsFittedToItsNoise() throws InterruptedException {
    JsonNode s = TestShop.JSON.readTree(maud.send("POST", "/api/sitdown/scanner", "{}").body());
    String at = "/api/sitdown/scanner/" + s.path("id").asString();
    for (int i = 0; i < 60 && maud.json(at).path("share").asDouble() < 1; i++) {
      Thread.sleep(100);
    }
    JsonNode f = TestShop.JSON.readTree(maud.send("POST", at + "/fit", "{}").body());
    assertThat(f.path("rmsMm").asDouble()).isBetween(0.2, 0.8);
    assertThat(f.path("head").path("girthMm").asDouble()).isBetween(540.0, 600.0);
    assertThat(maud.send("GET", "/api/sitdown/scanner/none", null).statusCode()).isEqualTo(502);
  }

  @Test
  void theMeasuringComb_sendsReadings() throws Exception {
    var r =
        maud.call(
            "GET", "/api/comb/readings", null, java.net.http.HttpResponse.BodyHandlers.ofLines());
    try (var lines = r.body()) {
      String first = lines.filter(l -> l.startsWith("data:")).findFirst().orElseThrow();
      double mm = TestShop.JSON.readTree(first.substring(5)).path("lengthMm").asDouble();
      assertThat(mm).isBetween(30.0, 110.0);
    }
  }

  @Test
  void aStrandMeasuredTwice_tellsStretchAndCurl_andABadOneItsRange() {
    JsonNode w =
        TestShop.JSON.readTree(
            maud.send("POST", "/api/sitdown/strand", "{\"wetPulledMm\":103,\"dryRelaxedMm\":80}")
                .body());
    assertThat(w.path("curlRatio").asDouble()).isCloseTo(0.8, within(1e-9));
    JsonNode bad =
        TestShop.JSON
            .readTree(
                maud.send("POST", "/api/sitdown/strand", "{\"wetPulledMm\":50,\"dryRelaxedMm\":80}")
                    .body())
            .path("problems")
            .path(0);
    assertThat(bad.path("path").asString()).isEqualTo("$.dryRelaxedMm");
    assertThat(bad.path("min").asDouble()).isEqualTo(10);
    assertThat(bad.path("max").asDouble()).isEqualTo(50);
    assertThat(bad.path("unit").asString()).isEqualTo("mm");
  }

  @Test
  void cards_comeInOnce_andGoOutWhole() {
    String cards =
        "BEGIN:VCARD\\r\\nVERSION:3.0\\r\\nFN:Ansel Ruiter\\r\\nTEL:0655500101\\r\\nEND:VCARD\\r\\n"
            + "BEGIN:VCARD\\r\\nVERSION:4.0\\r\\nFN:Nieuw Gezicht\\r\\nNOTE:a\\\\, b\\r\\nEND:VCARD\\r\\n";
    JsonNode read =
        TestShop.JSON.readTree(
            maud.send("POST", "/api/contacts/read", "{\"text\":\"" + cards + "\"}").body());
    assertThat(read.path("cards").get(0).path("sameAs").asString()).isEqualTo("Ansel Ruiter");
    assertThat(read.path("cards").get(1).has("sameAs")).isFalse();
    String one = "[" + read.path("cards").get(1) + "]";
    assertThat(maud.send("POST", "/api/contacts", one).body()).contains("\"added\":1");
    maud.withPasswordAgain();
    for (int version : new int[] {3, 4}) {
      assertThat(maud.send("GET", "/api/contacts.vcf?version=" + version, null).body())
          .contains("VERSION:" + version + ".0")
          .contains("FN:Nieuw Gezicht")
          .contains("NOTE:a\\, b");
    }
    assertThat(maud.send("POST", "/api/contacts", "[{\"name\":\"\"}]").body())
        .contains("$[0].name")
        .contains("allowed 1 to 120");
  }

  /** Nothing where something of a list is meant: said, with its place, wherever lists are taken. */
  @Test
  void nothingInAList_isRefusedWithItsPlace() {
    String token = UUID.randomUUID().toString();
    String device = "\"device\":\"" + token + "\"";
    for (String[] c :
        new String[][] {
          {"/api/contacts", "[{\"name\":\"Gijs\"},null]", "$[1]"},
          {"/api/sittings/" + token + "/entries", "{" + device + ",\"entries\":[null]}", "entries"},
          {"/api/replan", "{\"done\":0,\"measuredMm\":{\"apex\":null}}", "measuredMm"},
          {"/api/ladder", "{\"section\":\"top\",\"guardNumbers\":[1,null]}", "guardNumbers"},
          {"/api/diary/late", "{\"personId\":1,\"rows\":[null]}", "rows"}
        }) {
      HttpResponse<String> r = maud.send("POST", c[0], c[1]);
      assertThat(r.statusCode()).as(c[0] + r.body()).isEqualTo(422);
      assertThat(r.body()).as(c[0]).contains(c[2]).contains("must be given");
    }
  }

  @Test
  void otherShopsAndStrangers_seeNothingOfASitDown() {
    TestShop.Visitor stranger = shop.new Visitor();
    for (String path :
        new String[] {"/api/sitdowns/1", "/api/clients/1/sitdown", "/api/contacts.vcf"}) {
      assertThat(stranger.send("GET", path, null).statusCode()).as(path).isEqualTo(401);
    }
    assertThat(maud.send("GET", "/api/sitdowns/99999", null).statusCode()).isEqualTo(404);
  }
}
