package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What devices write down at the chair arrives once and in order, whatever the network does. */
class ChairTest extends InShop {
  private static final Instant START = Instant.parse("2026-03-02T09:00:00Z");

  private static long newPlan() {
    return TestShop.JSON
        .readTree(
            maud.send("POST", "/api/clients/1/plans", "{\"family\":\"quiet-side-part\"}").body())
        .path("id")
        .asLong();
  }

  private static JsonNode begin(long plan, UUID token) {
    return TestShop.JSON.readTree(
        maud.send(
                "POST",
                "/api/plans/" + plan + "/sitting",
                "{\"token\":\"" + token + "\",\"startedAt\":\"" + START + "\"}")
            .body());
  }

  private static ObjectNode entry(String kind, String move) {
    ObjectNode e = TestShop.JSON.createObjectNode().put("kind", kind);
    return move == null ? e : e.put("move", move);
  }

  private static String writing(UUID device, int from, JsonNode... entries) {
    ObjectNode w = TestShop.JSON.createObjectNode().put("device", device.toString());
    ArrayNode all = w.putArray("entries");
    for (int i = 0; i < entries.length; i++) {
      all.addObject()
          .put("number", from + i)
          .put("at", START.plusSeconds(60L * (from + i)).toString())
          .set("entry", entries[i]);
    }
    return w.toString();
  }

  private static java.net.http.HttpResponse<String> write(UUID sitting, String body) {
    return maud.send("POST", "/api/sittings/" + sitting + "/entries", body);
  }

  private static List<Integer> numbers(UUID sitting, UUID device) {
    return maud.json("/api/sittings/" + sitting + "/entries")
        .valueStream()
        .filter(e -> e.path("device").asString().equals(device.toString()))
        .map(e -> e.path("number").asInt())
        .toList();
  }

  @Test
  void aSittingBegunTwice_isOne_andASecondTabletJoinsIt() {
    long plan = newPlan();
    UUID first = UUID.randomUUID();
    assertThat(begin(plan, first).path("token").asString()).isEqualTo(first.toString());
    assertThat(begin(plan, first).path("token").asString()).isEqualTo(first.toString());
    UUID tablet = UUID.randomUUID();
    write(first, writing(tablet, 0, entry("bite", "top")));
    JsonNode joined = begin(plan, UUID.randomUUID());
    assertThat(joined.path("token").asString()).isEqualTo(first.toString());
    assertThat(joined.path("entries").get(0).path("entry").path("move").asString())
        .isEqualTo("top");
  }

  @Test
  void lookingBeginsNothing_howeverOften() {
    long plan = newPlan();
    String of = "/api/plans/" + plan + "/sitting";
    for (int i = 0; i < 3; i++) {
      JsonNode looked = maud.json(of);
      assertThat(looked.has("token")).isFalse();
      assertThat(looked.has("startedAt")).isFalse();
      assertThat(looked.path("document").path("moves").size()).isPositive();
      assertThat(looked.path("entries").isEmpty()).isTrue();
    }
    UUID token = UUID.randomUUID();
    begin(plan, token);
    assertThat(maud.json(of).path("token").asString()).isEqualTo(token.toString());
    assertThat(maud.send("GET", "/api/plans/999999/sitting", null).statusCode()).isEqualTo(404);
  }

