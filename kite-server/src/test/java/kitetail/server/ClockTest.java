package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A shop whose clock is set: the Saturday before clocks go back in Europe (the last Sunday of
 * October, at 01:00 UTC; Directive 2000/84/EC).
 */
class ClockTest {
  private static TestShop shop;
  private static TestShop.Visitor maud;

  @BeforeAll
  static void open() {
    shop = TestShop.with("--kitetail.now=2026-10-24T12:00:00Z");
    maud = shop.new Visitor().signedIn("maud");
  }

  @AfterAll
  static void close() {
    shop.close();
  }

  @Test
  void today_isTheShopsOwnDay() {
    JsonNode day = maud.json("/api/today");
    assertThat(day.path("date").asString()).isEqualTo("2026-10-24");
    assertThat(day.path("appointments").size()).isEqualTo(6);
    JsonNode night = maud.json("/api/diary?days=1&from=2026-10-25");
    assertThat(night.path("appointments").size()).isEqualTo(6);
  }

  /** The demo is opened on any day: on a Sunday night it has a tomorrow as well. */
  @Test
  void theWeekAfter_isBookedToo() {
    JsonNode monday = maud.json("/api/diary?days=1&from=2026-10-26");
    assertThat(monday.path("appointments").size()).isEqualTo(6);
  }

  /** From half past nine on Saturday to half past nine on Sunday are 25 hours. */
  @Test
  void sundaysFirst_isAtHalfPastNineByTheShopsClock() {
    JsonNode first = maud.json("/api/diary?days=1&from=2026-10-25").path("appointments").get(0);
    assertThat(first.path("startsAt").asString()).startsWith("2026-10-25T08:30");
    JsonNode before = maud.json("/api/diary?days=1&from=2026-10-24").path("appointments").get(0);
    assertThat(before.path("startsAt").asString()).startsWith("2026-10-24T07:30");
  }

  /** Whoever comes within a day is told the time that will stand on their own clock. */
  @Test
  void reminders_nameTheTimeOfTheMorningAfter() throws InterruptedException {
    List<String> words = List.of();
    for (int i = 0; i < 200 && words.isEmpty(); i++) {
      Thread.sleep(100);
      words =
          shop.sql(
              "select words from standin_outbox where words like '%Sunday 25 October at 09:30%'");
    }
    assertThat(words).isNotEmpty();
    assertThat(shop.sql("select words from standin_outbox where words like '%Monday 26%'"))
        .isEmpty();
  }
}
