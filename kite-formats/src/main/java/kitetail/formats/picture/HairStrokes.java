package kitetail.formats.picture;

import java.util.Arrays;
import kitetail.fall.Bared;
import kitetail.fall.CurledStrand;
import kitetail.fall.Fall;
import kitetail.geom.Smooth;
import kitetail.geom.Vec3;
import kitetail.hair.HairColour;
import kitetail.hair.Rgb;

/** Lines with depth: some of the strands, on a canvas of their own. */
final class HairStrokes {
  /** A strand's hairs grow within so many times its own skin, and draw together to the end. */
  private static final double APART = 1.75;

  private static final double DRAWN_TOGETHER = 0.2;

  /** No two hairs of a strand are quite as long, the less so the shorter it is. */
  private static final double SHORTER = 0.10;

  private static final double SHORTER_MM = 3.5;

  /**
   * Of the ends a blade left apart so much is seen within a strand, the rest from one to the next.
   */
  private static final double FEATHERED_MM = 6;

  private static final double COVERS_MM = 45;

  /** Shorter pieces are not worth a line of their own, fine pixels. */
  private static final double PIECE_PX = 4.5;

  /** Shorter hair is a nap: drawn so many times more often. */
  private static final double NAP_MM = 14;

  private static final int NAP_TIMES = 3;

  /** The hairs of a lock coil within so much of each other: waves together, coils frizzed. */
  private static final double STRAYS_RAD = 0.55;

  private static final double WAVES_STRAY_RAD = 0.1;

  /** Within about so much of bare skin roots lie in the light. */
  private static final double LIT_MM = 9;

  /**
   * Hair shines where it lies side by side; cut ends scatter. Hair shorter than this shines less,
   * the shortest by so much; assumptions.
   */
  private static final double SHINES_MM = 40;

  private static final double SHORT_SHINES = 0.3;

  /** Shorter hair is not drawn. */
  private static final double LEAST_MM = 0.3;

  private final Raster raster;
  private final Fall fall;
  private final HairColour hue;
  private final int pigmented;
  private final int white;
  private final HairColour.Dyed dyed;
  private final int coloured;
  private final int children;
  private final double scale;
  private final Lighting lighting;
  private final double[] light;
  private final double[] half;
  final float[] depth;
  final int[] colour;
  private final CurledStrand strand = new CurledStrand();
  private final float[] q = new float[3 * CurledStrand.MOST];
  private final float[] u = new float[3 * CurledStrand.MOST];
  private final float[] v = new float[3 * CurledStrand.MOST];
  private final float[] c = new float[3 * CurledStrand.MOST];
  private final float[] m;
  private long seed;
  private double skinShare;
  private double lightRoots;
  private double shorter;
  private final Bared bared;

  HairStrokes(Raster raster, Fall fall, int children, double scale, Lighting lighting) {
    this.lighting = lighting;
    this.raster = raster;
    this.fall = fall;
    hue = fall.colour();
    this.children = children;
    this.scale = scale;
    m = raster.projected(fall.ground().scalp().head().surface().centreMm());
    depth = new float[raster.width * raster.height];
    Arrays.fill(depth, Float.NEGATIVE_INFINITY);
    colour = new int[depth.length];
    pigmented = hue.pigmented();
    white = hue.white();
    dyed = hue.dyed();
    bared = Bared.of(fall);
    coloured = hue.lengths();
    light = lighting.from();
    half = unit(light[0], light[1], light[2] + 1);
  }

  private static double[] unit(double x, double y, double z) {
    double l = Math.sqrt(x * x + y * y + z * z);
    return new double[] {x / l, y / l, z / l};
  }

  private double random() {
    seed = seed * 6364136223846793005L + 1442695040888963407L;
    return (seed >>> 11) * 0x1.0p-53;
  }

