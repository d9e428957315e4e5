package kitetail.endure;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import tools.jackson.databind.node.ObjectNode;

/** What goes wrong, one thing after another, each kind once in a round of random order. */
final class Faults {
  /** Back within so long after a kill; the server's own start is half of it on two slow cores. */
  private static final double BACK_S = 30;

  /** So long after it is back a server has seen each of its kinds of request again. */
  private static final long SETTLES_NS = 20_000_000_000L;

  /** What was slow while the machine was not its own is asked once more, so often. */
  private static final int MOST_TRIES = 5;

  private static final String NOT_OWN = ", the machine not its own";

  private static final long LEFT_FREE = 3_000_000;

  private enum Kind {
    SERVER_KILLED,
    DATABASE_KILLED,
    DATABASE_STANDS_STILL,
    BOTH_KILLED,
    CROWD,
    SLOW_LINES,
    LARGE_BODY,
    HUNDRED_THOUSAND_ZEROS,
    WRONG_PASSWORDS,
    COPY,
    DISK_FULL
  }

  private final Shop shop;
  private final Tally tally;
  private final Machine machine;
  private final Random random;
  private final boolean ownDisk;
  private final List<Kind> round = new ArrayList<>();
  private double worstS;

  /**
   * @param ownDisk whether the shop's folder is a small disk of its own, so that it can be filled
   */
  Faults(Shop shop, Tally tally, Machine machine, long seed, boolean ownDisk) {
    this.shop = shop;
    this.tally = tally;
    this.machine = machine;
    this.random = new Random(seed);
    this.ownDisk = ownDisk;
  }

  /** The next of the plan. */
  void next() throws IOException {
    if (round.isEmpty()) {
      round.addAll(List.of(Kind.values()));
      Collections.shuffle(round, random);
    }
    Kind kind = round.remove(0);
    switch (kind) {
      case SERVER_KILLED -> killed("server", () -> Shop.signal(shop.server().pid(), "KILL"));
      case DATABASE_KILLED -> killed("database", () -> Shop.signal(shop.databaseProcess(), "KILL"));
      case BOTH_KILLED ->
          killed(
              "server and database",
              () -> {
                Shop.signal(shop.databaseProcess(), "KILL");
                Shop.signal(shop.server().pid(), "KILL");
              });
      case DATABASE_STANDS_STILL -> standsStill();
      case CROWD -> crowd();
      case SLOW_LINES -> slowLines();
      case LARGE_BODY ->
          refused("a body of 50 MB", "{\"x\":\"" + "y".repeat(50_000_000) + "\"}", 1000);
      case HUNDRED_THOUSAND_ZEROS ->
          refused("100 000 zeros for moves", "{\"moves\":[" + "0,".repeat(99_999) + "0]}", 500);
      case WRONG_PASSWORDS -> wrongPasswords();
      case COPY -> copy();
      case DISK_FULL -> diskFull();
    }
  }

  double worstSeconds() {
    return worstS;
  }

  private interface Deed {
    void go() throws IOException;
  }

  private void killed(String what, Deed kill) throws IOException {
    double s;
    boolean own;
    int tries = 0;
    do {
      long from = System.nanoTime();
      kill.go();
      Shop.pause(300);
      s = shop.secondsUntilReady(from);
      tally.down(from, System.nanoTime() + SETTLES_NS);
      own = machine.ownJustNow(from, System.nanoTime());
      tally.saw(
          String.format(
              Locale.ROOT,
              "%s killed (kill -9): back after %.1f s%s",
              what,
              s,
              own ? "" : NOT_OWN));
    } while (!own && s > BACK_S && ++tries < MOST_TRIES);
    worstS = Math.max(worstS, s);
    tally.check(what + " killed: back within " + (int) BACK_S + " s", s <= BACK_S);
  }

  /** The database's processes are stopped for a while, as on a disk that hangs. */
  private void standsStill() throws IOException {
    List<Long> all = new ArrayList<>();
    long first = shop.databaseProcess();
    all.add(first);
    ProcessHandle.of(first).orElseThrow().descendants().forEach(p -> all.add(p.pid()));
    for (long p : all) {
      Shop.signal(p, "STOP");
    }
    long from = System.nanoTime();
    Caller anybody = new Caller(shop, tally);
    Caller.Answer a = anybody.ask("GET", "/api/session/claim", null, "while it stands still");
    double said = (System.nanoTime() - from) / 1e9;
    Shop.pause(8000);
    for (long p : all) {
      Shop.signal(p, "CONT");
    }
    double s = shop.secondsUntilReady(System.nanoTime());
    tally.down(from, System.nanoTime() + SETTLES_NS);
    tally.saw(
        String.format(
            Locale.ROOT,
            "database stopped for 8 s: a request was told %d after %.1f s; ready %.1f s after it went on",
            a.status(),
            said,
            s));
    tally.check(
        "a database that stands still is said within 15 s, never a 401",
        said < 15 && a.status() != 401);
    tally.check("ready again after it", s < BACK_S);
  }

