package kitetail.formats.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Function;
import kitetail.formats.answer.FitView;
import kitetail.formats.answer.OrderView;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.answer.RankingView;
import kitetail.formats.answer.RiskView;
import kitetail.formats.answer.ScoreView;
import kitetail.formats.answer.WornResult;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblemException;
import kitetail.formats.json.PracticeJson;
import kitetail.formats.json.SitDownJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.PracticeWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Mending;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Risk;
import kitetail.practice.Attempt;
import kitetail.practice.Task;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Plan documents in, result documents out; with {@code --rank}, sit-down documents in and the
 * shipped families out, best first; with {@code --drill}, tries of drills in and scores out. One
 * file gives one result; several give one after the other. Exit 0; 2 when a document or a flag is
 * bad, with one line an error on standard error.
 */
@Command(
    name = "compute",
    mixinStandardHelpOptions = true,
    description = "Plan documents in, result documents out.")
public final class Compute implements Callable<Integer> {
  private static final int BAD_INPUT = 2;

  private final PrintStream out;
  private final PrintStream err;

  @ArgGroup private final Asked asked = new Asked();

  @Mixin private final Drawn drawn = new Drawn();

  @Parameters(
      paramLabel = "FILE",
      description = "plan documents; with --rank, consultations; with --drill, tries")
  private final List<Path> files = new ArrayList<>();

  private Compute(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  public static void main(String[] args) {
    System.exit(run(args, new PrintStream(System.out, true, StandardCharsets.UTF_8), System.err));
  }

  /** What is asked of each file: one of these, or what comes of the plan. */
  private static final class Asked {
    @Option(names = "--sites", description = "what comes of it, at every site of the scalp")
    private boolean sites;

    @Option(names = "--fit", description = "the plan as it would be proposed")
    private boolean fit;

    @Option(names = "--risk", description = "how far unsteady hands take it off")
    private boolean risk;

    @Option(names = "--order", description = "what must be done before what")
    private boolean order;

    @Option(names = "--rank", description = "the shipped shapes for a consultation, best first")
    private boolean rank;

    @Option(names = "--look", description = "how the hair falls")
    private boolean look;

    @Option(names = "--drill", description = "what a try of a drill comes to")
    private boolean drill;
  }

  static int run(String[] args, PrintStream out, PrintStream err) {
    return new CommandLine(new Compute(out, err))
        .setOut(new PrintWriter(out, true, StandardCharsets.UTF_8))
        .setParameterExceptionHandler(
            (e, given) -> {
              err.println("compute: " + e.getMessage());
              if (e instanceof CommandLine.UnmatchedArgumentException) {
                e.getCommandLine().usage(err);
              }
              return BAD_INPUT;
            })
        .execute(args);
  }

  @Override
  public Integer call() {
    if (files.isEmpty()) {
      err.println("compute: no file given; give one or more plan documents (docs/formats.md)");
      return BAD_INPUT;
    }
    return files.stream().mapToInt(this::one).max().orElse(0);
  }

  private int one(Path file) {
    try {
      String text = Files.readString(file);
      out.print(PlanJson.written(answer(text)));
      if (drawn.wanted()) {
        drawn.write(file, PlanJson.read(text), err);
      }
      return 0;
    } catch (PlanProblemException e) {
      e.problems().forEach(p -> err.println(file + ": " + p.line()));
    } catch (NoSuchFileException e) {
      err.println(file + ": no such file");
    } catch (IOException e) {
      err.println(file + ": cannot be read (" + e.getMessage() + ")");
    }
    return BAD_INPUT;
  }

  private Object answer(String text) {
    AdviceWords words = new AdviceWords(new Words(Units.CM));
    if (asked.rank) {
      List<Plan> families = List.copyOf(Families.all().values());
      SitDown client = SitDownJson.read(text);
      Head head = Head.of(client.head());
      return RankingView.of(
          Ranking.of(
              new Workbench(Scalp.ofPlaces(head)),
              client,
              families,
              mended(head),
              Hands.USUAL,
              n -> err.printf("%d of %d families fitted%n", n, families.size())),
          words);
    }
    if (asked.drill) {
      Attempt a = PracticeJson.read(text);
      Task task = a.task(List.copyOf(Families.all().values()));
      return ScoreView.of(task, a, task.score(a.tried()), new PracticeWords(new Words(Units.CM)));
    }
    Plan plan = PlanJson.read(text);
    Head head = PlanJson.head(plan);
    if (asked.fit) {
      return FitView.of(mended(head).apply(plan), words);
    }
    if (asked.risk) {
      return RiskView.of(
          Risk.of(plan, new Workbench(Scalp.of(head, Risk.SITES)), Hands.USUAL), plan);
    }
    if (asked.look) {
      return WornResult.of(plan, drawn.worn(plan));
    }
    return asked.order
        ? OrderView.of(Order.of(plan), plan)
        : PlanResult.of(
            plan, PlanEngine.run(plan, Scalp.of(head, Scalp.DEFAULT_SITES)), asked.sites);
  }

  /** Fits plans of one head as the server proposes them. */
  private static Function<Plan, Planner.Fit> mended(Head head) {
    Workbench places = new Workbench(Scalp.ofPlaces(head));
    Workbench few = new Workbench(Scalp.of(head, Mending.SITES));
    return p -> Mending.of(p, places, few);
  }
}
