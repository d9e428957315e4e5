package kitetail.endure;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;

/**
 * A shop under load for some minutes while things go wrong by a seeded plan; what was acknowledged
 * is counted against what is stored. Ends with 1 when anything promised was not kept.
 */
public final class Endure {
  private static final int LEAST_PAUSE_S = 20;
  private static final int MORE_PAUSE_S = 30;
  private static final int WARM_S = 30;

  /** Fewer answers tell no percentile. */
  private static final int LEAST_TOLD = 100;

  private Endure() {}

  /**
   * @param args the front door, how many minutes, and the seed of the plan
   */
  public static void main(String[] args) throws Exception {
    Path frontDoor = Path.of(args[0]);
    double minutes = Double.parseDouble(args[1]);
    long seed = Long.parseLong(args[2]);
    System.out.printf(
        Locale.ROOT,
        "%s, %d processors, Java %s; %.0f minutes, seed %d%n",
        System.getProperty("os.arch"),
        Runtime.getRuntime().availableProcessors(),
        System.getProperty("java.version"),
        minutes,
        seed);
    Path dir = Files.createTempDirectory("kitetail-endure");
    Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwxr-xr-x"));
    Path home = Files.createDirectory(dir.resolve("home"));
    boolean ownDisk = smallDisk(home);
    Tally tally = new Tally();
    boolean kept;
    try (Machine machine = new Machine();
        Shop shop = new Shop(frontDoor, dir)) {
      kept = endured(shop, tally, machine, minutes, seed, ownDisk);
    } finally {
      if (ownDisk) {
        run("umount", "-l", home.toString());
      }
    }
    System.exit(kept ? 0 : 1);
  }

  private static boolean smallDisk(Path at) throws IOException {
    return run("mount", "-t", "tmpfs", "-o", "size=1200m,mode=755", "tmpfs", at.toString());
  }

  private static boolean run(String... words) throws IOException {
    try {
      return new ProcessBuilder(words).start().waitFor() == 0;
    } catch (IOException e) {
      return false;
    } catch (InterruptedException e) {
      throw Shop.stopped(e);
    }
  }

  private static boolean endured(
      Shop shop, Tally tally, Machine machine, double minutes, long seed, boolean ownDisk)
      throws IOException {
    long until = System.nanoTime() + (long) (minutes * 60e9);
    double first = shop.secondsUntilReady(System.nanoTime());
    tally.saw(String.format(Locale.ROOT, "the shop is up after %.1f s", first));
    shop.database().does(Reminders.oneByOne());
    Faults faults = new Faults(shop, tally, machine, seed, ownDisk);
    Random random = new Random(seed);
    List<Double> live = new ArrayList<>();
    Load load = new Load(shop, tally, seed);
    Shop.pause(TimeUnit.SECONDS.toMillis(WARM_S));
    while (System.nanoTime() < until) {
      faults.next();
      Shop.pause(1000L * (LEAST_PAUSE_S + random.nextInt(MORE_PAUSE_S)));
      double mb = shop.metric("jvm_gc_live_data_size_bytes") / 1e6;
      if (!Double.isNaN(mb)) {
        live.add(mb);
      }
    }
    load.close();
    tally.saw("the load has ended");
    List.of("write", "save", "tap", "look", "outcome").forEach(tally::goesOn);
    tally.neverAnswered(404, "what is worked on is always there");
    Shop.pause(5000);
    tally.check(
        "no work of the engine is left running", shop.metric("kitetail_engine_running") == 0);
    tally.check("none is left waiting", shop.metric("kitetail_engine_waiting") == 0);
    stored(shop, tally, load);
    Machine.Own own = machine.own();
    fasterThan(tally, own, "write", 1000);
    fasterThan(tally, own, "tap", 1000);
    fasterThan(tally, own, "look", 1000);
    fasterThan(tally, own, "sign in", 1000);
    System.out.printf(
        Locale.ROOT, "%nheap that was alive after collections, MB: %s%n", rounded(live));
    System.out.printf(Locale.ROOT, "worst return after a kill: %.1f s%n", faults.worstSeconds());
    System.out.printf(
        Locale.ROOT,
        "time in which others had a tenth of the processors, or half their pace: %.0f %%%n",
        100 * machine.lostShare());
    return tally.report();
  }

  private static List<Long> rounded(List<Double> mb) {
    return mb.stream().map(Math::round).toList();
  }

  /**
   * Beside bodies, crowds, copies and slow lines, at the 95th percentile; not what met something
   * that was killed or stood still, which is held to coming back.
   */
  private static void fasterThan(Tally tally, Machine.Own own, String kind, int ms) {
    List<Double> calm = tally.calm(kind, own);
    double t = Tally.at(calm, 0.95);
    tally.check(
        String.format(
            Locale.ROOT, "%s: 95 in 100 of %d within %d ms (%.0f)", kind, calm.size(), ms, t),
        calm.size() >= LEAST_TOLD && t < ms);
  }

  private static void stored(Shop shop, Tally tally, Load load) {
    List<String> clients = shop.database().told("select name from client where name like 'Kept %'");
    same(tally, "clients", load.clients.keySet(), clients);
    List<String> taps =
        shop.database().told("select sitting || '/' || device || '/' || number from sitting_entry");
    same(tally, "taps", load.taps.keySet(), taps);
    boolean plans = true;
    for (Map.Entry<Long, Long> p : load.versions.entrySet()) {
      List<String> row =
          shop.database()
              .told(
                  "select version || ' ' || (document ->> 'title') from plan where id = "
                      + p.getKey());
      long version = Long.parseLong(row.get(0).split(" ")[0]);
      // A save may have been stored without its answer coming through, never the other way round.
      plans &=
          version > p.getValue()
              || version == p.getValue() && row.get(0).endsWith(load.saved.get(p.getKey()));
    }
    tally.check("every acknowledged save of " + load.versions.size() + " plans is stored", plans);
    int sent = shop.database().told(Reminders.SENT).size();
    tally.check(
        sent + " reminders went out, none twice",
        sent > 0 && shop.database().told(Reminders.AMISS).isEmpty());
    tally.check(
        "nobody's line of the trail is missing for a client written down",
        shop.database()
            .told(
                "select c.name from client c where c.name like 'Kept %' and not exists (select 1 from trail t where t.client_id = c.id and t.person_id is not null)")
            .isEmpty());
  }

  private static void same(
      Tally tally, String what, Set<String> acknowledged, List<String> stored) {
    Set<String> there = new HashSet<>(stored);
    Set<String> lost = new HashSet<>(acknowledged);
    lost.removeAll(there);
    tally.check(
        "%d %s acknowledged, %d stored: none lost"
            .formatted(acknowledged.size(), what, stored.size()),
        lost.isEmpty());
    tally.check(what + ": none twice", there.size() == stored.size());
  }
}