  /** The device is not asked how much was done: a slip and what was taken back are no moves. */
  @Test
  void howManyMovesWereDone_isToldFromTheLogAlone() {
    long plan = newPlan();
    UUID sitting = UUID.randomUUID();
    List<String> moves =
        begin(plan, sitting)
            .path("document")
            .path("moves")
            .valueStream()
            .map(m -> m.path("id").asString())
            .toList();
    UUID device = UUID.randomUUID();
    ObjectNode slip = entry("tookMore", moves.get(0)).put("place", "crown").put("mm", 6);
    ObjectNode undone = entry("undone", null).put("device", device.toString()).put("number", 2);
    write(
        sitting,
        writing(
            device,
            0,
            entry("done", moves.get(0)),
            slip,
            entry("done", moves.get(1)),
            undone,
            entry("done", moves.get(2)),
            entry("skipped", moves.get(3)).put("reason", "No time left")));
    String visit =
        """
        {"token":"%s","planId":%d,"startedAt":"%s","finishedAt":"%s","remarks":"told by the log"}
        """
            .formatted(sitting, plan, START.plusSeconds(900), START.plusSeconds(2400));
    assertThat(maud.send("POST", "/api/visits", visit).statusCode()).isEqualTo(201);
    JsonNode kept =
        maud.json("/api/clients/1")
            .path("visits")
            .valueStream()
            .filter(v -> v.path("remarks").asString().equals("told by the log"))
            .findFirst()
            .orElseThrow();
    assertThat(kept.path("movesDone").asInt()).isEqualTo(2);
    assertThat(kept.path("minutes").asInt()).as("from the start of the sitting").isEqualTo(40);
    JsonNode lengths = maud.json("/api/visits/" + kept.path("id").asLong() + "/lengths");
    assertThat(lengths.path("slips").get(0).path("place").asString()).isEqualTo("crown");
    assertThat(lengths.path("slips").get(0).path("mm").asDouble()).isEqualTo(6);
    assertThat(lengths.path("skipped").get(0).path("reason").asString()).isEqualTo("No time left");
  }

  /**
   * Half a coffee is no work: what stood still is not among the minutes, nor in the year's table.
   */
  @Test
  void aPause_isNotAmongTheMinutes() {
    long plan = newPlan();
    UUID sitting = UUID.randomUUID();
    begin(plan, sitting);
    UUID device = UUID.randomUUID();
    JsonNode bite = entry("bite", "top");
    write(
        sitting,
        writing(
            device,
            0,
            bite,
            entry("paused", null),
            bite,
            bite,
            bite,
            entry("resumed", null),
            bite));
    long visit =
        told(
                201,
                maud.send(
                    "POST",
                    "/api/visits",
                    """
                    {"token":"%s","planId":%d,"startedAt":"%s","finishedAt":"%s"}
                    """
                        .formatted(sitting, plan, START, START.plusSeconds(1800))))
            .path("id")
            .asLong();
    // From the second entry to the sixth, a minute apart.
    assertThat(shop.sql("select paused_sec::text from visit where id = " + visit))
        .containsExactly("240");
    assertThat(
            maud.json("/api/clients/1")
                .path("visits")
                .valueStream()
                .filter(v -> v.path("id").asLong() == visit)
                .map(v -> v.path("minutes").asInt()))
        .containsExactly(26);
  }

  @Test
  void entriesSentAgainAndAgain_areStoredOnce_andAGapIsSentBack() {
    long plan = newPlan();
    UUID sitting = UUID.randomUUID();
    begin(plan, sitting);
    UUID device = UUID.randomUUID();
    String two = writing(device, 0, entry("bite", "top"), entry("done", "top"));
    assertThat(write(sitting, two).body()).contains("\"stored\":2");
    assertThat(write(sitting, two).body()).contains("\"stored\":2");
    assertThat(
            write(sitting, writing(device, 1, entry("done", "top"), entry("paused", null))).body())
        .contains("\"stored\":3");
    var gap = write(sitting, writing(device, 5, entry("resumed", null)));
    assertThat(gap.statusCode()).isEqualTo(409);
    assertThat(TestShop.JSON.readTree(gap.body()).path("stored").asInt()).isEqualTo(3);
    assertThat(numbers(sitting, device)).containsExactly(0, 1, 2);
  }

  @Test
  void twoTabletsWritingAtOnce_eachTryingEverythingTwice_loseNothingAndDoubleNothing()
      throws Exception {
    UUID sitting = UUID.randomUUID();
    begin(newPlan(), sitting);
    List<UUID> devices = List.of(UUID.randomUUID(), UUID.randomUUID());
    ExecutorService hands = Executors.newFixedThreadPool(4);
    List<Callable<Void>> work =
        IntStream.range(0, 4)
            .<Callable<Void>>mapToObj(
                k ->
                    () -> {
                      for (int n = 0; n < 25; n++) {
                        // The other hand of the same tablet may be behind: then this one is early.
                        while (write(sitting, writing(devices.get(k % 2), n, entry("bite", "top")))
                                .statusCode()
                            != 200) {
                          Thread.sleep(5);
                        }
                      }
                      return null;
                    })
            .toList();
    for (var f : hands.invokeAll(work)) {
      f.get();
    }
    hands.shutdown();
    for (UUID d : devices) {
      assertThat(numbers(sitting, d))
          .containsExactlyElementsOf(IntStream.range(0, 25).boxed().toList());
    }
  }

