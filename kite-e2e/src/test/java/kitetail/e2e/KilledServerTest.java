package kitetail.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What was said to be stored is stored, once, when a server dies without a goodbye. */
class KilledServerTest extends InTheShop {
  private static final int WRITES = 200;

  private static String token(Page p) {
    return p.context().cookies().stream()
        .filter(c -> c.name.equals("XSRF-TOKEN"))
        .map(c -> c.value)
        .findFirst()
        .orElseThrow();
  }

  private static APIResponse post(Page p, String path, Object body) {
    APIRequestContext http = p.context().request();
    return http.post(
        shop.url(path), RequestOptions.create().setHeader("X-XSRF-TOKEN", token(p)).setData(body));
  }

  @Test
  void killedDuringTwoHundredWrites_everyAcknowledgedOneIsThere_noneTwice() {
    Page p = shop.signedIn("maud", "paper");
    UUID sitting = UUID.randomUUID();
    UUID device = UUID.randomUUID();
    assertThat(
            post(
                    p,
                    "/api/plans/1/sitting",
                    Map.of("token", sitting.toString(), "startedAt", "2026-11-25T09:00:00Z"))
                .status())
        .isEqualTo(200);
    int acknowledged = 0;
    Thread killer = null;
    for (int n = 0; n < WRITES; ) {
      if (n == WRITES / 2 && killer == null) {
        // In the middle of a write, so that it may be stored without anybody having been told.
        killer = new Thread(shop::killServer);
        killer.start();
      }
      try {
        APIResponse r =
            post(
                p,
                "/api/sittings/" + sitting + "/entries",
                Map.of(
                    "device",
                    device.toString(),
                    "entries",
                    List.of(
                        Map.of(
                            "number",
                            n,
                            "at",
                            "2026-11-25T09:00:00Z",
                            "entry",
                            Map.of("kind", "forDry", "what", "place " + n)))));
        if (r.ok()) {
          acknowledged = ++n;
          continue;
        }
      } catch (PlaywrightException e) {
        // The server is gone; as a tablet does, the same entry is sent again once it is back.
      }
      shop.killServer();
      shop.startServer();
    }
    assertThat(acknowledged).isEqualTo(WRITES);
    assertThat(
            shop.sql(
                "select e.number::text from sitting_entry e where e.sitting = '%s' order by e.number"
                    .formatted(sitting)))
        .containsExactlyElementsOf(IntStream.range(0, WRITES).mapToObj(Integer::toString).toList());
    shop.consoleErrors.clear();
  }

  @Test
  void twoServersAndOneKilled_eachReminderIsSentOnce() throws Exception {
    Process other = shop.secondServer();
    try {
      shop.sql("delete from appointment");
      shop.sql(
          """
          insert into appointment (shop_id, person_id, client_id, starts_at, ends_at)
          select 1, 1, 1 + i % 5, now() + interval '2 hours' + i * interval '5 minutes',
            now() + interval '2 hours' + i * interval '5 minutes' + interval '4 minutes'
          from generate_series(1, 120) i
          """);
      // Whichever goes the round now, one of the two dies on the way.
      Thread.sleep(1500);
      shop.killServer();
      for (int i = 0; i < 120 && sent() < 120; i++) {
        Thread.sleep(1000);
      }
      assertThat(sent()).isEqualTo(120);
      List<String> keys = shop.sql("select key from standin_outbox where key like 'reminder/%'");
      assertThat(new TreeSet<>(keys)).hasSameSizeAs(keys);
      assertThat(shop.sql("select key from message where sent_at is null")).isEmpty();
    } finally {
      other.destroyForcibly().waitFor(20, TimeUnit.SECONDS);
      shop.startServer();
    }
    shop.consoleErrors.clear();
  }

  private static int sent() {
    return Integer.parseInt(
        shop.sql(
                "select count(*) from standin_outbox o join message m on m.key = o.key join appointment a"
                    + " on m.key = 'reminder/' || a.id || '/' || floor(extract(epoch from a.starts_at))::bigint")
            .get(0));
  }
}
