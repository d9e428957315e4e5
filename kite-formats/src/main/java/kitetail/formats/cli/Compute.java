package kitetail.formats.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import kitetail.formats.answer.FitView;
import kitetail.formats.answer.OrderView;
import kitetail.formats.answer.PlanResult;
import kitetail.formats.answer.RankingView;
import kitetail.formats.answer.RiskView;
import kitetail.formats.answer.WornResult;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PlanProblemException;
import kitetail.formats.json.SitDownJson;
import kitetail.formats.words.AdviceWords;
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

/**
 * Plan documents in, result documents out: {@code compute [--sites | --fit | --risk | --order |
 * --look] FILE...}; with {@code --rank}, sit-down documents in and the shipped families out, best
 * first. {@code --glb}, {@code --svg}, {@code --csv} and {@code --png} write files besides, to the
 * folder of {@code --out=DIR} or here, of the cut as it is {@code --week=N} weeks later. One file
 * gives one result; several give one after the other. Exit 0; 2 when a document or a flag is bad,
 * with one line an error on standard error.
 */
public final class Compute {
  private static final int BAD_INPUT = 2;

  private Compute() {}

  public static void main(String[] args) {
    System.exit(run(args, new PrintStream(System.out, true, StandardCharsets.UTF_8), System.err));
  }

  /** What is asked of each file. */
  private enum Ask {
    RUN(""),
    SITES("--sites"),
    FIT("--fit"),
    RISK("--risk"),
    ORDER("--order"),
    RANK("--rank"),
    LOOK("--look");

    private final String flag;

    Ask(String flag) {
      this.flag = flag;
    }

    static Ask of(String flag) {
      return Arrays.stream(values()).filter(a -> a.flag.equals(flag)).findFirst().orElse(null);
    }
  }

  static int run(String[] args, PrintStream out, PrintStream err) {
    Ask ask = Ask.RUN;
    Drawn drawn = new Drawn();
    List<Path> files = new ArrayList<>();
    for (String a : args) {
      String bad = null;
      if (!a.startsWith("--")) {
        files.add(Path.of(a));
      } else if (Ask.of(a) != null) {
        ask = Ask.of(a);
      } else {
        bad = drawn.take(a);
      }
      if (bad != null) {
        err.println(bad);
        return BAD_INPUT;
      }
    }
    if (files.isEmpty()) {
      err.println("compute: no file given; give one or more plan documents (docs/formats.md)");
      return BAD_INPUT;
    }
    int exit = 0;
    for (Path file : files) {
      exit = Math.max(exit, one(file, ask, drawn, out, err));
    }
    return exit;
  }

  private static int one(Path file, Ask ask, Drawn drawn, PrintStream out, PrintStream err) {
    try {
      String text = Files.readString(file);
      out.print(PlanJson.written(answer(text, ask, drawn, err)));
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

  private static Object answer(String text, Ask ask, Drawn drawn, PrintStream err) {
    AdviceWords words = new AdviceWords(new Words(Units.CM));
    if (ask == Ask.RANK) {
      List<Plan> families = List.copyOf(Families.all().values());
      SitDown client = SitDownJson.read(text);
      Head head = Head.of(client.head());
      return RankingView.of(
          Ranking.of(
              new Workbench(Scalp.ofPlaces(head)),
              client,
              families,
              mended(head),
              n -> err.printf("%d of %d families fitted%n", n, families.size())),
          words);
    }
    Plan plan = PlanJson.read(text);
    Head head = PlanJson.head(plan);
    return switch (ask) {
      case FIT -> FitView.of(mended(head).apply(plan), words);
      case RISK ->
          RiskView.of(Risk.of(plan, new Workbench(Scalp.of(head, Risk.SITES)), Hands.USUAL), plan);
      case LOOK -> WornResult.of(plan, drawn.worn(plan));
      case ORDER -> OrderView.of(Order.of(plan), plan);
      default ->
          PlanResult.of(
              plan, PlanEngine.run(plan, Scalp.of(head, Scalp.DEFAULT_SITES)), ask == Ask.SITES);
    };
  }

  /** Fits plans of one head as the server proposes them. */
  private static Function<Plan, Planner.Fit> mended(Head head) {
    Workbench places = new Workbench(Scalp.ofPlaces(head));
    Workbench few = new Workbench(Scalp.of(head, Mending.SITES));
    return p -> Mending.of(p, places, few);
  }
}
