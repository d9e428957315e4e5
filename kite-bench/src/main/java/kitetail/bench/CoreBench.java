package kitetail.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import kitetail.cut.Dial;
import kitetail.formats.json.Families;
import kitetail.formats.mesh.MeshReader;
import kitetail.formats.mesh.MeshWriter;
import kitetail.formats.mesh.ScanMesh;
import kitetail.formats.picture.HeadPicture;
import kitetail.formats.picture.Strokes;
import kitetail.formats.picture.View;
import kitetail.geom.Mesh;
import kitetail.hair.Hair;
import kitetail.hair.HairMap;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.head.Bust;
import kitetail.head.HairlineShape;
import kitetail.head.Head;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.ScanFit;
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
  private StartingHair twelve;
  private byte[] million;
  private static final int TOP = 3;

  @Setup
  public void setUp() {
    Plan family = Families.all().get("quiet-side-part");
    tenMoves = first(family, 10);
    scalp = Scalp.of(Head.of(family.head()), Scalp.DEFAULT_SITES);
    bench = new Workbench(scalp);
    picture = new HeadPicture(scalp);
    outcome = PlanEngine.run(family, scalp);
    Map<Place, Double> taped = new EnumMap<>(Place.class);
    for (int i = 0; i < 12; i++) {
      taped.put(Place.values()[i], 40 + 7.0 * i);
    }
    twelve = new StartingHair.Taped(taped, null, null, null);
    Mesh mesh = Bust.of(scalp.head());
    while (mesh.triangles().length < 3_000_000) {
      mesh = inFour(mesh);
    }
    million = MeshWriter.ply(mesh);
  }

  /** Each triangle in four. */
  private static Mesh inFour(Mesh m) {
    int[] t = m.triangles();
    int n = t.length / 3;
    float[] p = Arrays.copyOf(m.points(), m.points().length + 9 * n);
    int[] out = new int[12 * n];
    int next = m.vertices();
    for (int i = 0; i < n; i++) {
      int[] corner = {t[3 * i], t[3 * i + 1], t[3 * i + 2]};
      int[] middle = {next++, next++, next++};
      for (int e = 0; e < 3; e++) {
        for (int k = 0; k < 3; k++) {
          p[3 * middle[e] + k] = (p[3 * corner[e] + k] + p[3 * corner[(e + 1) % 3] + k]) / 2;
        }
      }
      int[] four = {
        corner[0], middle[0], middle[2], middle[0], corner[1], middle[1],
        middle[2], middle[1], corner[2], middle[0], middle[1], middle[2]
      };
      System.arraycopy(four, 0, out, 12 * i, 12);
    }
    return new Mesh(p, new float[p.length], out);
  }

  static Plan first(Plan p, int moves) {
    return new Plan(
        p.version(),
        p.title(),
        p.head(),
        p.hair(),
        p.start(),
        p.kit(),
        p.pace(),
        p.school(),
        p.sections(),
        p.moves().subList(0, moves),
        p.jumps(),
        p.wishes(),
        p.cautions(),
        null,
        p.styling(),
        p.meant());
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

  /** All five measures and every pick that moves the head. */
  @Benchmark
  public Head fitPickedHead() {
    girth = girth > 600 ? 540 : girth + 0.37;
    HeadShape shape = new HeadShape(0.6, -0.4, 0.3, 1, 10, 2, 0);
    HairlineShape hairline = new HairlineShape(10, 12, 14, 5, 0, 8, 0, 0);
    return Head.of(
        new HeadSpec.Measured(
            girth,
            girth * 0.61,
            girth * 0.575,
            girth * 0.275,
            girth * 0.356,
            shape,
            hairline,
            null));
  }

  @Benchmark
  public double[] spreadTwelveLengths() {
    return StartingLengths.spread(scalp, twelve, Hair.DEFAULT);
  }

  @Benchmark
  public HairMap hairOfEverySite() {
    return HairMap.of(scalp, Hair.DEFAULT);
  }

  @Benchmark
  public List<Strokes.Stroke> combStrokes() {
    return Strokes.of(scalp.head(), Hair.DEFAULT, 1800);
  }

  /** A million triangles and more, binary, read and fitted without marks. */
  @Benchmark
  public ScanFit.Result readAndFitAMillionTriangles() throws IOException {
    ScanMesh m = MeshReader.read(new ByteArrayInputStream(million), n -> {});
    return ScanFit.of(m.xyz(), m.points(), null);
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
    moves.set(TOP, top.with(top.cut().turned(Dial.LENGTH, lengthMm)));
    return tenMoves.withMoves(moves);
  }

  @Benchmark
  public byte[] stillPicture() {
    return picture.png(outcome.afterMm(), View.RIGHT, 240, 300, null);
  }
}
