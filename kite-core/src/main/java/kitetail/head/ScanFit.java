package kitetail.head;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import kitetail.geom.RadiusTable;
import kitetail.geom.StarSurface;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * A scanned head fitted like a taped one: pose and head together by Gauss-Newton on the distance of
 * the scan's points from the skin, with Tukey's biweight so that ears, nose, clothes and stray
 * points do not pull. Only the part of the scan above the ears and the nape counts.
 */
public final class ScanFit {
  private static final int FIT_POINTS = 5000;
  private static final int COARSE_POINTS = 350;
  private static final double[] UNITS_MM = {1, 10, 25.4, 1000};
  private static final String[] UNIT_NAMES = {"mm", "cm", "in", "m"};
  private static final int TURNS = 180;
  private static final int POSE = 6;
  private static final int NUMBERS = 13;
  private static final double[] USUAL = {0.05, 0.05, 0.05, 0.5, 0.6, 0.6, 0.6};
  private static final double[] MOST = {0.19, 0.19, 0.2, 1.5, 1, 1, 1};
  private static final double POINT_MM = 1;
  private static final double PRIOR_WEIGHT = 0.05;
  private static final double FACES_DIFFER_MM = 5;

  /** What stands farther off the fitted numbers than this is no skin. */
  private static final double RELIEF_REACH_MM = 7;

  private static final double RELIEF_RIDGE = 3;

  private static final double ALIKE_RAD = Math.toRadians(15);

  /** So many of the ways the scan may lie are fitted to the end. */
  private static final int FINISHED = 4;

  private static final Comparator<ScanFit> BEST =
      Comparator.comparingDouble(f -> f.cost(6) - f.nose());

  private final double[] scan;
  private final ScanHair hair;
  private Pose pose;
  private double[] shape = new double[NUMBERS - POSE];

  private ScanFit(double[] scan, ScanHair hair, Pose pose) {
    this.scan = scan;
    this.hair = hair;
    this.pose = pose;
  }

  /**
   * @param spec the head: its measures and shape, front to nape and hairline as usual
   * @param rmsMm root mean square distance of the scan's skin points from the fitted skin
   * @param points x, y, z of a sample of the scan, in the head's frame, mm
   * @param residualMm how far each stands off the fitted skin (positive) or under it
   * @param unit of the scan, as found
   */
  public record Result(
      HeadSpec.Measured spec,
      Pose pose,
      String unit,
      double rmsMm,
      float[] points,
      float[] residualMm,
      float[] correctedMm) {}

  /**
   * @param xyz the scan's points in its own frame and unit, x, y, z in turn
   * @param count how many points
   * @param marks null to guess how the scan lies
   * @throws IllegalArgumentException when it does not look like a head
   */
  public static Result of(float[] xyz, int count, ScanMarks marks) {
    return of(xyz, count, marks, 0);
  }

  /**
   * @param hairMm how far the hair on the scan stands off the skin, 0 to 30
   */
  public static Result of(float[] xyz, int count, ScanMarks marks, double hairMm) {
    ScanHair hair = hairMm == 0 ? ScanHair.NONE : new ScanHair(hairMm);
    if (count < 200) {
      throw new IllegalArgumentException("a head needs at least 200 points, the scan has " + count);
    }
    double[] thin = thinned(xyz, count, FIT_POINTS);
    List<ScanFit> begun =
        marks == null ? guessed(xyz, count, thin, hair) : List.of(marked(thin, hair, marks));
    return begun.parallelStream().map(ScanFit::finished).min(BEST).orElseThrow().result();
  }

  private ScanFit finished() {
    for (double reach : new double[] {14, 9, 6, 4, 3, 3, 3, 3}) {
      step(reach, NUMBERS);
    }
    return this;
  }

  /** A sample of a scan as it lies in its file, for a stylist to mark; x, y, z in turn. */
  public static float[] sample(float[] xyz, int count) {
    double[] thin = thinned(xyz, count, FIT_POINTS);
    float[] out = new float[thin.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (float) thin[i];
    }
    return out;
  }

