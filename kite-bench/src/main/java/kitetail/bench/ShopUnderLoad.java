package kitetail.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;

/**
 * A full shop as its people feel it: Today and a client's card among a hundred thousand, and a tap
 * at the chair while twenty chairs work.
 */
final class ShopUnderLoad {
  private static final int WARM = 60;
  private static final int COUNTED = 200;
  private static final int CHAIRS = 20;
  private static final int TAPS = 60;

  /** Bites are some seconds apart; two a second are a hard day. */
  private static final int BETWEEN_TAPS_MS = 500;

  private ShopUnderLoad() {}

  /**
   * Milliseconds, sorted.
   *
   * @param today the day's list
   * @param clients cards of clients, each once
   * @param named clients by a part of their name
   * @param taps from a tap to its being stored, with twenty chairs at work
   */
  record Times(List<Double> today, List<Double> clients, List<Double> named, List<Double> taps) {}

  static Times run(String url) throws Exception {
    Visitor maud = new Visitor(url);
    return new Times(
        sorted(i -> maud.get("/api/today")),
        sorted(i -> maud.get("/api/clients/" + (1000 + 337L * i % (FullShop.CLIENTS - 2000)))),
        sorted(i -> maud.get("/api/clients?q=" + Integer.toHexString(0xa000 + 97 * i))),
        taps(url));
  }

  private static List<Double> sorted(IntFunction<Double> once) {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < WARM + COUNTED; i++) {
      double ms = once.apply(i);
      if (i >= WARM) {
        all.add(ms);
      }
    }
    Collections.sort(all);
    return all;
  }

  private static List<Double> taps(String url) throws Exception {
    ExecutorService chairs = Executors.newFixedThreadPool(CHAIRS);
    List<Callable<List<Double>>> work = new ArrayList<>();
    for (int c = 0; c < CHAIRS; c++) {
      // Every tenth client has a plan of its own; one's sitting is one chair's.
      int plan = 10 + c;
      work.add(() -> atOneChair(new Visitor(url), plan));
    }
    List<Double> all = new ArrayList<>();
    for (var f : chairs.invokeAll(work)) {
      all.addAll(f.get());
    }
    chairs.shutdown();
    Collections.sort(all);
    return all;
  }

  private static List<Double> atOneChair(Visitor v, int plan) throws InterruptedException {
    UUID token = UUID.randomUUID();
    UUID device = UUID.randomUUID();
    v.post(
        "/api/plans/" + plan + "/sitting",
        "{\"token\":\"" + token + "\",\"startedAt\":\"2026-11-25T09:00:00Z\"}");
    List<Double> times = new ArrayList<>();
    for (int n = 0; n < TAPS; n++) {
      double ms =
          v.post(
              "/api/sittings/" + token + "/entries",
              "{\"device\":\"%s\",\"entries\":[{\"number\":%d,\"at\":\"2026-11-25T09:00:00Z\",\"entry\":{\"kind\":\"bite\",\"move\":\"a\"}}]}"
                  .formatted(device, n));
      if (n >= 10) {
        times.add(ms);
      }
      Thread.sleep(BETWEEN_TAPS_MS);
    }
    return times;
  }

  static void print(Times t) {
    line("Today", t.today);
    line("a client's card", t.clients);
    line("clients by a part of their name", t.named);
    line("a tap stored, " + CHAIRS + " chairs at work", t.taps);
    double median = t.today.get(t.today.size() / 2);
    System.out.printf(
        Locale.ROOT,
        "a client's card takes %.1f times as long as Today%n",
        t.clients.get(t.clients.size() / 2) / median);
  }

  private static void line(String what, List<Double> sorted) {
    System.out.printf(
        Locale.ROOT,
        "%s, %d clients, %d visits: median %.1f ms, 95th percentile %.1f ms, longest %.0f ms%n",
        what,
        FullShop.CLIENTS,
        FullShop.CLIENTS * FullShop.VISITS_EACH,
        sorted.get(sorted.size() / 2),
        sorted.get((int) Math.ceil(sorted.size() * 0.95) - 1),
        sorted.get(sorted.size() - 1));
  }

  /** Fills the shop and measures it alone. */
  public static void main(String[] args) throws Exception {
    FullShop.fill(
        System.getenv("KITETAIL_DB_URL"),
        System.getenv("KITETAIL_DB_USER"),
        System.getenv("KITETAIL_DB_PASSWORD"));
    print(run(System.getenv("KITETAIL_URL")));
  }
}
