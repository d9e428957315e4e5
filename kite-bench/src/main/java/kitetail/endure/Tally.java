package kitetail.endure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;

/** What was answered and what was seen. */
final class Tally {
  private record Timed(long toNs, double ms) {
    long fromNs() {
      return toNs - (long) (1e6 * ms);
    }
  }

  /** What was killed or stood still, until it had been back for a while. */
  private record Down(long fromNs, long toNs) {}

  /** By kind and status. */
  private final Map<String, Map<Integer, Integer>> statuses = new ConcurrentHashMap<>();

  private final Map<String, ConcurrentLinkedQueue<Timed>> times = new ConcurrentHashMap<>();
  private final List<Down> downs = Collections.synchronizedList(new ArrayList<>());
  private final List<String> checks = Collections.synchronizedList(new ArrayList<>());
  private final List<String> wrong = Collections.synchronizedList(new ArrayList<>());
  private final List<String> seen = Collections.synchronizedList(new ArrayList<>());
  private final long began = System.nanoTime();

  /** Nothing of a kind answered for so long at the end: whoever works at it was given up on. */
  private static final long STILL_NS = 180_000_000_000L;

  /** Of passwords that are wrong on purpose. */
  static final String GUESS = "guess";

  /** Statuses no request here may ever be answered with. */
  private static final List<Integer> NEVER = List.of(400, 401, 403, 500, 502, 504);

  Caller.Answer answered(String kind, String path, Caller.Answer a) {
    statuses
        .computeIfAbsent(kind, k -> new ConcurrentHashMap<>())
        .merge(a.status(), 1, Integer::sum);
    if (a.status() == 200 || a.status() == 201 || a.status() == 204) {
      times
          .computeIfAbsent(kind, k -> new ConcurrentLinkedQueue<>())
          .add(new Timed(System.nanoTime(), a.ms()));
    }
    if (NEVER.contains(a.status()) && !(kind.equals(GUESS) && a.is(401))) {
      wrong.add(
          path
              + " answered "
              + a.status()
              + ": "
              + a.body().substring(0, Math.min(200, a.body().length())));
    }
    return a;
  }

  /** Something that happened, with its minute. */
  void saw(String what) {
    String line =
        String.format(Locale.ROOT, "%5.1f min  %s", (System.nanoTime() - began) / 6e10, what);
    seen.add(line);
    System.out.println(line);
  }

  /** Something that was promised, and whether it was kept. */
  void check(String what, boolean kept) {
    checks.add((kept ? "kept    " : "BROKEN  ") + what);
    if (!kept) {
      wrong.add(what);
    }
  }

  /** Something did not answer from one moment on, and had been back for a while at another. */
  void down(long fromNs, long toNs) {
    downs.add(new Down(fromNs, toNs));
  }

  /** How long answers took while nothing was down and the machine was its own, sorted. */
  List<Double> calm(String kind, Machine.Own own) {
    return times.getOrDefault(kind, new ConcurrentLinkedQueue<>()).stream()
        .filter(t -> own.between(t.fromNs(), t.toNs()))
        .filter(t -> downs.stream().noneMatch(d -> d.fromNs() < t.toNs() && t.fromNs() < d.toNs()))
        .map(Timed::ms)
        .sorted()
        .toList();
  }

  int answers() {
    return statuses.values().stream()
        .flatMap(s -> s.values().stream())
        .mapToInt(Integer::intValue)
        .sum();
  }

  /** Whoever works at something is still being answered at the end. */
  void goesOn(String kind) {
    long last =
        times.getOrDefault(kind, new ConcurrentLinkedQueue<>()).stream()
            .mapToLong(Timed::toNs)
            .max()
            .orElse(began);
    check(kind + ": done to the end", System.nanoTime() - last < STILL_NS);
  }

  void neverAnswered(int status, String what) {
    check(what, statuses.values().stream().noneMatch(s -> s.containsKey(status)));
  }

  /** Prints all of it; whether everything was kept. */
  boolean report() {
    System.out.println();
    System.out.println("answers by status (0: nobody answered):");
    new TreeMap<>(statuses)
        .forEach((kind, s) -> System.out.printf("%-12s %s%n", kind, new TreeMap<>(s)));
    new TreeMap<>(times)
        .forEach(
            (kind, q) -> {
              List<Double> t = q.stream().map(Timed::ms).sorted().toList();
              System.out.printf(
                  Locale.ROOT,
                  "%-10s %7d answers, median %.0f ms, 95th %.0f, 99th %.0f, longest %.0f%n",
                  kind,
                  t.size(),
                  at(t, 0.5),
                  at(t, 0.95),
                  at(t, 0.99),
                  at(t, 1));
            });
    System.out.println();
    checks.forEach(System.out::println);
    wrong.stream().distinct().limit(30).forEach(w -> System.out.println("WRONG   " + w));
    return wrong.isEmpty();
  }

  static double at(List<Double> sorted, double share) {
    return sorted.isEmpty()
        ? Double.NaN
        : sorted.get((int) Math.max(0, Math.ceil(share * sorted.size()) - 1));
  }
}
