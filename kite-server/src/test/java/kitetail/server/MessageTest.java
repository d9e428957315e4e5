package kitetail.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Reminders and invitations: what is due is sent, once, whatever happens to the servers. */
class MessageTest extends InShop {
  private static List<String> outbox() {
    return shop.sql("select key from standin_outbox where key <> 'return/half' order by key");
  }

  private static void await(String what, java.util.function.BooleanSupplier seen)
      throws InterruptedException {
    for (int i = 0; i < 200 && !seen.getAsBoolean(); i++) {
      Thread.sleep(100);
    }
    assertThat(seen.getAsBoolean()).as(what + "; there is " + outbox()).isTrue();
  }

  private static long booked(long client, Instant at) {
    return post(
            201,
            "/api/appointments",
            "{\"personId\":1,\"clientId\":%d,\"startsAt\":\"%s\",\"minutes\":5}"
                .formatted(client, at))
        .path("id")
        .asLong();
  }

  @Test
  void remindersAndInvitations_areSentOnce_alsoByTwoServers() throws Exception {
    shop.sql("delete from appointment");
    Instant soon = Instant.now().plus(3, ChronoUnit.HOURS).truncatedTo(ChronoUnit.SECONDS);
    long first = booked(1, soon);
    long far = booked(2, soon.plus(16, ChronoUnit.DAYS));
    // Somebody who cannot be reached, and somebody who could come back.
    long unreachable = booked(6, soon.plus(1, ChronoUnit.HOURS));
    long visit = visit(3, "2026-09-01T08:00:00Z", "2026-09-01T08:30:00Z", "");
    shop.sql("update visit set return_on = current_date where id = " + visit);
    String key = "reminder/" + first + "/" + soon.getEpochSecond();
    List<String> more = new ArrayList<>();
    try (AutoCloseable other = shop.secondServer()) {
      await("the first reminder", () -> outbox().contains(key));
      await("the invitation", () -> outbox().contains("return/" + visit));
      for (int i = 0; i < 20; i++) {
        Instant at = soon.plus(2 * 3600 + i * 600L, ChronoUnit.SECONDS);
        more.add("reminder/" + booked(1 + i % 5, at) + "/" + at.getEpochSecond());
      }
      await("twenty more", () -> outbox().containsAll(more));
    }
    Thread.sleep(1500);
    // One server goes the round at a time: nothing was even handed over twice.
    assertThat(
            shop.sql(
                "select key from standin_outbox where handed_over > 1 and key <> 'return/half'"))
        .isEmpty();
    assertThat(outbox()).noneMatch(k -> k.startsWith("reminder/" + far + "/"));
    assertThat(outbox()).noneMatch(k -> k.startsWith("reminder/" + unreachable + "/"));
    var told = maud.json("/api/messages").path("messages");
    assertThat(told.valueStream()).allMatch(m -> m.path("sentAt").isString());
    assertThat(told.valueStream().map(m -> m.path("words").asString()))
        .anyMatch(w -> w.contains("with Maud Terwiel"))
        .anyMatch(w -> w.contains("growing out"));
    // Moved to the next day: told again, of the new time.
    Instant moved = soon.plus(15, ChronoUnit.HOURS);
    told(
        200,
        maud.send(
            "PUT",
            "/api/appointments/" + first,
            "{\"version\":1,\"personId\":2,\"startsAt\":\"%s\",\"minutes\":5}".formatted(moved)));
    await(
        "the reminder of the new time",
        () -> outbox().contains("reminder/" + first + "/" + moved.getEpochSecond()));
  }

  /** As when a server dies between the gateway's yes and writing it down. */
  @Test
  void sentButNotWrittenDown_isNotSentAgain() throws Exception {
    shop.sql("delete from appointment where client_id = 6");
    shop.sql("insert into standin_outbox (key, address, words) values ('return/half', 'a', 'w')");
    shop.sql(
        "insert into message (key, shop_id, client_id, kind, address, words, made_at) values ('return/half', 1, 6, 'RETURN', 'a@example.org', 'w', now())");
    await(
        "written down",
        () ->
            shop.sql("select key from message where key = 'return/half' and sent_at is not null")
                    .size()
                == 1);
    assertThat(shop.sql("select words from standin_outbox where key = 'return/half'"))
        .containsExactly("w");
  }

  /** Refused addresses, the oldest of all, hold up nobody; each is tried again later, and shown. */
  @Test
  void refusedAddresses_holdUpNobody_andAreTriedAgainLater() throws Exception {
    shop.sql("delete from appointment where client_id = 6");
    for (int i = 0; i < 5; i++) {
      shop.sql(
          "insert into message (key, shop_id, client_id, kind, address, words, made_at) values ('return/refused%d', 1, 6, 'RETURN', 'nowhere', 'w', now() - interval '3 days')"
              .formatted(i));
    }
    shop.sql(
        "insert into message (key, shop_id, client_id, kind, address, words, made_at) values ('return/fine', 1, 6, 'RETURN', 'a@example.org', 'w', now())");
    await("the one after them", () -> outbox().contains("return/fine"));
    await(
        "each is tried by itself",
        () ->
            shop.sql("select key from message where key like 'return/refused%' and tries = 1")
                    .size()
                == 5);
    assertThat(maud.json("/api/messages").toString()).contains("gateway answered 422");
    // Long tried in vain, one is given up and said to be.
    shop.sql("update message set tries = 11, next_try_at = now() where key = 'return/refused0'");
    await(
        "it is given up",
        () ->
            !shop.sql(
                    "select 1::text from message where key = 'return/refused0' and given_up_at is not null")
                .isEmpty());
  }

  /** Looked at again just before it goes: what no longer holds is not told. */
  @Test
  void aCancelledAppointment_isNotRemindedOf() throws Exception {
    shop.sql(
        "insert into message (key, shop_id, client_id, kind, address, words, made_at, appointment_id, about_at) values ('reminder/999999/1', 1, 1, 'REMINDER', 'a', 'w', now(), 999999, now() + interval '2 hours')");
    await(
        "it is put down",
        () ->
            !shop.sql(
                    "select why from message where key = 'reminder/999999/1' and given_up_at is not null")
                .isEmpty());
    assertThat(outbox()).doesNotContain("reminder/999999/1");
    assertThat(maud.json("/api/messages").toString())
        .contains("\"givenUpAt\"")
        .doesNotContain("\"why\"");
  }
}
