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
  private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();
  private final Map<String, ConcurrentLinkedQueue<Double>> ms = new ConcurrentHashMap<>();
  private final List<String> checks = Collections.synchronizedList(new ArrayList<>());
  private final List<String> wrong = Collections.synchronizedList(new ArrayList<>());
  private final List<String> seen = Collections.synchronizedList(new ArrayList<>());
  private final long began = System.nanoTime();

  /** Of passwords that are wrong on purpose. */
  static final String GUESS = "guess";

  /** Statuses no request here may ever be answered with. */
  private static final List<Integer> NEVER = List.of(400, 401, 403, 500, 502, 504);

  Caller.Answer answered(String kind, String path, Caller.Answer a) {
    statuses.merge(a.status(), 1, Integer::sum);
    if (a.status() == 200 || a.status() == 201 || a.status() == 204) {
      ms.computeIfAbsent(kind, k -> new ConcurrentLinkedQueue<>()).add(a.ms());
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

  List<Double> times(String kind) {
    return ms.getOrDefault(kind, new ConcurrentLinkedQueue<>()).stream().sorted().toList();
  }

  int answers() {
    return statuses.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Prints all of it; whether everything was kept. */
  boolean report() {
    System.out.println();
    System.out.println("answers by status (0: nobody answered): " + new TreeMap<>(statuses));
    new TreeMap<>(ms)
        .forEach(
            (kind, q) -> {
              List<Double> t = q.stream().sorted().toList();
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
