package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a shop says of itself: when it is closed, what it offers, how it words what it sends. */
class ShopDayTest extends InShop {
  private static final ZoneId ZONE = ZoneId.of("Europe/Amsterdam");
  private static final LocalDate TODAY = LocalDate.now(ZONE);
  private static final LocalDate NEXT = TODAY.plusDays(3);

  @BeforeEach
  void nothingYet() {
    shop.sql("delete from appointment");
    shop.sql("delete from message");
    shop.sql("delete from closed");
    shop.sql("delete from service");
    shop.sql("delete from wording");
  }

  private static JsonNode put(int status, String path, String body) {
    return told(status, maud.send("PUT", path, body));
  }

  private static String closed(LocalDate from, LocalDate to, String why) {
    return "{\"from\":\"%s\",\"to\":\"%s\",\"why\":\"%s\"}".formatted(from, to, why);
  }

  private static LocalDate free(String more) {
    return day(maud.json("/api/diary/free?from=" + NEXT + more));
  }

  private static LocalDate day(JsonNode free) {
    return OffsetDateTime.parse(free.path("startsAt").asString())
        .atZoneSameInstant(ZONE)
        .toLocalDate();
  }

  @Test
  void aClosedDay_isOfferedToNobody_andTheDiarySaysWhy() {
    assertThat(free("")).isEqualTo(NEXT);
    put(
        200,
        "/api/shop/closed",
        "{\"days\":[" + closed(NEXT, NEXT.plusDays(1), "The ferry is in dock") + "]}");
    assertThat(free("")).isEqualTo(NEXT.plusDays(2));
    JsonNode diary = maud.json("/api/diary?from=" + NEXT + "&days=3");
    assertThat(diary.path("open").valueStream().map(o -> o.path("day").asString()).distinct())
        .containsExactly(NEXT.plusDays(2).toString());
    assertThat(diary.path("closed").valueStream().map(c -> c.path("why").asString()))
        .containsExactly("The ferry is in dock", "The ferry is in dock");
    put(200, "/api/shop/closed", "{\"days\":[]}");
    assertThat(free("")).isEqualTo(NEXT);
  }

  @Test
  void daysThatCannotBeClosed_areSaid_andWhatIsKeptStays() {
    put(200, "/api/shop/closed", "{\"days\":[" + closed(NEXT, NEXT, "") + "]}");
    for (String bad :
        List.of(
            closed(NEXT, NEXT.minusDays(1), ""),
            closed(TODAY.minusDays(9), TODAY.minusDays(2), ""),
            closed(NEXT, NEXT.plusYears(2), ""))) {
      assertThat(put(422, "/api/shop/closed", "{\"days\":[" + bad + "]}").toString())
          .contains("allowed from a day to the same or a later one");
    }
    assertThat(maud.json("/api/shop/closed").path("days")).hasSize(1);
    TestShop.Visitor joris = shop.new Visitor().signedIn("joris");
    told(403, joris.send("PUT", "/api/shop/closed", "{\"days\":[]}"));
  }

  private static long service(String name, int minutes, int cents) {
    JsonNode all =
        put(
            200,
            "/api/shop/services",
            "{\"services\":[{\"name\":\"%s\",\"minutes\":%d,\"priceCents\":%d}]}"
                .formatted(name, minutes, cents));
    return all.path("services").path(0).path("id").asLong();
  }

  private static JsonNode booked(String more) {
    OffsetDateTime at = NEXT.atTime(LocalTime.of(11, 0)).atZone(ZONE).toOffsetDateTime();
    post(
        201,
        "/api/appointments",
        "{\"personId\":1,\"clientId\":1,\"startsAt\":\"%s\"%s}".formatted(at, more));
    return maud.json("/api/diary?from=" + NEXT).path("appointments").path(0);
  }

  @Test
  void whatIsBookedForAService_isAsLongAsThat_andKnowsItsPrice() {
    long cut = service("Scissor cut", 50, 4200);
    JsonNode row = booked(",\"serviceId\":" + cut);
    assertThat(row.path("service").asString()).isEqualTo("Scissor cut");
    assertThat(row.path("priceCents").asLong()).isEqualTo(4200);
    assertThat(
            ChronoUnit.MINUTES.between(
                OffsetDateTime.parse(row.path("startsAt").asString()),
                OffsetDateTime.parse(row.path("endsAt").asString())))
        .isEqualTo(50);
    assertThat(
            maud.json("/api/diary/free?from=" + NEXT + "&serviceId=" + cut).path("minutes").asInt())
        .isEqualTo(50);
    // No longer offered: what is booked stays booked, without it.
    put(200, "/api/shop/services", "{\"services\":[]}");
    JsonNode after = maud.json("/api/diary?from=" + NEXT).path("appointments").path(0);
    assertThat(after.path("endsAt")).isEqualTo(row.path("endsAt"));
    assertThat(after.has("service")).isFalse();
  }

