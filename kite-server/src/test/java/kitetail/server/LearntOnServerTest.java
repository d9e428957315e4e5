package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kitetail.practice.Skill;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What was learnt of a client is shown, used the next time, and forgotten when asked. */
class LearntOnServerTest extends InShop {
  private static final Instant BEGUN = Instant.parse("2026-03-02T09:00:00Z");

  private static long newPlan(long client) {
    return post(201, "/api/clients/" + client + "/plans", "{\"family\":\"quiet-side-part\"}")
        .path("id")
        .asLong();
  }

  private static int length(long plan) {
    return maud.json("/api/diary/free?planId=" + plan + "&from=2027-05-04").path("minutes").asInt();
  }

  @Test
  void aSlowClient_isBookedLonger_untilItIsForgotten() {
    long plan = newPlan(1);
    int usual = length(plan);
    UUID token = UUID.randomUUID();
    JsonNode sitting =
        post(
            200,
            "/api/plans/" + plan + "/sitting",
            "{\"token\":\"%s\",\"startedAt\":\"%s\"}".formatted(token, BEGUN));
    ObjectNode w = TestShop.JSON.createObjectNode().put("device", UUID.randomUUID().toString());
    ArrayNode entries = w.putArray("entries");
    int n = 0;
    for (JsonNode move : sitting.path("document").path("moves")) {
      entries
          .addObject()
          .put("number", n)
          .put("at", BEGUN.plusSeconds(330L * ++n).toString())
          .putObject("entry")
          .put("kind", "done")
          .put("move", move.path("id").asString());
    }
    entries
        .addObject()
        .put("number", n)
        .put("at", BEGUN.plusSeconds(330L * (n + 1)).toString())
        .putObject("entry")
        .put("kind", "measured")
        .put("place", "apex")
        .put("mm", 50);
    post(200, "/api/sittings/" + token + "/entries", w.toString());
    long visit =
        post(
                201,
                "/api/visits",
                "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"}"
                    .formatted(token, plan, BEGUN, BEGUN.plusSeconds(330L * n)))
            .path("id")
            .asLong();
    JsonNode learnt = maud.json("/api/clients/1/learnt").path("lessons");
    assertThat(learnt.valueStream().map(l -> l.path("what").asString())).contains("pace", "bias");
    int longer = length(plan);
    assertThat(longer).isGreaterThan(usual);
    JsonNode apex =
        maud.json("/api/visits/" + visit + "/lengths")
            .path("places")
            .valueStream()
            .filter(p -> p.path("place").asString().equalsIgnoreCase("apex"))
            .findFirst()
            .orElseThrow();
    assertThat(apex.path("measuredMm").asDouble()).isCloseTo(50, within(1e-9));
    assertThat(apex.path("plannedMm").asDouble()).isGreaterThan(20);
    // The same measure tells of the hand that tied the visit off, beside its drills: two
    // centimetres short is no habit, and counts as far as hands are ever off.
    assertThat(apex.path("plannedMm").asDouble()).isGreaterThan(65);
    assertThat(fingers()).containsExactly(-Skill.FINGER_LENGTH.most());
    told(204, maud.send("DELETE", "/api/practice/tries", null));
    assertThat(fingers()).isEmpty();
    told(204, maud.send("DELETE", "/api/clients/1/learnt", null));
    assertThat(maud.json("/api/clients/1/learnt").path("lessons")).isEmpty();
    assertThat(length(plan)).isEqualTo(usual);
  }

  /** By how much the bites of who is signed in were off, drill by drill and visit by visit. */
  private static List<Double> fingers() {
    return maud.json("/api/practice")
        .path("progress")
        .path("skills")
        .valueStream()
        .filter(s -> s.path("skill").asString().equals("fingerLength"))
        .flatMap(s -> s.path("offs").valueStream())
        .map(o -> o.path("off").asDouble())
        .toList();
  }

  @Test
  void aStrandMeasuredWetAndDry_isThisClientsOwnStretch() {
    assertThat(maud.json("/api/clients/4/learnt").path("lessons")).isEmpty();
    JsonNode view = maud.json("/api/clients/4/sitdown");
    ObjectNode document = (ObjectNode) view.path("document");
    ((ObjectNode) document.path("hair"))
        .putObject("wetDry")
        .put("stretchShare", 0.07)
        .put("curlRatio", 0.7);
    ObjectNode save =
        TestShop.JSON.createObjectNode().put("version", view.path("version").asLong());
    save.set("document", document);
    told(200, maud.send("PUT", "/api/sitdowns/" + view.path("id").asLong(), save.toString()));
    assertThat(maud.json("/api/clients/4/learnt").path("lessons").get(0).path("words").asString())
        .isEqualTo("Wet hair stretches by 7 %.");
  }

  @Test
  void aVisitNamesThePlanOfItsSitting() {
    long plan = newPlan(2);
    long other =
        post(201, "/api/clients/2/plans", "{\"family\":\"hard-line-sweep\"}").path("id").asLong();
    UUID token = UUID.randomUUID();
    post(
        200,
        "/api/plans/" + plan + "/sitting",
        "{\"token\":\"%s\",\"startedAt\":\"%s\"}".formatted(token, BEGUN));
    assertThat(
            maud.send(
                    "POST",
                    "/api/visits",
                    "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"}"
                        .formatted(token, other, BEGUN, BEGUN))
                .body())
        .contains("allowed " + plan);
  }
}
