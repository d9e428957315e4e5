package kitetail.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * Prints each figure in milliseconds and as a ratio to the reference measured in the same run: all
 * of them, or by "screen" those of the page before a server.
 */
public final class Bench {
  private static final String REFERENCE = "reference";

  private Bench() {}

  public static void main(String[] args) throws Exception {
    System.out.printf(
        "%s, %d processors, Java %s%n",
        System.getProperty("os.arch"),
        Runtime.getRuntime().availableProcessors(),
        System.getProperty("java.version"));
    String url = System.getenv("KITETAIL_URL");
    boolean screen = args.length > 0 && args[0].equals("screen");
    List<String> names =
        screen
            ? benchmarks().stream().filter(n -> n.endsWith("." + REFERENCE)).toList()
            : benchmarks();
    Progress far = new Progress(names.size() + (url == null ? 0 : screen ? 4 : 6));
    List<RunResult> results = new ArrayList<>();
    for (String name : names) {
      far.next(name);
      results.addAll(
          new Runner(
                  new OptionsBuilder()
                      .include("\\." + name.replace(".", "\\.") + "$")
                      .addProfiler(GCProfiler.class)
                      .verbosity(VerboseMode.SILENT)
                      .build())
              .run());
    }
    double reference = score(results, REFERENCE);
    System.out.printf("%-32s %10s %12s %12s%n", "warm", "ms", "× reference", "MB a run");
    for (RunResult r : results) {
      double ms = r.getPrimaryResult().getScore();
      System.out.printf(
          Locale.ROOT,
          "%-32s %7.2f ±%5.2f %8.2f %11.2f%n",
          name(r),
          ms,
          r.getPrimaryResult().getScoreError(),
          ms / reference,
          r.getSecondaryResults().get("gc.alloc.rate.norm").getScore() / 1e6);
    }
    if (!screen) {
      double shooting = score(results, "thirtyOfThemByShooting") * Fall.STRANDS / FallBench.SHOT;
      System.out.printf(
          Locale.ROOT,
          "3000 strands by shooting take %.0f times as long as their fall (%d of %d come to rest so)%n",
          shooting / score(results, "fallOf3000ShortStrands"),
          FallBench.restingByShooting(),
          FallBench.SHOT);
    }
    if (url != null) {
      far.next("eight at once");
      EightAtOnce.print(url);
      far.next("edits and picks");
      EditToPicture.Times t = EditToPicture.run(url);
      Ms.print("from a changed number to the picture", t.edits(), reference);
      Ms.print("the same, one change upon the other", t.quickEdits(), reference);
      Ms.print("from a pick at the sit-down to the new head", t.picks(), reference);
      far.next("the bench on screen");
      BenchOnScreen.Seen seen = BenchOnScreen.run(url);
      Ms.print("from a changed length to the fine fall", seen.fallsMs(), reference);
      BenchOnScreen.print(seen);
      BitesOnScreen.print(url);
      far.next("practice");
      PracticeOnScreen.print(url);
    }
    if (url != null && !screen) {
      far.next("a day of the demo shop");
      DemoDay.print(DemoDay.run(url));
      far.next("a shop under load");
      ShopUnderLoad.main(args);
    }
  }

  /** Class and name of each, in the order they are told. */
  private static List<String> benchmarks() {
    return Stream.of(CoreBench.class, EngineBench.class, FallBench.class)
        .flatMap(
            c ->
                Arrays.stream(c.getMethods())
                    .filter(m -> m.isAnnotationPresent(Benchmark.class))
                    .map(m -> c.getSimpleName() + "." + m.getName())
                    .sorted())
        .toList();
  }

  /** Says on standard error how far it is, so that a result can be kept by itself. */
  private static final class Progress {
    private final int of;
    private int at;

    Progress(int of) {
      this.of = of;
    }

    void next(String what) {
      System.err.printf("%d of %d: %s%n", ++at, of, what);
    }
  }

  private static double score(Collection<RunResult> results, String name) {
    return results.stream()
        .filter(r -> name(r).equals(name))
        .findFirst()
        .orElseThrow()
        .getPrimaryResult()
        .getScore();
  }

  private static String name(RunResult r) {
    String label = r.getParams().getBenchmark();
    return label.substring(label.lastIndexOf('.') + 1);
  }
}