  /** Every so manieth of the strands that fell. */
  void draw(int first, int of) {
    double area = fall.ground().scalp().totalAreaMm2();
    double apart = APART * Math.sqrt(area / Math.PI / fall.strands());
    for (int s = first; s < fall.strands(); s += of) {
      strand.of(fall, s);
      double strays = Math.min(STRAYS_RAD, WAVES_STRAY_RAD + 0.95 - fall.curlRatio(s));
      Vec3 root = fall.point(s, 0);
      double off = bared.offMm(root);
      // Beside a part or a line no hair lies over these roots, and none of theirs stands across the
      // line.
      lightRoots = Math.exp(-sq(off / LIT_MM));
      double length = fall.lengthMm(s);
      // Short hair that ends unevenly still covers the skin it stands in.
      double feathered =
          Math.min(FEATHERED_MM, fall.endsMm(s)) * Smooth.step((length - NAP_MM) / COVERS_MM);
      shorter =
          Math.min(SHORTER * Math.min(1, length / 20), SHORTER_MM / length) + feathered / length;
      hairs(s, length, Math.min(apart, Math.max(0.4, off - 1.2)), strays);
      lightRoots = 0;
    }
  }

  /**
   * Hairs drawn one by one, as those of beard and neck.
   *
   * @param points of each in xyz
   * @param fine share of the skin that is seen through one
   */
  void single(float[] xyz, int points, double fine, int first, int of) {
    skinShare = fine;
    for (int s = first; s < xyz.length / (3 * points); s += of) {
      int at = 3 * s * points;
      strand.straight(xyz, at, points);
      raster.project(strand.way, 0, points, q);
      seed = s * 7919L;
      random();
      random();
      double step =
          Math.sqrt(
              sq(xyz[at + 3] - xyz[at])
                  + sq(xyz[at + 4] - xyz[at + 1])
                  + sq(xyz[at + 5] - xyz[at + 2]));
      child(0, 0, (points - 1) * step, 0);
    }
    skinShare = 0;
  }

  private static double sq(double v) {
    return v * v;
  }

  private void hairs(int s, double length, double apartMm, double strays) {
    if (length < LEAST_MM) {
      return;
    }
    int n = strand.points();
    raster.project(strand.way, 0, n, q);
    if (strand.curled()) {
      raster.turn(strand.across, 0, n, u);
      raster.turn(strand.over, 0, n, v);
    }
    int drawn = length < NAP_MM ? NAP_TIMES * children : children;
    for (int k = 0; k < drawn; k++) {
      seed = s * 7919L + k * 104729L;
      random();
      random();
      child(strays, scale * apartMm, length, k);
    }
  }

  private void child(double strays, double apart, double length, int k) {
    int n = strand.points();
    double a = 2 * Math.PI * random();
    double out = k == 0 && length >= NAP_MM ? 0 : apart * Math.sqrt(random());
    // In the picture's axes; along the skin at the root, so not toward or away from the head.
    double rx = q[0] - m[0];
    double ry = q[1] - m[1];
    double rz = q[2] - m[2];
    double rl = Math.sqrt(rx * rx + ry * ry + rz * rz);
    double ox = out * Math.cos(a);
    double oy = out * Math.sin(a);
    double oz = out * (2 * random() - 1);
    double in = (ox * rx + oy * ry + oz * rz) / (rl * rl);
    ox -= in * rx;
    oy -= in * ry;
    oz -= in * rz;
    double share = 1 - shorter * random();
    double tone = 0.80 + 0.40 * random();
    int base = random() < hue.greyShare() ? white : pigmented;
    base = skinShare == 0 ? base : Rgb.mix(base, fall.hair().skin().rgb(), skinShare);
    double phase = strays * (2 * random() - 1);
    double grown = dyed == null ? 0 : dyed.rootsMm() * (0.85 + 0.3 * random());
    double wide = 1 + strays * (random() - 0.5);
    for (int i = 0; i < n; i++) {
      double t = (double) i / (n - 1);
      double pull = 1 - DRAWN_TOGETHER * t;
      double at = t * share * (n - 1);
      int b = Math.min(n - 2, (int) at);
      float w = (float) (at - b);
      double x = q[3 * b] + w * (q[3 * b + 3] - q[3 * b]) + pull * ox;
      double y = q[3 * b + 1] + w * (q[3 * b + 4] - q[3 * b + 1]) + pull * oy;
      double z = q[3 * b + 2] + w * (q[3 * b + 5] - q[3 * b + 2]) + pull * oz;
      if (strand.curled()) {
        double round = strand.round[b] + w * (strand.round[b + 1] - strand.round[b]) + phase;
        double cos = wide * (Math.cos(round) - Math.cos(strand.round[0] + phase));
        double sin = wide * (Math.sin(round) - Math.sin(strand.round[0] + phase));
        x += cos * u[3 * b] + sin * v[3 * b];
        y += cos * u[3 * b + 1] + sin * v[3 * b + 1];
        z += cos * u[3 * b + 2] + sin * v[3 * b + 2];
      }
      c[3 * i] = (float) x;
      c[3 * i + 1] = (float) y;
      c[3 * i + 2] = (float) z;
    }
    int stride =
        strand.curled() ? 1 : (int) Math.max(1, Math.min(5, PIECE_PX * (n - 1) / (length * scale)));
    for (int i = 0; i + 1 < n; i += stride) {
      double from = (double) i / (n - 1) * length;
      int own = dyed != null && from > grown ? coloured : base;
      piece(i, Math.min(n - 1, i + stride), n, tone, own, length);
    }
  }

