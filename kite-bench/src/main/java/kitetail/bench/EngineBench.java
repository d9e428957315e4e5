package kitetail.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.planning.Ladder;
import kitetail.planning.Mending;
import kitetail.planning.Planner;
import kitetail.planning.Ranking;
import kitetail.planning.Risk;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Whole plans, fits, risk and ladders, warm; nothing kept from one run to the next. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class EngineBench {
  private static final int MOVES = 14;

  private Plan fourteen;
  private Scalp usual;
  private Scalp fine;
  private Scalp places;
  private Scalp checked;
  private Plan family;
  private SitDown client;
  private List<Plan> families;
  private double[][] columns;
  private Ladder.Rules rules;

  @Setup
  public void setUp() {
    Plan whole = Families.all().get("gents-scissor-cut");
    fourteen = CoreBench.first(whole, MOVES);
    Head head = Head.of(whole.head());
    usual = Scalp.of(head, 4000);
    fine = Scalp.of(head, 20_000);
    Head walkIn = Head.of(new HeadSpec.Measured(570, null, null));
    places = Scalp.ofPlaces(walkIn);
    checked = Scalp.of(walkIn, Mending.SITES);
    family = Families.all().get("quiet-side-part");
    families = List.copyOf(Families.all().values());
    client = SitDown.walkIn();
    columns = new double[24][40];
    for (int c = 0; c < columns.length; c++) {
      for (int k = 0; k < 40; k++) {
        columns[c][k] = 1 + (18 + 4 * Math.sin(c)) * Math.pow(k / 39.0, 1.4);
      }
    }
    double[] guards = new double[12];
    for (int g = 0; g < guards.length; g++) {
      guards[g] = 0.8 + 2 * g;
    }
    rules = new Ladder.Rules(guards, new double[] {30, 60, 120}, 0.35, 5, 1);
  }

  @Benchmark
  public Outcome fourteenMovesOn4000Sites() {
    return PlanEngine.run(fourteen, usual);
  }

  @Benchmark
  public Outcome fourteenMovesOn20000Sites() {
    return PlanEngine.run(fourteen, fine);
  }

  @Benchmark
  public List<Ladder.Answer> ladderOf24ColumnsAnd12Guards() {
    return Ladder.solve(columns, 2.5, rules);
  }

  @Benchmark
  public Planner.Fit fitAndMendOneFamily() {
    return Mending.of(client.planOf(family), new Workbench(places), new Workbench(checked));
  }

  @Benchmark
  public List<Ranking.Ranked> rankTwentyFamilies() {
    List<Integer> told = new ArrayList<>();
    Workbench at = new Workbench(places);
    Workbench over = new Workbench(checked);
    return Ranking.of(at, client, families, p -> Mending.of(p, at, over), Hands.USUAL, told::add);
  }

  @Benchmark
  public Risk riskOf64Runs() {
    return Risk.of(fourteen, new Workbench(Scalp.of(usual.head(), Risk.SITES)), Hands.USUAL);
  }
}