  private static ScanFit marked(double[] thin, ScanHair hair, ScanMarks marks) {
    double apart = marks.earsApart();
    int unit =
        IntStream.range(0, UNITS_MM.length)
            .boxed()
            .min(
                (a, b) ->
                    Double.compare(
                        Math.abs(Math.log(apart * UNITS_MM[a] / ScanMarks.EARS_APART_MM)),
                        Math.abs(Math.log(apart * UNITS_MM[b] / ScanMarks.EARS_APART_MM))))
            .orElseThrow();
    ScanFit fit = new ScanFit(thin, hair, marks.pose(UNITS_MM[unit]));
    for (double reach : new double[] {40, 30, 22, 18, 14}) {
      fit.step(reach, POSE + 3);
    }
    return fit;
  }

  /** Tries many ways the scan may lie, coarsely, and carries on with the best few. */
  private static List<ScanFit> guessed(float[] xyz, int count, double[] thin, ScanHair hair) {
    double[] coarse = thinned(xyz, count, COARSE_POINTS);
    double extent = extent(coarse);
    List<Pose> starts = new ArrayList<>();
    Random random = new Random(20);
    for (double unit : UNITS_MM) {
      if (extent * unit < 150 || extent * unit > 900) {
        continue;
      }
      for (UnitVec[] rows : turns(random)) {
        starts.add(onTop(coarse, new Pose(unit, rows, new Vec3(0, 0, 0))));
      }
    }
    if (starts.isEmpty()) {
      throw new IllegalArgumentException(
          "in no unit of mm, cm, in or m is the scan as large as a head; it measures "
              + Math.round(extent)
              + " units");
    }
    List<ScanFit> tried =
        starts.parallelStream()
            .map(
                p -> {
                  ScanFit f = new ScanFit(coarse, hair, p);
                  for (double reach : new double[] {60, 45, 35, 28, 22}) {
                    f.step(reach, POSE);
                  }
                  return f;
                })
            .sorted((a, b) -> Double.compare(a.cost(12), b.cost(12)))
            .toList();
    List<ScanFit> nearer =
        unlike(tried, 8).parallelStream()
            .map(
                f -> {
                  ScanFit g = new ScanFit(thin, hair, f.pose);
                  for (double reach : new double[] {25, 18, 14, 10}) {
                    g.step(reach, POSE + 3);
                  }
                  return g;
                })
            .sorted(BEST)
            .toList();
    return unlike(nearer, FINISHED);
  }

  /** The first few that do not lie as one before them does. */
  private static List<ScanFit> unlike(List<ScanFit> sorted, int most) {
    List<ScanFit> out = new ArrayList<>();
    for (ScanFit f : sorted) {
      if (out.size() < most && out.stream().noneMatch(o -> o.pose.turnedFrom(f.pose) < ALIKE_RAD)) {
        out.add(f);
      }
    }
    return out;
  }

  private static List<UnitVec[]> turns(Random random) {
    List<UnitVec[]> all = new ArrayList<>();
    Vec3[] axes = {
      new Vec3(1, 0, 0), new Vec3(-1, 0, 0), new Vec3(0, 1, 0),
      new Vec3(0, -1, 0), new Vec3(0, 0, 1), new Vec3(0, 0, -1)
    };
    for (Vec3 y : axes) {
      for (Vec3 z : axes) {
        if (Math.abs(y.dot(z)) < 0.5) {
          all.add(new UnitVec[] {UnitVec.of(y.cross(z)), UnitVec.of(y), UnitVec.of(z)});
        }
      }
    }
    while (all.size() < TURNS) {
      UnitVec z = UnitVec.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
      UnitVec y =
          UnitVec.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
              .alongSurface(z);
      all.add(new UnitVec[] {UnitVec.of(y.times(1).cross(z.times(1))), y, z});
    }
    return all;
  }

