package kitetail.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.formats.json.Families;
import kitetail.formats.picture.HeadPicture;
import kitetail.formats.picture.View;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
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

/** The core's hot paths, warm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class CoreBench {
  private Plan tenMoves;
  private Scalp scalp;
  private Workbench bench;
  private HeadPicture picture;
  private Outcome outcome;
  private double girth = 560;
  private double changed = 40;
  private static final int TOP = 3;

  @Setup
  public void setUp() {
    Plan family = Families.all().get("quiet-side-part");
    tenMoves = first(family, 10);
    scalp = Scalp.of(Head.of(family.head()), Scalp.DEFAULT_SITES);
    bench = new Workbench(scalp);
    picture = new HeadPicture(scalp);
    outcome = PlanEngine.run(family, scalp);
  }

  private static Plan first(Plan p, int moves) {
    return new Plan(
        p.version(),
        p.title(),
        p.head(),
        p.hair(),
        p.start(),
        p.pace(),
        p.sections(),
        p.moves().subList(0, moves),
        p.wishes(),
        p.cautions());
  }

  /** The reference the others are given against: a million arc tangents, one after the other. */
  @Benchmark
  public double reference() {
    double sum = 0;
    for (int i = 1; i <= 1_000_000; i++) {
      sum += Math.atan2(i, 1_000_000 - i);
    }
    return sum;
  }

  @Benchmark
  public Head fitHead() {
    girth = girth > 600 ? 540 : girth + 0.37;
    return Head.of(new HeadSpec.Measured(girth, girth * 0.61, girth * 0.575));
  }

  @Benchmark
  public Scalp layOutSites() {
    return Scalp.of(scalp.head(), Scalp.DEFAULT_SITES);
  }

  @Benchmark
  public Outcome runTenMoves() {
    return PlanEngine.run(tenMoves, scalp);
  }

  /** As on the bench: one guide length changed, the other nine moves as they were. */
  @Benchmark
  public Outcome runOneChangedOfTen() {
    changed = changed > 90 ? 40 : changed + 0.01;
    return PlanEngine.run(withTopAt(changed), bench);
  }

  private Plan withTopAt(double lengthMm) {
    List<Move> moves = new ArrayList<>(tenMoves.moves());
    Move top = moves.get(TOP);
    Fingers f = (Fingers) top.cut();
    CutLine.Flat line = (CutLine.Flat) f.line();
    Cut cut =
        new Fingers(
            f.hold(),
            new CutLine.Flat(line.facing(), line.place(), lengthMm, line.fingerDeg()),
            f.guide(),
            f.progress(),
            f.biteMm());
    moves.set(
        TOP,
        new Move(
            top.id(),
            top.name(),
            top.section(),
            cut,
            top.damp(),
            top.stand(),
            top.purpose(),
            top.watch(),
            top.askFirst()));
    return new Plan(
        tenMoves.version(),
        tenMoves.title(),
        tenMoves.head(),
        tenMoves.hair(),
        tenMoves.start(),
        tenMoves.pace(),
        tenMoves.sections(),
        moves,
        tenMoves.wishes(),
        tenMoves.cautions());
  }

  @Benchmark
  public byte[] stillPicture() {
    return picture.png(outcome.afterMm(), View.RIGHT, 240, 300, null);
  }
}