  private void crowd() {
    Caller who = new Caller(shop, tally).signedIn();
    ExecutorService many = Executors.newFixedThreadPool(200);
    int first = random.nextInt(1000);
    for (int i = 0; i < 200; i++) {
      ObjectNode plan = (ObjectNode) PlanJson.tree(Families.all().get("tapered-pixie"));
      ((ObjectNode) plan.get("head")).put("girthMm", 520 + 0.1 * (first + i));
      String body = plan.toString();
      many.execute(() -> who.ask("POST", "/api/fall?preview=true", body, "crowd"));
    }
    many.shutdown();
    boolean all;
    try {
      all = many.awaitTermination(4, TimeUnit.MINUTES);
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
    tally.saw("200 falls of 200 heads at once");
    tally.check("200 falls at once: every one answered", all);
  }

  private void slowLines() throws IOException {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 300; i++) {
        Socket s = new Socket("127.0.0.1", shop.port());
        slow.add(s);
        String path = i % 3 == 0 ? "/api/session/archive" : "/api/session";
        String type = i % 3 == 0 ? "application/octet-stream" : "application/json";
        s.getOutputStream()
            .write(
                ("POST "
                        + path
                        + " HTTP/1.1\r\nHost: x\r\nContent-Type: "
                        + type
                        + "\r\nContent-Length: 100000\r\n\r\n{")
                    .getBytes(StandardCharsets.US_ASCII));
      }
      double worst = 0;
      for (int i = 0; i < 20; i++) {
        for (Socket s : slow) {
          try {
            OutputStream o = s.getOutputStream();
            o.write(' ');
          } catch (IOException e) {
            // cut off, as it should be
          }
        }
        long from = System.nanoTime();
        shop.health("/liveness");
        worst = Math.max(worst, (System.nanoTime() - from) / 1e6);
        Shop.pause(400);
      }
      tally.saw(
          String.format(
              Locale.ROOT, "300 slow bodies of strangers for 8 s: health at most %.0f ms", worst));
      tally.check("health beside 300 slow bodies within 2 s", worst < 2000);
    } finally {
      for (Socket s : slow) {
        s.close();
      }
    }
  }

  private void refused(String what, String body, int withinMs) {
    Caller who = new Caller(shop, tally).signedIn();
    Caller.Answer a;
    boolean own;
    int tries = 0;
    do {
      long from = System.nanoTime();
      a = who.ask("POST", "/api/outcome", body, "refused");
      own = machine.ownJustNow(from, System.nanoTime());
      tally.saw(
          String.format(
              Locale.ROOT, "%s: %d after %.0f ms%s", what, a.status(), a.ms(), own ? "" : NOT_OWN));
    } while (!own && a.ms() >= 2 * withinMs && ++tries < MOST_TRIES);
    // A body refused unread may be cut off while it is still being sent.
    tally.check(
        what + " is refused within " + withinMs + " ms (twice that under load)",
        (a.is(413) || a.is(422) || a.is(0)) && a.ms() < 2 * withinMs);
  }

  private void wrongPasswords() {
    Caller who = new Caller(shop, tally);
    List<Integer> answers = new ArrayList<>();
    String name = "guess" + random.nextInt(100_000);
    // Lines are closed after a refusal: who finds nobody there asks once more.
    for (int i = 0; answers.size() < 14 && i < 60; i++) {
      Caller.Answer a =
          who.ask(
              "POST",
              "/api/session",
              "{\"signIn\":\"" + name + "\",\"password\":\"wrong-" + i + "\"}",
              Tally.GUESS);
      if (!a.is(0)) {
        answers.add(a.status());
      }
    }
    tally.saw("14 wrong passwords: " + answers);
    tally.check(
        "guessing is put off after ten tries",
        answers.contains(429) && Collections.frequency(answers, 401) <= 10);
  }

  private void copy() throws IOException {
    Path copies = shop.home().resolveSibling("copies");
    long from = System.nanoTime();
    boolean well = well(shop.run(shop.home(), "backup", copies.toString()));
    tally.saw(
        String.format(Locale.ROOT, "a copy under load: %.1f s", (System.nanoTime() - from) / 1e9));
    tally.check("a copy is made under load", well);
    if (!well) {
      return;
    }
    Path newest;
    try (var files = Files.list(copies)) {
      newest = files.filter(f -> f.toString().endsWith(".dump")).max(Path::compareTo).orElseThrow();
    }
    Path other = shop.home().resolveSibling("other-" + System.nanoTime());
    tally.check(
        "and brought back, row by row the same",
        well(shop.run(other, "restore", newest.toString())));
  }

  static boolean well(Process p) {
    try {
      return p.waitFor(5, TimeUnit.MINUTES) && p.exitValue() == 0;
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
  }

  private void diskFull() throws IOException {
    if (!ownDisk) {
      tally.saw("disk full: left out, no small disk could be made here (needs root)");
      return;
    }
    Path filler = shop.home().resolve("filler");
    FileStore disk = Files.getFileStore(shop.home());
    byte[] mb = new byte[1 << 20];
    try (OutputStream o = Files.newOutputStream(filler)) {
      while (disk.getUsableSpace() > LEFT_FREE) {
        o.write(mb);
      }
    } catch (IOException e) {
      // full, as meant
    }
    int ready = shop.health("/readiness");
    int alive = shop.health("/liveness");
    Shop.pause(10_000);
    Files.delete(filler);
    double s = shop.secondsUntilReady(System.nanoTime());
    tally.saw(
        String.format(
            Locale.ROOT,
            "disk full for 10 s: readiness %d, liveness %d; ready %.1f s after it was cleared",
            ready,
            alive,
            s));
    tally.check("a full disk is told by health (not ready, alive)", ready == 503 && alive == 200);
    tally.check("it goes on once the disk is cleared", s < 60);
  }
}