  /** Of a colour as it is shown, 0 to 1. */
  private static double brightness(int rgb) {
    return ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / (3 * 255.0);
  }

  private void piece(int i, int j, int n, double tone, int base, double length) {
    float x0 = c[3 * i];
    float y0 = c[3 * i + 1];
    float z0 = c[3 * i + 2];
    float dx = c[3 * j] - x0;
    float dy = c[3 * j + 1] - y0;
    float dz = c[3 * j + 2] - z0;
    double l = Math.sqrt(dx * dx + dy * dy + dz * dz);
    if (l < 1e-6) {
      return;
    }
    double tl = (dx * light[0] + dy * light[1] + dz * light[2]) / l;
    double th = (dx * half[0] + dy * half[1] + dz * half[2]) / l;
    double diffuse = Math.sqrt(Math.max(0, 1 - tl * tl));
    double across = Math.max(0, 1 - th * th);
    double gloss = across * across * across * across * across;
    gloss *= gloss;
    gloss *= gloss;
    double nx = x0 - m[0];
    double ny = y0 - m[1];
    double nz = z0 - m[2];
    double nl = Math.sqrt(nx * nx + ny * ny + nz * nz);
    double lit = (nx * light[0] + ny * light[1] + nz * light[2]) / nl;
    double facing = Math.max(0, nz / nl);
    double turned =
        lighting.fill()
            - 0.2
            + (lighting.key() + 0.1) * Math.max(0, 0.5 + 0.5 * lit)
            + 0.2 * facing;
    double along = (double) i / (n - 1);
    double dark = 1 - Drawing.OF_ALL.lightThrough() * brightness(base);
    double beneath = 1 - Math.min(1, (along * length) / Math.min(24, 4 + 0.5 * length));
    double deep = 1 - 0.38 * dark * (1 - lightRoots) * beneath;
    double shade = 1.22 * tone * turned * deep * (1.25 - 0.75 * dark * (1 - diffuse));
    double lies = SHORT_SHINES + (1 - SHORT_SHINES) * Math.min(1, length / SHINES_MM);
    double shine = 0.20 * lies * lighting.shine() * gloss * turned * tone * Math.max(0.15, lit);
    int rgb = lighting.lit(base, shade, shine);
    int steps = (int) Math.max(1, Math.ceil(Math.max(Math.abs(dx), Math.abs(dy))));
    for (int k = 0; k < steps; k++) {
      float t = (float) k / steps;
      int x = Math.round(x0 + t * dx);
      int y = Math.round(y0 + t * dy);
      if (x >= 0 && y >= 0 && x < raster.width && y < raster.height) {
        float z = (float) ((z0 + t * dz) / scale);
        int at = y * raster.width + x;
        if (z > depth[at] && z > raster.depth[at] - 0.6f) {
          depth[at] = z;
          colour[at] = rgb;
        }
      }
    }
  }
}