  /** Shifted so that the highest part of the scan lies where the top of the head does. */
  private static Pose onTop(double[] points, Pose turned) {
    double top = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < points.length; i += 3) {
      top = Math.max(top, turned.toHead(points[i], points[i + 1], points[i + 2]).z());
    }
    double[] min = {1e9, 1e9};
    double[] max = {-1e9, -1e9};
    for (int i = 0; i < points.length; i += 3) {
      Vec3 p = turned.toHead(points[i], points[i + 1], points[i + 2]);
      if (p.z() > top - 70) {
        min[0] = Math.min(min[0], p.x());
        max[0] = Math.max(max[0], p.x());
        min[1] = Math.min(min[1], p.y());
        max[1] = Math.max(max[1], p.y());
      }
    }
    Vec3 shift = new Vec3(-(min[0] + max[0]) / 2, -8 - (min[1] + max[1]) / 2, 129 - top);
    return new Pose(turned.unitMm(), turned.rows(), shift);
  }

  private static double extent(double[] p) {
    double most = 0;
    for (int k = 0; k < 3; k++) {
      double min = Double.MAX_VALUE;
      double max = -Double.MAX_VALUE;
      for (int i = k; i < p.length; i += 3) {
        min = Math.min(min, p[i]);
        max = Math.max(max, p[i]);
      }
      most = Math.max(most, max - min);
    }
    return most;
  }

  /** About as many points as wanted, spread evenly over the scan whatever its triangles. */
  static double[] thinned(float[] xyz, int count, int wanted) {
    int stride = Math.max(1, count / (60 * wanted));
    double extent = 0;
    float[] min = {xyz[0], xyz[1], xyz[2]};
    float[] max = min.clone();
    for (int i = 0; i < count; i += stride) {
      for (int k = 0; k < 3; k++) {
        min[k] = Math.min(min[k], xyz[3 * i + k]);
        max[k] = Math.max(max[k], xyz[3 * i + k]);
      }
    }
    for (int k = 0; k < 3; k++) {
      extent = Math.max(extent, max[k] - min[k]);
    }
    double cell = extent / Math.sqrt(wanted / 2.2);
    Set<Long> taken = new HashSet<>();
    double[] out = new double[3 * wanted];
    int n = 0;
    for (int i = 0; i < count && n < wanted; i += stride) {
      long key = 0;
      for (int k = 0; k < 3; k++) {
        key = key * 4096 + (long) ((xyz[3 * i + k] - min[k]) / cell);
      }
      if (taken.add(key)) {
        for (int k = 0; k < 3; k++) {
          out[3 * n + k] = xyz[3 * i + k];
        }
        n++;
      }
    }
    return Arrays.copyOf(out, 3 * n);
  }

  /** The part of a head that a fit goes by: not the face, the ears or the neck. */
  static boolean counts(Vec3 p) {
    boolean low = p.z() < 0 && p.y() > -30 || p.z() < -34;
    boolean face = p.y() > 30 && p.z() < 56;
    boolean ear = Math.abs(p.x()) > 55 && p.z() < 42 && p.y() > -52;
    return !low && !face && !ear;
  }

  /** The face tells front from back, with or without a nose, though it is no part of the fit. */
  private static boolean face(Vec3 p) {
    return p.y() > 30 && p.z() < 56 && p.z() > -90;
  }

  private static StarSurface skin(double[] s) {
    return body(s, null).surface();
  }

  private static HeadBody body(double[] s, HeadSpec.Measured spec) {
    RadiusTable t = ModelHead.surface(new ModelHead.Build(s[4], s[5], s[6], 0));
    return HeadBody.of(t, new Vec3(Math.exp(s[0]), Math.exp(s[1]), Math.exp(s[2])), s[3], 0, spec);
  }

  /** How far a point of the scan lies off where the scanner would see a head with this skin. */
  private double off(StarSurface s, Vec3 p) {
    return s.heightMm(p.x(), p.y(), p.z()) - hair.at(p);
  }

  /** One Gauss-Newton step in the first {@code free} numbers: pose, stretches, the rest. */
  private void step(double reachMm, int free) {
    StarSurface now = skin(shape);
    StarSurface[] other = new StarSurface[free - POSE];
    double h = 1e-3;
    for (int k = 0; k < other.length; k++) {
      double[] s = shape.clone();
      s[k] += h;
      other[k] = skin(s);
    }
    RealMatrix a = new Array2DRowRealMatrix(free, free);
    RealVector b = new ArrayRealVector(free);
    double[] j = new double[free];
    for (int i = 0; i < scan.length; i += 3) {
      Vec3 p = pose.toHead(scan[i], scan[i + 1], scan[i + 2]);
      if (!counts(p)) {
        continue;
      }
      double d = off(now, p);
      double u = d / reachMm;
      if (Math.abs(u) >= 1) {
        continue;
      }
      double w = (1 - u * u) * (1 - u * u) / (POINT_MM * POINT_MM);
      double e = 0.2;
      double gx = (off(now, new Vec3(p.x() + e, p.y(), p.z())) - d) / e;
      double gy = (off(now, new Vec3(p.x(), p.y() + e, p.z())) - d) / e;
      double gz = (off(now, new Vec3(p.x(), p.y(), p.z() + e)) - d) / e;
      // Turning by r moves a point by r × p.
      j[0] = p.y() * gz - p.z() * gy;
      j[1] = p.z() * gx - p.x() * gz;
      j[2] = p.x() * gy - p.y() * gx;
      j[3] = gx;
      j[4] = gy;
      j[5] = gz;
      for (int k = 0; k < other.length; k++) {
        j[POSE + k] = (off(other[k], p) - d) / h;
      }
      for (int r = 0; r < free; r++) {
        b.addToEntry(r, -w * j[r] * d);
        for (int c = 0; c < free; c++) {
          a.addToEntry(r, c, w * j[r] * j[c]);
        }
      }
    }
    for (int k = 0; k < free; k++) {
      // Enough to hold what the points leave open: the fit may not run away.
      double usual = k < 3 ? 0.3 : k < POSE ? 30 : USUAL[k - POSE];
      a.addToEntry(k, k, PRIOR_WEIGHT / (usual * usual));
      if (k >= POSE) {
        b.addToEntry(k, -PRIOR_WEIGHT * shape[k - POSE] / (usual * usual));
      }
    }
    double[] x = new LUDecomposition(a).getSolver().solve(b).toArray();
    pose = pose.moved(x[0], x[1], x[2], new Vec3(x[3], x[4], x[5]));
    for (int k = 0; k < other.length; k++) {
      shape[k] = Math.max(-MOST[k], Math.min(MOST[k], shape[k] + x[POSE + k]));
    }
  }

  /**
   * Mean capped distance, mm; missing points count as far. Where the face is, what stands off more
   * than faces differ counts as well: a head turned round lies there with its back.
   */
  private double cost(double capMm) {
    StarSurface s = skin(shape);
    double sum = 0;
    int n = 0;
    for (int i = 0; i < scan.length; i += 3) {
      Vec3 p = pose.toHead(scan[i], scan[i + 1], scan[i + 2]);
      if (counts(p)) {
        sum += Math.min(capMm, Math.abs(off(s, p)));
        n++;
      } else if (face(p)) {
        sum += Math.min(capMm, Math.max(0, Math.abs(off(s, p)) - FACES_DIFFER_MM));
      }
    }
    int least = scan.length / 3 / 5;
    return n < least ? capMm : sum / n;
  }

  /** How much looks like a nose in front, so that front and back are told apart. */
  private double nose() {
    StarSurface s = skin(shape);
    int n = 0;
    for (int i = 0; i < scan.length; i += 3) {
      Vec3 p = pose.toHead(scan[i], scan[i + 1], scan[i + 2]);
      n += Math.abs(p.x()) < 14 && p.y() > 90 && Math.abs(p.z()) < 26 && off(s, p) > 5 ? 1 : 0;
    }
    return Math.min(1, n / 6.0);
  }

  private Result result() {
    HeadShape picked = new HeadShape(shape[4], shape[5], shape[6], 0, 0, 0, 0);
    HeadSpec.Measured shaped =
        new HeadSpec.Measured(570, null, null, null, null, picked, null, null);
    HeadBody b = body(shape, shaped);
    double girth = Measure.GIRTH.of(b);
    if (cost(8) > 4 || girth < HeadFit.GIRTH_MIN_MM || girth > HeadFit.GIRTH_MAX_MM) {
      throw new IllegalArgumentException(
          "the scan does not look like a head from any side; mark both ear canals and the bridge"
              + " of the nose");
    }
    int n = scan.length / 3;
    float[] points = new float[3 * n];
    for (int i = 0; i < n; i++) {
      Vec3 p = pose.toHead(scan[3 * i], scan[3 * i + 1], scan[3 * i + 2]);
      points[3 * i] = (float) p.x();
      points[3 * i + 1] = (float) p.y();
      points[3 * i + 2] = (float) p.z();
    }
    Relief relief = relief(b, points);
    HeadSpec.Measured scanned =
        new HeadSpec.Measured(570, null, null, null, null, picked, null, null, relief);
    HeadBody corrected = HeadBody.of(relief.on(b.table()), b.factors(), 0, 0, scanned);
    HeadSpec.Measured spec =
        new HeadSpec.Measured(
            Measure.GIRTH.of(corrected),
            Measure.EAR_TO_EAR.of(corrected),
            null,
            Measure.BREADTH.of(corrected),
            Measure.LENGTH.of(corrected),
            picked,
            null,
            null,
            relief);
    float[] residual = off(b.surface(), points);
    double sum = 0;
    int counted = 0;
    for (int i = 0; i < n; i++) {
      if (counts(point(points, i)) && Math.abs(residual[i]) < 12) {
        sum += residual[i] * residual[i];
        counted++;
      }
    }
    int unit = 0;
    while (UNITS_MM[unit] != pose.unitMm()) {
      unit++;
    }
    return new Result(
        spec,
        pose,
        UNIT_NAMES[unit],
        Math.sqrt(sum / Math.max(1, counted)),
        points,
        residual,
        off(corrected.surface(), points));
  }

  private static Vec3 point(float[] points, int i) {
    return new Vec3(points[3 * i], points[3 * i + 1], points[3 * i + 2]);
  }

  private float[] off(StarSurface s, float[] points) {
    float[] out = new float[points.length / 3];
    for (int i = 0; i < out.length; i++) {
      out[i] = (float) off(s, point(points, i));
    }
    return out;
  }

  /** What the numbers leave over, in the model's frame, before it is stretched. */
  private Relief relief(HeadBody b, float[] points) {
    Vec3 f = b.factors();
    List<Vec3> at = new ArrayList<>();
    double[] off = new double[points.length / 3];
    double[] weight = new double[off.length];
    for (int i = 0; i < points.length / 3; i++) {
      Vec3 p = point(points, i);
      Vec3 q = new Vec3(p.x() / f.x(), p.y() / f.y(), p.z() / f.z());
      double d = b.table().heightMm(q.x(), q.y(), q.z()) - hair.at(p);
      double u = d / RELIEF_REACH_MM;
      if (counts(p) && Math.abs(u) < 1) {
        off[at.size()] = d;
        weight[at.size()] = (1 - u * u) * (1 - u * u);
        at.add(q);
      }
    }
    // As many points as a head is scanned with here, whatever the scan has.
    double ridge = RELIEF_RIDGE * at.size() / FIT_POINTS;
    return Relief.of(b.table().centreMm(), at, off, weight, ridge);
  }
}
