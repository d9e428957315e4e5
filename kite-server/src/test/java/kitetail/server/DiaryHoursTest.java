package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Opening hours, other calendars, the waiting list, and a chair that runs late. */
class DiaryHoursTest extends InShop {
  private static long booked(int person, String at, int minutes) {
    return post(
            201,
            "/api/appointments",
            "{\"personId\":%d,\"clientId\":1,\"startsAt\":\"%s\",\"minutes\":%d}"
                .formatted(person, at, minutes))
        .path("id")
        .asLong();
  }

  private static JsonNode free(String from) {
    return maud.json("/api/diary/free?planId=1&from=" + from);
  }

  private static void open(String... rows) {
    told(200, maud.send("PUT", "/api/shop/hours", "{\"hours\":[" + String.join(",", rows) + "]}"));
  }

  private static String row(String rule, String from, String to) {
    return "{\"rule\":\"%s\",\"since\":\"2026-01-05\",\"from\":\"%s\",\"to\":\"%s\"}"
        .formatted(rule, from, to);
  }

  @Test
  void aTimeIsOffered_onlyWhenTheShopIsOpen() {
    open(row("FREQ=WEEKLY;BYDAY=TH", "13:00", "17:00"));
    // 1 June 2027 is a Tuesday.
    assertThat(free("2027-06-01").path("startsAt").asString()).startsWith("2027-06-03T1");
    JsonNode open = maud.json("/api/diary?from=2027-05-31&days=7").path("open");
    assertThat(open).hasSize(1);
    assertThat(open.get(0).path("day").asString()).isEqualTo("2027-06-03");
    assertThat(open.get(0).path("from").asInt()).isEqualTo(13 * 60);
    open(row("FREQ=DAILY", "09:00", "18:00"));
    assertThat(free("2027-06-01").path("startsAt").asString()).startsWith("2027-06-01");
    assertThat(
            maud.send(
                    "PUT",
                    "/api/shop/hours",
                    "{\"hours\":[" + row("SOMETIMES", "09:00", "18:00") + "]}")
                .body())
        .contains("FREQ=WEEKLY");
    assertThat(
            shop.new Visitor()
                .signedIn("joris")
                .send("PUT", "/api/shop/hours", "{\"hours\":[]}")
                .body())
        .contains("owner");
  }

  @Test
  void whatAnotherCalendarHolds_isNeitherOfferedNorBooked() {
    Instant day = Instant.now().plus(40, ChronoUnit.DAYS).truncatedTo(ChronoUnit.DAYS);
    String ics =
        """
        BEGIN:VCALENDAR\r
        VERSION:2.0\r
        PRODID:-//test//EN\r
        BEGIN:VEVENT\r
        UID:a@test\r
        DTSTAMP:20261101T000000Z\r
        DTSTART;VALUE=DATE:%s\r
        SUMMARY:Not for the shop\r
        END:VEVENT\r
        END:VCALENDAR\r
        """
            .formatted(day.toString().substring(0, 10).replace("-", ""));
    assertThat(
            told(200, maud.upload("/api/diary/busy", ics.getBytes(StandardCharsets.UTF_8)))
                .path("times")
                .asInt())
        .isEqualTo(1);
    String date = day.toString().substring(0, 10);
    JsonNode diary = maud.json("/api/diary?from=" + date);
    assertThat(diary.path("busy")).hasSize(1);
    assertThat(diary.toString()).doesNotContain("Not for the shop");
    assertThat(free(date).path("startsAt").asString()).doesNotStartWith(date);
    assertThat(
            maud.send(
                    "POST",
                    "/api/appointments",
                    "{\"personId\":1,\"clientId\":1,\"startsAt\":\"%sT10:00:00Z\",\"minutes\":30}"
                        .formatted(date))
                .body())
        .contains("own calendar");
    booked(2, date + "T10:00:00Z", 30);
    assertThat(maud.upload("/api/diary/busy", "hello".getBytes(StandardCharsets.UTF_8)).body())
        .contains("not an iCalendar file");
    told(
        200,
        maud.upload(
            "/api/diary/busy",
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nEND:VCALENDAR\r\n"
                .getBytes(StandardCharsets.UTF_8)));
    assertThat(maud.json("/api/diary?from=" + date).path("busy")).isEmpty();
  }

  @Test
  void aChairThatRunsLate_isFirstOnPaper_thenMovedAsAWhole() {
    long a = booked(2, "2027-07-06T10:00:00Z", 30);
    long b = booked(2, "2027-07-06T10:30:00Z", 30);
    booked(2, "2027-07-06T12:00:00Z", 30);
    JsonNode paper = maud.json("/api/diary/late?personId=2&freeAt=2027-07-06T10:20:00Z");
    assertThat(paper.path("rows").valueStream().map(r -> r.path("id").asLong()))
        .containsExactly(a, b);
    assertThat(
            maud.json("/api/diary?from=2027-07-06")
                .path("appointments")
                .get(0)
                .path("startsAt")
                .asString())
        .startsWith("2027-07-06T10:00");
    // Somebody moves one of them meanwhile: then nothing moves.
    ObjectNode stale = (ObjectNode) TestShop.JSON.readTree(paper.toString());
    ((ObjectNode) stale.path("rows").get(0)).put("version", 9);
    assertThat(maud.send("POST", "/api/diary/late", stale.toString()).statusCode()).isEqualTo(409);
    assertThat(
            shop.sql("select version::text from appointment where id in (%d, %d)".formatted(a, b)))
        .containsExactly("1", "1");
    post(200, "/api/diary/late", paper.toString());
    assertThat(
            shop.sql(
                "select to_char(starts_at at time zone 'UTC', 'HH24:MI') from appointment where id in (%d, %d) order by starts_at"
                    .formatted(a, b)))
        .containsExactly("10:20", "10:50");
  }

  @Test
  void theWaitingList_holdsWhoWouldComeSooner() {
    long id =
        post(201, "/api/waiting", "{\"clientId\":4,\"until\":\"2030-01-01\",\"note\":\"mornings\"}")
            .path("id")
            .asLong();
    assertThat(maud.json("/api/waiting").path("waiting").get(0).path("clientName").asString())
        .isEqualTo("Demba Touray");
    assertThat(
            maud.send("POST", "/api/waiting", "{\"clientId\":4,\"until\":\"2020-01-01\"}").body())
        .contains("allowed from");
    assertThat(
            maud.send(
                    "POST",
                    "/api/waiting",
                    "{\"clientId\":4,\"planId\":1,\"until\":\"2030-01-01\"}")
                .body())
        .contains("of this client");
    told(204, maud.send("DELETE", "/api/waiting/" + id, null));
    assertThat(maud.json("/api/waiting").path("waiting")).isEmpty();
  }
}
