package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class DiaryTest extends InShop {
  private static String booking(int person, String at, String more) {
    return "{\"personId\":" + person + ",\"clientId\":1,\"startsAt\":\"" + at + "\"" + more + "}";
  }

  private static long booked(int person, String at, String more) {
    var r = maud.send("POST", "/api/appointments", booking(person, at, more));
    assertThat(r.statusCode()).as(r.body()).isEqualTo(201);
    return TestShop.JSON.readTree(r.body()).path("id").asLong();
  }

  private static JsonNode day(String date) {
    return maud.json("/api/diary?from=" + date).path("appointments");
  }

  @Test
  void fortyAtOnceForOneSlot_leaveOne() throws Exception {
    ExecutorService phones = Executors.newFixedThreadPool(8);
    List<Callable<Integer>> calls =
        IntStream.range(0, 40)
            .<Callable<Integer>>mapToObj(
                i ->
                    () ->
                        maud.send(
                                "POST",
                                "/api/appointments",
                                // None begins when another does, and all overlap.
                                booking(
                                    1, "2027-03-01T10:%02d:00Z".formatted(i), ",\"minutes\":45"))
                            .statusCode())
            .toList();
    List<Integer> answers = new java.util.ArrayList<>();
    for (var f : phones.invokeAll(calls)) {
      answers.add(f.get());
    }
    phones.shutdown();
    assertThat(answers).filteredOn(s -> s == 201).hasSize(1);
    assertThat(answers).filteredOn(s -> s == 409).hasSize(39);
    assertThat(day("2027-03-01")).hasSize(1);
  }

  @Test
  void oneAfterTheOther_andSideBySide_areBooked() {
    booked(1, "2027-03-02T10:00:00Z", ",\"minutes\":30");
    booked(1, "2027-03-02T10:30:00Z", ",\"minutes\":30");
    booked(2, "2027-03-02T10:00:00Z", ",\"minutes\":60");
    assertThat(day("2027-03-02")).hasSize(3);
  }

  @Test
  void anAppointment_isAsLongAsItsPlan_andWhatComesAfterIt() {
    booked(1, "2027-03-03T10:00:00Z", ",\"planId\":1");
    booked(2, "2027-03-03T10:00:00Z", "");
    JsonNode both = day("2027-03-03");
    assertThat(minutes(both.get(1))).isEqualTo(45);
    assertThat(minutes(both.get(0)) % 5).isZero();
    assertThat(minutes(both.get(0))).isBetween(20L, 180L);
  }

  private static long minutes(JsonNode a) {
    return java.time.Duration.between(
            java.time.OffsetDateTime.parse(a.path("startsAt").asString()),
            java.time.OffsetDateTime.parse(a.path("endsAt").asString()))
        .toMinutes();
  }

  @Test
  void movedByTwoAtOnce_oneIsToldAndNothingIsLost_aTakenChairIsNotTakenAgain() {
    long a = booked(1, "2027-03-04T10:00:00Z", ",\"minutes\":30");
    booked(2, "2027-03-04T11:00:00Z", ",\"minutes\":30");
    String move =
        "{\"version\":1,\"personId\":%d,\"startsAt\":\"2027-03-04T%s:00Z\",\"minutes\":30}";
    assertThat(maud.send("PUT", "/api/appointments/" + a, move.formatted(2, "11:15")).statusCode())
        .isEqualTo(409);
    assertThat(maud.send("PUT", "/api/appointments/" + a, move.formatted(1, "14:00")).statusCode())
        .isEqualTo(200);
    var late = maud.send("PUT", "/api/appointments/" + a, move.formatted(1, "15:00"));
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(TestShop.JSON.readTree(late.body()).path("currentVersion").asInt()).isEqualTo(2);
    assertThat(day("2027-03-04").valueStream().map(x -> x.path("startsAt").asString()))
        .anyMatch(s -> s.contains("14:00") || s.contains("15:00+01"));
    assertThat(maud.send("DELETE", "/api/appointments/" + a, null).statusCode()).isEqualTo(204);
    assertThat(day("2027-03-04")).hasSize(1);
  }

  @Test
  void badTimesAndChairs_areRefusedWithTheirRange() {
    assertThat(
            maud.send(
                    "POST",
                    "/api/appointments",
                    booking(1, "2027-03-05T10:00:00Z", ",\"minutes\":2"))
                .body())
        .contains("5 to 480");
    assertThat(
            maud.send("POST", "/api/appointments", booking(99, "2027-03-05T10:00:00Z", "")).body())
        .contains("99")
        .contains("[1, 2]");
    // A plan of nobody here, and one of another client, though the length is told.
    assertThat(
            maud.send(
                    "POST",
                    "/api/appointments",
                    booking(1, "2027-03-05T10:00:00Z", ",\"minutes\":30,\"planId\":999999"))
                .statusCode())
        .isEqualTo(404);
    assertThat(
            maud.send(
                    "POST",
                    "/api/appointments",
                    booking(1, "2027-03-05T10:00:00Z", ",\"minutes\":30,\"planId\":2"))
                .body())
        .contains("$.planId");
    assertThat(day("2027-03-05")).isEmpty();
    assertThat(maud.send("GET", "/api/diary?days=99", null).statusCode()).isEqualTo(422);
  }

  @Test
  void aFreeTime_isFree_andOnceBookedAnotherIsOffered() {
    String ask = "/api/diary/free?planId=1&from=2027-03-08";
    JsonNode free = maud.json(ask);
    assertThat(free.path("startsAt").asString()).startsWith("2027-03-08");
    booked(1, free.path("startsAt").asString(), ",\"minutes\":" + free.path("minutes").asInt());
    JsonNode next = maud.json(ask);
    assertThat(next.path("startsAt").asString()).isNotEqualTo(free.path("startsAt").asString());
    booked(1, next.path("startsAt").asString(), ",\"minutes\":" + next.path("minutes").asInt());
  }

  @Test
  void theFinish_saysHowItIsDried_andWhenToComeBack() {
    JsonNode document = maud.json("/api/plans/1").path("document");
    JsonNode f =
        TestShop.JSON.readTree(maud.send("POST", "/api/finishing", document.toString()).body());
    assertThat(f.path("steps").size()).isBetween(4, 9);
    assertThat(f.path("steps").get(0).path("damp").asString()).isEqualTo("wet");
    assertThat(f.path("steps").valueStream().map(x -> x.path("words").asString()))
        .allMatch(w -> w.endsWith("."))
        .anyMatch(w -> w.contains("over to the right"));
    assertThat(f.path("returnFrom").asDouble()).isBetween(2.0, 16.0);
    assertThat(f.path("returnWords").asString()).startsWith("Back in ");
  }

  /** Read by an outside library; the address alone opens it, and a new one shuts the old. */
  @Test
  void theFeed_tellsAStylistsOwnAppointments_toACalendarThatIsNotSignedIn() throws Exception {
    String path =
        TestShop.JSON
            .readTree(maud.send("POST", "/api/diary/feed", "").body())
            .path("path")
            .asString();
    TestShop.Visitor phone = shop.new Visitor();
    Calendar c =
        new CalendarBuilder().build(new StringReader(phone.send("GET", path, null).body()));
    assertThat(c.validate().hasErrors()).isFalse();
    long own =
        maud.json("/api/diary?days=7")
            .path("appointments")
            .valueStream()
            .filter(a -> a.path("stylist").asString().startsWith("Maud"))
            .count();
    assertThat((long) c.getComponents("VEVENT").size()).isGreaterThanOrEqualTo(own).isPositive();
    String next =
        TestShop.JSON
            .readTree(maud.send("POST", "/api/diary/feed?anew=true", "").body())
            .path("path")
            .asString();
    assertThat(next).isNotEqualTo(path);
    assertThat(phone.send("GET", path, null).statusCode()).isEqualTo(404);
    assertThat(phone.send("GET", next, null).statusCode()).isEqualTo(200);
  }

  private static String state(String day, long id) {
    return day(day)
        .valueStream()
        .filter(a -> a.path("id").asLong() == id)
        .findFirst()
        .orElseThrow()
        .path("state")
        .asString();
  }

  private static int tell(long id, String state) {
    return maud.send("PUT", "/api/appointments/" + id + "/state", "{\"state\":\"" + state + "\"}")
        .statusCode();
  }

  /** Who did not come keeps no chair; expected again they find it taken, and are told so. */
  @Test
  void whoIsHere_orDidNotCome_isTold_andAChairNobodyCameToIsFree() {
    long id = booked(1, "2027-03-09T10:00:00Z", ",\"minutes\":45");
    assertThat(state("2027-03-09", id)).isEqualTo("planned");
    assertThat(tell(id, "here")).isEqualTo(204);
    assertThat(state("2027-03-09", id)).isEqualTo("here");
    assertThat(tell(id, "didNotCome")).isEqualTo(204);
    assertThat(state("2027-03-09", id)).isEqualTo("didNotCome");
    booked(1, "2027-03-09T10:15:00Z", ",\"minutes\":30");
    assertThat(tell(id, "planned")).isEqualTo(409);
    assertThat(tell(id, "asleep")).isIn(400, 422);
    assertThat(tell(999_999, "here")).isEqualTo(404);
  }

  /** Taken off by mistake: the same one again, with who has come, so that nobody is told twice. */
  @Test
  void whatWasTakenOff_isPutBackAsItWas_unlessTheChairIsTakenMeanwhile() {
    long id = booked(1, "2027-03-10T10:00:00Z", ",\"minutes\":45,\"note\":\"side door\"");
    assertThat(tell(id, "here")).isEqualTo(204);
    JsonNode was = day("2027-03-10");
    assertThat(maud.send("DELETE", "/api/appointments/" + id, null).statusCode()).isEqualTo(204);
    assertThat(day("2027-03-10")).isEmpty();
    assertThat(putBack(id)).isEqualTo(204);
    assertThat(day("2027-03-10")).isEqualTo(was);
    // Once: it is there.
    assertThat(putBack(id)).isEqualTo(404);
    assertThat(putBack(999_999)).isEqualTo(404);
    maud.send("DELETE", "/api/appointments/" + id, null);
    long other = booked(1, "2027-03-10T10:15:00Z", ",\"minutes\":30");
    assertThat(putBack(id)).isEqualTo(409);
    // Refused, it can still be put back once there is room.
    maud.send("DELETE", "/api/appointments/" + other, null);
    List<Integer> both =
        IntStream.range(0, 2).parallel().mapToObj(i -> putBack(id)).sorted().toList();
    assertThat(both).containsExactly(204, 404);
  }

  private static int putBack(long id) {
    return maud.send("POST", "/api/appointments/" + id + "/back", null).statusCode();
  }

  private static long walkIn(String name) {
    JsonNode added =
        post(201, "/api/clients", "{\"name\":\"" + name + "\",\"phone\":\"+31 6 5550 0188\"}");
    return added.path("id").asLong();
  }

  private static String today() {
    return maud.json("/api/today").path("date").asString();
  }

  private static List<JsonNode> ofClient(String day, long client) {
    return day(day).valueStream().filter(a -> a.path("clientId").asLong() == client).toList();
  }

  /** Sat down, in the diary; tied off, done: nobody has to tell. */
  @Test
  void aWalkIn_takesAChairInTheDiary_onceWorkBegins() {
    long client = walkIn("Sil Westra");
    long plan =
        post(201, "/api/clients/" + client + "/plans", "{\"family\":\"even-all-over\"}")
            .path("id")
            .asLong();
    Instant now = Instant.now();
    // Room in one's own chair, whatever the demo shop has booked there.
    maud.json("/api/diary?from=" + today())
        .path("appointments")
        .valueStream()
        .filter(a -> a.path("personId").asLong() == 1)
        .forEach(a -> maud.send("DELETE", "/api/appointments/" + a.path("id").asLong(), null));
    assertThat(ofClient(today(), client)).as("planning books nothing").isEmpty();
    String token = UUID.randomUUID().toString();
    String begin = "{\"token\":\"" + token + "\",\"startedAt\":\"" + now + "\"}";
    post(200, "/api/plans/" + plan + "/sitting", begin);
    post(200, "/api/plans/" + plan + "/sitting", begin);
    List<JsonNode> taken = ofClient(today(), client);
    assertThat(taken).hasSize(1);
    assertThat(taken.get(0).path("state").asString()).isEqualTo("inTheChair");
    assertThat(taken.get(0).path("planId").asLong()).isEqualTo(plan);
    post(
        201,
        "/api/visits",
        "{\"token\":\"%s\",\"planId\":%d,\"startedAt\":\"%s\",\"finishedAt\":\"%s\"}"
            .formatted(token, plan, now, Instant.now()));
    assertThat(ofClient(today(), client).get(0).path("state").asString()).isEqualTo("done");
  }
}
