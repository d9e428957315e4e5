package kitetail.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;

/** Eight tablets that ask a server for the fall of a plan at the same moment, each of its own. */
final class EightAtOnce {
  private static final int TABLETS = 8;
  private static final int WARM = 20;
  private static final int ALONE = 11;
  private static final int ROUNDS = 5;

  private final Visitor[] tablets;
  private final String plan;
  private int asked;

  private EightAtOnce(String url) {
    tablets = IntStream.range(0, TABLETS).mapToObj(i -> new Visitor(url)).toArray(Visitor[]::new);
    plan = PlanJson.tree(Families.all().get("tapered-pixie")).toString();
  }

  /** The cut another while after: a fall that nobody has asked for yet. */
  private String another() {
    return "/api/fall?week=" + 0.01 * ++asked;
  }

  static void print(String url) throws Exception {
    EightAtOnce e = new EightAtOnce(url);
    for (int i = 0; i < WARM; i++) {
      e.tablets[0].post(e.another(), e.plan);
    }
    double[] alone = new double[ALONE];
    for (int i = 0; i < ALONE; i++) {
      alone[i] = e.tablets[0].post(e.another(), e.plan);
    }
    Arrays.sort(alone);
    double one = alone[ALONE / 2];
    double[] medians = new double[ROUNDS];
    double[] longest = new double[ROUNDS];
    double[] fine = new double[ROUNDS];
    for (int r = 0; r < ROUNDS; r++) {
      List<String> paths = IntStream.range(0, TABLETS).mapToObj(i -> e.another()).toList();
      long from = System.nanoTime();
      double[] first = e.all(paths);
      // Whoever was shown few strands asks once more.
      e.all(paths);
      fine[r] = (System.nanoTime() - from) / 1e6;
      Arrays.sort(first);
      medians[r] = (first[TABLETS / 2 - 1] + first[TABLETS / 2]) / 2;
      longest[r] = first[TABLETS - 1];
    }
    Arrays.sort(medians);
    Arrays.sort(longest);
    Arrays.sort(fine);
    System.out.printf(
        Locale.ROOT,
        "a fall asked of the server alone %.0f ms; eight at once: shown at the median after %.1f times"
            + " that, the last after %.1f, all in full after %.1f%n",
        one,
        medians[ROUNDS / 2] / one,
        longest[ROUNDS / 2] / one,
        fine[ROUNDS / 2] / one);
  }

  private double[] all(List<String> paths) throws Exception {
    ExecutorService at = Executors.newFixedThreadPool(TABLETS);
    try {
      List<Future<Double>> answers =
          IntStream.range(0, TABLETS)
              .mapToObj(i -> at.submit(() -> tablets[i].post(paths.get(i), plan)))
              .toList();
      double[] ms = new double[TABLETS];
      for (int i = 0; i < TABLETS; i++) {
        ms[i] = answers.get(i).get();
      }
      return ms;
    } finally {
      at.shutdown();
    }
  }
}