  /** Two who set what is offered at once: one list or the other, never a fault. */
  @Test
  void setByTwoAtOnce_oneListStands() throws Exception {
    String list =
        "{\"services\":[{\"name\":\"Cut\",\"minutes\":45},{\"name\":\"Beard\",\"minutes\":15}]}";
    var hands = java.util.concurrent.Executors.newFixedThreadPool(8);
    try {
      List<java.util.concurrent.Callable<Integer>> all =
          java.util.Collections.nCopies(
              24, () -> maud.send("PUT", "/api/shop/services", list).statusCode());
      for (var answer : hands.invokeAll(all)) {
        assertThat(answer.get()).isEqualTo(200);
      }
    } finally {
      hands.shutdownNow();
    }
    assertThat(maud.json("/api/shop/services").path("services")).hasSize(2);
  }

  @Test
  void twoServices_mayChangeNames_butNotShareOne() {
    JsonNode two =
        put(
            200,
            "/api/shop/services",
            "{\"services\":[{\"name\":\"A\",\"minutes\":20},{\"name\":\"B\",\"minutes\":30}]}");
    long a = two.path("services").path(0).path("id").asLong();
    long b = two.path("services").path(1).path("id").asLong();
    String swapped =
        "{\"services\":[{\"id\":%d,\"name\":\"B\",\"minutes\":20},{\"id\":%d,\"name\":\"A\",\"minutes\":30}]}"
            .formatted(a, b);
    JsonNode now = put(200, "/api/shop/services", swapped);
    assertThat(now.path("services").path(0).path("name").asString()).isEqualTo("B");
    assertThat(now.path("services").path(0).path("id").asLong()).isEqualTo(a);
    assertThat(
            put(
                    422,
                    "/api/shop/services",
                    "{\"services\":[{\"name\":\"A\",\"minutes\":20},{\"name\":\" a\",\"minutes\":30}]}")
                .toString())
        .contains("each name once");
    put(422, "/api/shop/services", "{\"services\":[{\"name\":\"A\",\"minutes\":3}]}");
    assertThat(booked422("999")).contains("allowed [");
  }

  private static String booked422(String service) {
    return post(
            422,
            "/api/appointments",
            "{\"personId\":1,\"clientId\":1,\"startsAt\":\"%sT11:00:00Z\",\"serviceId\":%s}"
                .formatted(NEXT, service))
        .toString();
  }

  /** Whenever it is asked, nobody is offered a time that is over. */
  @Test
  void noTimeIsOfferedThatIsOver() {
    OffsetDateTime now = OffsetDateTime.now();
    JsonNode free = maud.json("/api/diary/free?any=true&from=" + TODAY);
    assertThat(OffsetDateTime.parse(free.path("startsAt").asString())).isAfterOrEqualTo(now);
  }

  /** "Any chair": one's own first, another's when one's own has no room. */
  @Test
  void anyChair_isOnesOwnWhileItHasRoom_elseAnothers() {
    assertThat(maud.json("/api/diary/free?any=true&from=" + NEXT).path("personId").asLong())
        .isEqualTo(1);
    for (int h = 0; h < 24; h += 8) {
      post(
          201,
          "/api/appointments",
          "{\"personId\":1,\"clientId\":2,\"startsAt\":\"%s\",\"minutes\":480}"
              .formatted(NEXT.atTime(h, 0).atZone(ZONE).toOffsetDateTime()));
    }
    JsonNode any = maud.json("/api/diary/free?any=true&from=" + NEXT);
    assertThat(any.path("personId").asLong()).isEqualTo(2);
    assertThat(day(any)).isEqualTo(NEXT);
    assertThat(free("")).isEqualTo(NEXT.plusDays(1));
  }

  @Test
  void aMovedClient_isToldTheTimeAsItStands_onceForATime_inTheShopsWords() throws Exception {
    put(200, "/api/shop/wordings/moved", "{\"words\":\"Now {when}, {stylist}. {shop}\"}");
    JsonNode row = booked("");
    String told = "/api/appointments/" + row.path("id").asLong() + "/told";
    told(204, maud.send("POST", told, null));
    told(204, maud.send("POST", told, null));
    JsonNode all = maud.json("/api/messages").path("messages");
    assertThat(all).hasSize(1);
    assertThat(all.path(0).path("kind").asString()).isEqualTo("moved");
    assertThat(all.path(0).path("words").asString())
        .matches("Now \\w+ \\d+ \\w+ at 11:00, Maud Terwiel\\. The Landing");
    told(404, maud.send("POST", "/api/appointments/999999/told", null));
    shop.sql(
        "update appointment set starts_at = now() - interval '2 hours', ends_at = now() - interval '1 hour'");
    assertThat(told(422, maud.send("POST", told, null)).toString()).contains("still to come");
    // Freek left no number.
    shop.sql(
        "update appointment set client_id = 6, starts_at = starts_at + interval '1 hour', ends_at = ends_at + interval '1 hour'");
    assertThat(told(422, maud.send("POST", told, null)).toString())
        .contains("allowed for a client with a phone or an e-mail");
  }