  @Test
  void theVisit_keepsThePlanAsItWasCut_andItsSittingIsOver() {
    long plan = newPlan();
    UUID sitting = UUID.randomUUID();
    JsonNode begun = begin(plan, sitting);
    ObjectNode other = (ObjectNode) begun.path("document").deepCopy();
    other.put("title", "Planned anew at the chair");
    ObjectNode replanned = entry("replanned", null);
    replanned.set("plan", other);
    write(sitting, writing(UUID.randomUUID(), 0, entry("done", "top"), replanned));
    String visit =
        """
        {"token":"%s","planId":%d,"startedAt":"%s","finishedAt":"%s","remarks":""}
        """
            .formatted(sitting, plan, START, START.plusSeconds(2400));
    assertThat(maud.send("POST", "/api/visits", visit).statusCode()).isEqualTo(201);
    assertThat(maud.send("POST", "/api/visits", visit).statusCode()).isEqualTo(201);
    List<String> titles =
        maud.json("/api/clients/1")
            .path("visits")
            .valueStream()
            .map(v -> v.path("title").asString())
            .filter(t -> t.startsWith("Planned anew"))
            .toList();
    assertThat(titles).hasSize(1);
    UUID next = UUID.randomUUID();
    assertThat(begin(plan, next).path("token").asString()).isEqualTo(next.toString());
  }

  @Test
  void whatIsNoEntry_andWhatIsOfAnotherShop_isRefused() {
    UUID sitting = UUID.randomUUID();
    begin(newPlan(), sitting);
    var bad = write(sitting, writing(UUID.randomUUID(), 0, entry("dance", null)));
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(TestShop.JSON.readTree(bad.body()).path("detail").asString()).isNotBlank();
    assertThat(
            write(UUID.randomUUID(), writing(UUID.randomUUID(), 0, entry("paused", null)))
                .statusCode())
        .isEqualTo(404);
    assertThat(numbers(sitting, UUID.randomUUID())).isEmpty();
  }

  /** Two tabs that number alike: the second's entry is not taken for the first's. */
  @Test
  void anotherEntryUnderAKnownNumber_isRefused_andNotCalledStored() {
    UUID sitting = UUID.randomUUID();
    begin(newPlan(), sitting);
    UUID device = UUID.randomUUID();
    write(sitting, writing(device, 0, entry("bite", "top")));
    var other = write(sitting, writing(device, 0, entry("done", "top")));
    assertThat(other.statusCode()).isEqualTo(409);
    assertThat(TestShop.JSON.readTree(other.body()).path("detail").asString())
        .contains("Entry 0", "another");
    assertThat(numbers(sitting, device)).containsExactly(0);
  }

  /** A tablet whose clock is an hour ahead: what it says comes when it was said. */
  @Test
  void aClockThatIsAhead_doesNotOrderWhatWasDone() {
    UUID sitting = UUID.randomUUID();
    begin(newPlan(), sitting);
    java.time.OffsetDateTime now = java.time.OffsetDateTime.now();
    java.time.OffsetDateTime ahead = now.plusHours(1);
    UUID wrong = UUID.randomUUID();
    write(
        sitting,
        "{\"device\":\"%s\",\"sentAt\":\"%s\",\"entries\":[{\"number\":0,\"at\":\"%s\",\"entry\":%s}]}"
            .formatted(wrong, ahead, ahead.minusSeconds(30), entry("done", "top")));
    var told = maud.json("/api/sittings/" + sitting + "/entries").get(0);
    assertThat(java.time.OffsetDateTime.parse(told.path("at").asString()))
        .isBetween(now.minusSeconds(60), now);
    assertThat(
            shop.sql(
                "select p.sign_in from sitting_entry e join person p on p.id = e.person_id where e.device = '"
                    + wrong
                    + "'"))
        .containsExactly("maud");
  }
}
