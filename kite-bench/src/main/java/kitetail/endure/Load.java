package kitetail.endure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A busy shop: clients written down, plans saved, taps at chairs, heads drawn, the day looked at.
 */
final class Load implements AutoCloseable {
  /**
   * How long everybody pauses between two things they do, ms; two cores carry it with room to
   * spare.
   */
  private static final int BETWEEN = 250;

  /** Of the demo shop: who is worked on first, and next after them. */
  private static final int CLIENT = 3;

  private final Shop shop;
  private final Tally tally;
  private final long seed;
  private final List<Thread> threads = new ArrayList<>();
  private final AtomicBoolean on = new AtomicBoolean(true);

  /** Names of clients that were acknowledged. */
  final Map<String, Boolean> clients = new ConcurrentHashMap<>();

  /** Entries at a chair that were acknowledged: sitting, device and number. */
  final Map<String, Boolean> taps = new ConcurrentHashMap<>();

  /** The last version of each plan that was acknowledged, and the title it had. */
  final Map<Long, String> saved = new ConcurrentHashMap<>();

  final Map<Long, Long> versions = new ConcurrentHashMap<>();

  Load(Shop shop, Tally tally, long seed) {
    this.shop = shop;
    this.tally = tally;
    this.seed = seed;
    for (int i = 0; i < 2; i++) {
      start("writer", i, this::writes);
      start("planner", i, this::plans);
      start("chair", i, this::taps);
      start("asker", i, this::asks);
      start("day", i, this::looks);
    }
  }

  private interface Work {
    /**
     * @param i the first or the second of those who do the same
     */
    void go(Caller who, Random r, int i);
  }

  private void start(String what, int i, Work work) {
    String name = what + i;
    Thread t =
        new Thread(
            () -> {
              Random r = new Random(seed + name.hashCode());
              Caller who = new Caller(shop, tally).signedIn();
              work.go(who, r, i);
            },
            name);
    t.setDaemon(true);
    t.start();
    threads.add(t);
  }

  private void between(Random r, double times) {
    Shop.pause((long) (times * (BETWEEN / 2.0 + r.nextInt(BETWEEN))));
  }

  private void writes(Caller who, Random r, int i) {
    for (int n = 0; on.get(); n++) {
      String client = "Kept " + i + " " + n;
      if (who.ask("POST", "/api/clients", "{\"name\":\"" + client + "\"}", "write").is(201)) {
        clients.put(client, true);
      }
      between(r, 1);
    }
  }

  /** Everybody works on another client: a shape touched twice is one plan, with one sitting. */
  private long made(Caller who, int i, String family) {
    String plans = "/api/clients/" + (CLIENT + i) + "/plans";
    while (true) {
      Caller.Answer a = who.ask("POST", plans, "{\"family\":\"" + family + "\"}", "make a plan");
      if (a.is(201)) {
        return PlanJson.json().readTree(a.body()).path("id").asLong();
      }
      Shop.pause(500);
    }
  }

  private void plans(Caller who, Random r, int i) {
    long plan = made(who, i, "tapered-pixie");
    ObjectNode document = null;
    long version = 0;
    for (int n = 0; on.get(); n++) {
      if (document == null) {
        Caller.Answer a = who.ask("GET", "/api/plans/" + plan, null, "look");
        if (!a.is(200)) {
          Shop.pause(300);
          continue;
        }
        JsonNode stored = PlanJson.json().readTree(a.body());
        document = (ObjectNode) stored.path("document");
        version = stored.path("version").asLong();
      }
      String title = "Kept " + i + " " + n;
      document.put("title", title);
      Caller.Answer a =
          who.ask(
              "PUT",
              "/api/plans/" + plan,
              "{\"version\":" + version + ",\"document\":" + document + "}",
              "save");
      if (a.is(200)) {
        version = PlanJson.json().readTree(a.body()).path("version").asLong();
        versions.put(plan, version);
        saved.put(plan, title);
      } else if (a.is(409)) {
        document = null;
      }
      between(r, 1);
    }
  }

  private void taps(Caller who, Random r, int i) {
    long plan = made(who, i, "quiet-side-part");
    UUID sitting = UUID.randomUUID();
    String begin =
        "{\"token\":\"" + sitting + "\",\"startedAt\":\"" + java.time.Instant.now() + "\"}";
    while (!who.ask("POST", "/api/plans/" + plan + "/sitting", begin, "tap").is(200)) {
      Shop.pause(300);
    }
    UUID device = UUID.randomUUID();
    for (int n = 0; on.get(); n++) {
      String entry =
          "{\"device\":\"%s\",\"entries\":[{\"number\":%d,\"at\":\"%s\",\"entry\":{\"kind\":\"done\",\"move\":\"top\"}}]}"
              .formatted(device, n, java.time.Instant.now());
      // The very same once more until it is heard of, as a device does: another one is refused.
      while (!who.ask("POST", "/api/sittings/" + sitting + "/entries", entry, "tap").is(200)) {
        if (!on.get()) {
          return;
        }
        between(r, 1);
      }
      taps.put(sitting + "/" + device + "/" + n, true);
      between(r, 1);
    }
  }

  private static String onHead(int i) {
    List<String> names = List.copyOf(Families.all().keySet());
    ObjectNode plan = (ObjectNode) PlanJson.tree(Families.all().get(names.get(i % names.size())));
    ((ObjectNode) plan.get("head")).put("girthMm", 540 + 0.5 * (i % 80));
    return plan.toString();
  }

  private void asks(Caller who, Random r, int i) {
    while (on.get()) {
      String plan = onHead(r.nextInt(4000));
      switch (r.nextInt(6)) {
        case 0 -> who.ask("POST", "/api/fall?preview=true", plan, "fall");
        case 1 -> who.ask("POST", "/api/risk", plan, "risk");
        case 2 ->
            who.ask("GET", "/api/clients/" + (1 + r.nextInt(6)) + "/ranking", null, "ranking");
        default -> who.ask("POST", "/api/outcome", plan, "outcome");
      }
      between(r, 3);
    }
  }

  private void looks(Caller who, Random r, int i) {
    while (on.get()) {
      switch (r.nextInt(4)) {
        case 0 -> who.ask("GET", "/api/today", null, "look");
        case 1 -> who.ask("GET", "/api/clients/" + (1 + r.nextInt(6)), null, "look");
        case 2 -> who.ask("GET", "/api/clients", null, "look");
        default ->
            new Caller(shop, tally)
                .ask(
                    "POST",
                    "/api/session",
                    "{\"signIn\":\"maud\",\"password\":\"ferry-landing\"}",
                    "sign in");
      }
      between(r, 1);
    }
  }

  /** Everybody finishes what they are at. */
  @Override
  public void close() {
    on.set(false);
    for (Thread t : threads) {
      try {
        t.join(120_000);
      } catch (InterruptedException e) {
        throw Shop.stopped(e);
      }
      tally.check("whoever works as " + t.getName() + " is not left waiting", !t.isAlive());
    }
  }
}