  @Test
  void aWordingThatTellsNoTime_orNamesWhatNobodyKnows_isRefused() {
    String reminder = "/api/shop/wordings/reminder";
    assertThat(put(422, reminder, "{\"words\":\"See you!\"}").toString()).contains("{when}");
    assertThat(put(422, reminder, "{\"words\":\"{when} {price}\"}").toString())
        .contains("{shop}, {when}, {stylist}");
    put(422, reminder, "{\"words\":\" \"}");
    JsonNode kept = put(200, reminder, "{\"words\":\"{when}!\"}");
    assertThat(kept.path("preview").asString()).endsWith("!").doesNotContain("{");
    JsonNode usual = put(200, reminder, "{\"words\":" + kept.path("usual").toString() + "}");
    assertThat(usual.path("words")).isEqualTo(usual.path("usual"));
    assertThat(shop.sql("select kind from wording")).isEmpty();
    TestShop.Visitor joris = shop.new Visitor().signedIn("joris");
    told(403, joris.send("PUT", reminder, "{\"words\":\"{when}\"}"));
    told(200, joris.send("POST", reminder + "/preview", "{\"words\":\"{when}\"}"));
  }

  @Test
  void aShop_isCalledSomethingElse_andGoesByAnotherClock() {
    JsonNode row = booked("");
    put(200, "/api/shop", "{\"name\":\"The Slip\",\"zone\":\"Europe/London\"}");
    assertThat(maud.json("/api/today").path("shop").asString()).isEqualTo("The Slip");
    JsonNode after = maud.json("/api/diary?from=" + NEXT);
    assertThat(after.path("zone").asString()).isEqualTo("Europe/London");
    assertThat(
            OffsetDateTime.parse(after.path("appointments").path(0).path("startsAt").asString())
                .toInstant())
        .isEqualTo(OffsetDateTime.parse(row.path("startsAt").asString()).toInstant());
    assertThat(put(422, "/api/shop", "{\"name\":\"x\",\"zone\":\"Atlantis\"}").toString())
        .contains("Europe/Amsterdam");
    put(200, "/api/shop", "{\"name\":\"The Landing\",\"zone\":\"Europe/Amsterdam\"}");
  }

  @Test
  void chairsStandAsTheyAreSet_andWhoHasNone_isBookedToNone_butSeenWhereTheyWere() {
    JsonNode row = booked("");
    List<String> usual = chairs(NEXT);
    assertThat(usual).containsExactly("Maud Terwiel", "Joris Pier");
    told(204, maud.send("PUT", "/api/people/1/chair", "{\"chair\":2}"));
    assertThat(chairs(NEXT)).containsExactly("Joris Pier", "Maud Terwiel");
    told(204, maud.send("PUT", "/api/people/1/chair", "{}"));
    assertThat(chairs(NEXT.plusDays(1))).containsExactly("Joris Pier");
    assertThat(chairs(NEXT)).contains("Maud Terwiel");
    assertThat(
            post(
                    422,
                    "/api/appointments",
                    "{\"personId\":1,\"clientId\":1,\"startsAt\":\"%sT15:00:00Z\"}".formatted(NEXT))
                .toString())
        .contains("personId");
    assertThat(maud.json("/api/diary?from=" + NEXT).path("appointments").path(0).path("id"))
        .isEqualTo(row.path("id"));
    told(422, maud.send("PUT", "/api/people/1/chair", "{\"chair\":0}"));
    told(204, maud.send("PUT", "/api/people/1/chair", "{\"chair\":1}"));
    TestShop.Visitor joris = shop.new Visitor().signedIn("joris");
    told(403, joris.send("PUT", "/api/people/2/chair", "{}"));
  }

  private static List<String> chairs(LocalDate day) {
    return maud.json("/api/diary?from=" + day)
        .path("chairs")
        .valueStream()
        .map(c -> c.path("name").asString())
        .toList();
  }

  /** The books of a shop go with it: closed days, services and wordings stand in its archive. */
  @Test
  void theArchive_holdsThem() throws Exception {
    service("Scissor cut", 50, 4200);
    put(200, "/api/shop/closed", "{\"days\":[" + closed(NEXT, NEXT, "Dock") + "]}");
    put(200, "/api/shop/wordings/return", "{\"words\":\"Come back to {shop}\"}");
    TestShop.Visitor again = shop.new Visitor().signedIn("maud").withPasswordAgain();
    byte[] zip =
        again.bytes("GET", "/api/records/archive.zip?year=" + TODAY.getYear(), null).body();
    StringBuilder names = new StringBuilder();
    try (var in = new java.util.zip.ZipInputStream(new java.io.ByteArrayInputStream(zip))) {
      for (var e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        if (List.of("closed.jsonl", "service.jsonl", "wording.jsonl").contains(e.getName())) {
          names.append(new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8));
        }
      }
    }
    assertThat(names.toString()).contains("Dock", "Scissor cut", "Come back to {shop}");
  }
}
