package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.cut.Fingers;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.SitDownJson;
import kitetail.hair.StartingHair;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a client is offered, over HTTP: today's cut first, each shape for when there is hair. */
class ProposalTest extends InShop {
  private static TestShop.Visitor joris;

  @BeforeAll
  static void comesIn() {
    joris = shop.new Visitor().signedIn("joris");
  }

  private static JsonNode got(TestShop.Visitor who, String path) {
    return told(200, who.send("GET", path, null));
  }

  /** A client of a test's own, sat down with these lengths and wishes. */
  private static long client(StartingHair hair, Wishes wishes) {
    long id = post(201, "/api/clients", "{\"name\":\"Someone New\"}").path("id").asLong();
    long sitDown = post(201, "/api/clients/" + id + "/sitdowns", "{}").path("id").asLong();
    JsonNode now = got(maud, "/api/sitdowns/" + sitDown);
    SitDown read = SitDownJson.read(now.path("document"));
    SitDown other =
        new SitDown(SitDown.VERSION, read.head(), read.hair(), hair, wishes, read.cautions());
    ObjectNode save = TestShop.JSON.createObjectNode();
    save.put("version", now.path("version").asLong()).set("document", SitDownJson.tree(other));
    told(200, maud.send("PUT", "/api/sitdowns/" + sitDown, save.toString()));
    return id;
  }

  private static List<JsonNode> ranked(long client) {
    String[] lines =
        maud.send("GET", "/api/clients/" + client + "/ranking", null).body().split("\n");
    return TestShop.JSON.readTree(lines[lines.length - 1]).path("families").valueStream().toList();
  }

  private static Plan proposed(TestShop.Visitor who, long client, String family) {
    return PlanJson.read(got(who, "/api/clients/" + client + "/families/" + family));
  }

  @Test
  void todaysCut_isAPlanLikeAnyOther() {
    long id = client(StartingHair.Taped.six(100, 95, 85, 55, 60, 40), Wishes.NONE);
    assertThat(ranked(id).get(0).path("title").asString()).isEqualTo("Today's cut, tidied");
    post(201, "/api/clients/" + id + "/plans", "{\"family\":\"todays-cut\"}");
    HttpResponse<String> still =
        maud.send("GET", "/api/clients/" + id + "/families/todays-cut/picture.png", null);
    assertThat(still.statusCode()).isEqualTo(200);
  }

  /** A tail wants hair that short sides do not have: it is shown as it would be, not flattened. */
  @Test
  void aShapeWithoutHairForIt_isOfferedForWhenThereIs() {
    long id = client(StartingHair.Taped.six(60, 55, 50, 20, 30, 20), Wishes.NONE);
    JsonNode tail =
        ranked(id).stream()
            .filter(f -> f.path("id").asString().equals("soft-tail"))
            .findFirst()
            .orElseThrow();
    assertThat(tail.path("weeks").asInt()).isGreaterThan(8);
    Plan then = proposed(maud, id, "soft-tail");
    assertThat(then.title()).contains("in " + tail.path("weeks").asInt() + " weeks");
    assertThat(((StartingHair.Taped) then.start()).tapedMm().get(Place.NAPE)).isGreaterThan(40.0);
    assertThat(weeksToGo(id, "soft-tail"))
        .as("whoever begins it today is told")
        .isBetween(tail.path("weeks").asDouble() - 1.5, tail.path("weeks").asDouble() + 1.5);
    assertThat(weeksToGo(id, "todays-cut")).isZero();
  }

  /** What is said when a plan of a family is begun at the chair. */
  private static double weeksToGo(long client, String family) {
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"" + family + "\"}")
            .path("id")
            .asLong();
    String begin =
        "{\"token\":\""
            + UUID.randomUUID()
            + "\",\"startedAt\":\""
            + OffsetDateTime.now().minusMinutes(1)
            + "\"}";
    return post(200, "/api/plans/" + plan + "/sitting", begin).path("weeksToGo").asDouble();
  }

  @Test
  void aLittle_putsWhatTakesMuchBehind_withTheReason() {
    Wishes little =
        new Wishes(
            List.<Wish>of(),
            null,
            null,
            null,
            null,
            null,
            Wishes.HowMuch.LITTLE,
            null,
            null,
            null,
            null,
            null,
            null);
    long id = client(StartingHair.Taped.six(180, 170, 160, 150, 150, 130), little);
    List<JsonNode> all = ranked(id);
    JsonNode last = all.get(all.size() - 1);
    assertThat(last.path("reasons").valueStream().map(JsonNode::asString))
        .anyMatch(r -> r.contains("more comes off than is to go"));
    assertThat(all.get(0).path("reasons").valueStream().map(JsonNode::asString))
        .noneMatch(r -> r.contains("more comes off"));
  }

  /** Each person's way is their own, and plans proposed to them are worked so. */
  @Test
  void aSchool_isKeptForAPerson_andWorkedBy() {
    long id = client(StartingHair.Taped.six(140, 140, 130, 110, 115, 95), Wishes.NONE);
    assertThat(maud.send("PUT", "/api/school", "{\"firmness\":\"none\",\"biteMm\":8}").statusCode())
        .isEqualTo(204);
    try {
      assertThat(got(maud, "/api/school").path("firmness").asString()).isEqualTo("none");
      assertThat(
              got(joris, "/api/school").path("firmness").isMissingNode()
                  || got(joris, "/api/school").path("firmness").isNull())
          .isTrue();
      Plan own = proposed(maud, id, "even-all-over");
      assertThat(own.moves()).noneMatch(m -> m.cut().tensed());
      assertThat(proposed(joris, id, "even-all-over").moves())
          .anyMatch(m -> m.cut() instanceof Fingers f && f.tensed());
      Map<String, List<JsonNode>> costs = costs();
      assertThat(costs.keySet()).contains("outline", "fringe", "knuckle", "crossCheck", "cowlick");
      // A longer line takes fewer bites and so less time than a short one.
      assertThat(minutes(costs, "knuckle", "past")).isLessThan(minutes(costs, "knuckle", "first"));
      HttpResponse<String> bad = maud.send("PUT", "/api/school", "{\"biteMm\":200}");
      assertThat(bad.statusCode()).isEqualTo(422);
      assertThat(bad.body()).contains("biteMm").contains("3 to 60");
      assertThat(maud.send("PUT", "/api/school", "{\"fringe\":\"sideways\"}").statusCode())
          .isEqualTo(422);
    } finally {
      maud.send("PUT", "/api/school", "{}");
    }
  }

  private static Map<String, List<JsonNode>> costs() {
    return got(maud, "/api/school/costs")
        .path("ways")
        .valueStream()
        .collect(Collectors.groupingBy(w -> w.path("about").asString()));
  }

  private static double minutes(Map<String, List<JsonNode>> costs, String about, String choice) {
    return costs.get(about).stream()
        .filter(w -> w.path("choice").asString().equals(choice))
        .findFirst()
        .orElseThrow()
        .path("minutes")
        .asDouble();
  }
}
