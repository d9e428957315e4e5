package kitetail.bench;

import java.util.concurrent.TimeUnit;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.formats.json.Families;
import kitetail.formats.picture.HairPicture;
import kitetail.formats.picture.View;
import kitetail.hair.Stock;
import kitetail.head.BodyField;
import kitetail.head.Bust;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.look.Look;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
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

/** Falls, what is read of them and stills; against the same rods solved by shooting, one by one. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class FallBench {
  /** Of the 3 000; the general solver is too slow for all of them in a benchmark. */
  static final int SHOT = 30;

  /** Force and moment left at the tip over the weight. */
  private static final double RESTS = 0.01;

  private Ready crop;
  private Ready tail;
  private Ready coarse;
  private Fall fallen;
  private HairPicture picture;
  private float[] bust;
  private Head head;

  private record Ready(Plan plan, Ground ground, Stock stock) {
    static Ready of(String family, int strands) {
      Plan plan = Families.all().get(family);
      Scalp scalp = Scalp.of(Head.of(plan.head()), strands);
      return new Ready(plan, Ground.of(scalp), PlanEngine.run(plan, scalp).after());
    }

    Fall fall() {
      return Fall.of(ground, plan.hair(), stock, plan.styling());
    }
  }

  @Setup
  public void setUp() {
    crop = Ready.of("tapered-pixie", Fall.STRANDS);
    tail = Ready.of("kept-length-curl-tail", Fall.STRANDS);
    coarse = Ready.of("tapered-pixie", Fall.PREVIEW_STRANDS);
    fallen = crop.fall();
    head = crop.ground.scalp().head();
    picture = new HairPicture(crop.ground.scalp());
    bust = Bust.of(head).points();
  }

  @Benchmark
  public BodyField bakeTheBody() {
    return BodyField.of(head);
  }

  @Benchmark
  public Fall fallOf3000ShortStrands() {
    return crop.fall();
  }

  @Benchmark
  public Fall fallOf3000LongStrands() {
    return tail.fall();
  }

  @Benchmark
  public Fall fallOf800Strands() {
    return coarse.fall();
  }

  @Benchmark
  public Look readAFall() {
    return Look.of(fallen, crop.stock, bust);
  }

  @Benchmark
  public byte[] still240By300() {
    return picture.png(fallen, View.RIGHT, 240, 300);
  }

  /** The same strands, their clamps, lengths and stiffness, on the same body. */
  @Benchmark
  public int thirtyOfThemByShooting() {
    return settledByShooting();
  }

  /** How many of the strands shot come to rest. */
  private int settledByShooting() {
    int step = fallen.strands() / SHOT;
    int settled = 0;
    for (int i = 0; i < SHOT; i++) {
      settled += new Shot(fallen, i * step).solve() < RESTS ? 1 : 0;
    }
    return settled;
  }

  /** Of {@link #SHOT} strands. */
  static int restingByShooting() {
    FallBench b = new FallBench();
    b.setUp();
    return b.settledByShooting();
  }
}
