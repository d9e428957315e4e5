package kitetail.formats.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kitetail.fall.Coil;
import kitetail.fall.CurledStrand;
import kitetail.fall.Fall;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
import kitetail.hair.HairColour;
import kitetail.hair.Rgb;
import kitetail.head.Bust;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;

/**
 * A head with its hair fallen, from any side. Each strand is drawn many times, a little apart, with
 * its own tone and end; lit across its length (Kajiya and Kay 1989), darker toward the root and
 * where the head turns away.
 */
public final class HairPicture {
  private static final int FINE = 2;
  private static final int THREADS = 2;

  /** A strand's hairs grow within so many times its own skin, and draw together to the end. */
  private static final double APART = 1.75;

  private static final double DRAWN_TOGETHER = 0.2;
  private static final double SHORTER = 0.10;

  /** Drawn a strand, at a fine pixel a millimetre; more the larger the picture. */
  private static final double CHILDREN = 2.3;

  /** Shorter pieces are not worth a line of their own, fine pixels. */
  private static final double PIECE_PX = 4.5;

  /** Shorter hair is a nap: drawn so many times more often. */
  private static final double NAP_MM = 14;

  private static final int NAP_TIMES = 3;

  /** The hairs of a lock coil within so much of each other: waves together, coils frizzed. */
  private static final double STRAYS_RAD = 0.55;

  private static final double WAVES_STRAY_RAD = 0.1;

  /** Hair up to here is in the picture as it is, z. */
  private static final double TOP_MM = 152;

  /** Roots never hide the skin they stand in altogether. */
  private static final double MOST_COVER = 0.92;

  private final Scalp scalp;
  private final Mesh bust;
  private final ScalpMesh cap;

  public HairPicture(Scalp scalp) {
    this.scalp = scalp;
    bust = Bust.of(scalp.head());
    cap = ScalpMesh.of(scalp);
  }

  /**
   * @return an image on a clear ground
   */
  public BufferedImage draw(Fall fall, View view, int width, int height) {
    return draw(fall, Frame.of(view, highest(fall)), width, height);
  }

  private static double highest(Fall f) {
    double most = 0;
    for (int i = 2; i < f.xyz().length; i += 3) {
      most = Math.max(most, f.xyz()[i]);
    }
    return most + Coil.of(f.curlRatio(0)).radiusMm();
  }

  /** Where the eye is, at what it looks and how much of it is in the picture. */
  record Frame(kitetail.geom.UnitVec from, Vec3 middle, double spanMm) {
    /** Wider where hair stands up high. */
    static Frame of(View view, double highestMm) {
      double more = Math.max(0, highestMm - TOP_MM);
      return view == View.TOP
          ? new Frame(view.from(), new Vec3(0, -4, 40), 250)
          : new Frame(view.from(), new Vec3(0, -2, 2 + more / 2), 316 + more);
    }
  }

  BufferedImage draw(Fall fall, Frame frame, int width, int height) {
    int w = width * FINE;
    int h = height * FINE;
    double scale = Math.min(h / frame.spanMm(), w / 224.0);
    Raster r = new Raster(w, h, frame.from(), frame.middle(), scale);
    r.draw(bust, null);
    r.draw(cap.mesh(), cover(fall));
    int roots = Rgb.scaled(fall.hair().colour().mean(), 0.8);
    int skin = fall.hair().skin().rgb();
    BufferedImage fine =
        HeadPicture.shaded(r, frame.from(), skin, at -> Rgb.mix(skin, roots, r.lengthMm[at]));
    FaceInk.draw(fine, r, scalp.head(), fall.hair());
    int[] pixels = ((DataBufferInt) fine.getRaster().getDataBuffer()).getData();
    int children = (int) Math.max(5, Math.min(24, Math.round(scale * scale * CHILDREN)));
    Strokes3D[] parts = new Strokes3D[THREADS];
    IntStream.range(0, THREADS)
        .parallel()
        .forEach(
            t -> {
              parts[t] = new Strokes3D(r, fall, children, scale);
              parts[t].draw(t, THREADS);
            });
    for (int at = 0; at < pixels.length; at++) {
      float nearest = r.depth[at];
      int best = 0;
      for (Strokes3D p : parts) {
        if (p.depth[at] > nearest) {
          nearest = p.depth[at];
          best = p.colour[at];
        }
      }
      if (best != 0) {
        double fade = Math.max(0, Math.min(1, (r.heightMm(at / w, nearest) + 168) / 30));
        pixels[at] = (int) Math.round(255 * fade) << 24 | best & 0xffffff;
      }
    }
    return reduced(fine, width, height);
  }

  /** How much of the skin the hair's roots hide, at each vertex of the cap. */
  private float[] cover(Fall fall) {
    float[] out = new float[cap.roots().length];
    for (int v = 0; v < out.length; v++) {
      out[v] = (float) (MOST_COVER * fall.cover(Math.min(cap.roots()[v], fall.strands() - 1)));
    }
    return out;
  }

  private static BufferedImage reduced(BufferedImage fine, int width, int height) {
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(fine, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  public byte[] png(Fall fall, View view, int width, int height) {
    return png(draw(fall, view, width, height));
  }

  static byte[] png(BufferedImage image) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Lines with depth: some of the strands, on a canvas of their own. */
  private static final class Strokes3D {
    private final Raster raster;
    private final Fall fall;
    private final HairColour hue;
    private final int pigmented;
    private final int white;
    private final int children;
    private final double scale;
    private final double apart;
    private final double[] light;
    private final double[] half;
    final float[] depth;
    final int[] colour;
    private long seed;

    Strokes3D(Raster raster, Fall fall, int children, double scale) {
      this.raster = raster;
      this.fall = fall;
      hue = fall.hair().colour();
      this.children = children;
      this.scale = scale;
      var scalp = fall.ground().scalp();
      apart = scale * APART * Math.sqrt(scalp.totalAreaMm2() / Math.PI / fall.strands());
      depth = new float[raster.width * raster.height];
      Arrays.fill(depth, Float.NEGATIVE_INFINITY);
      colour = new int[depth.length];
      pigmented = hue.pigmented();
      white = hue.white();
      light = unit(-0.42, 0.62, 0.66);
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

    void draw(int part, int of) {
      CurledStrand strand = new CurledStrand();
      float[] q = new float[3 * CurledStrand.MOST];
      float[] u = new float[3 * CurledStrand.MOST];
      float[] v = new float[3 * CurledStrand.MOST];
      float[] c = new float[3 * CurledStrand.MOST];
      Vec3 middle = fall.ground().scalp().head().surface().centreMm();
      float[] m = raster.projected(middle);
      for (int s = part; s < fall.strands(); s += of) {
        double length = fall.lengthMm(s);
        if (length < 0.3) {
          continue;
        }
        strand.of(fall, s);
        int n = strand.points();
        raster.project(strand.way, 0, n, q);
        if (strand.curled()) {
          raster.turn(strand.across, 0, n, u);
          raster.turn(strand.over, 0, n, v);
        }
        double strays = Math.min(STRAYS_RAD, WAVES_STRAY_RAD + 0.95 - fall.curlRatio(s));
        int drawn = length < NAP_MM ? NAP_TIMES * children : children;
        for (int k = 0; k < drawn; k++) {
          seed = s * 7919L + k * 104729L;
          random();
          random();
          child(q, strand, strays, u, v, c, m, length, k);
        }
      }
    }

    private void child(
        float[] q,
        CurledStrand strand,
        double strays,
        float[] u,
        float[] v,
        float[] c,
        float[] m,
        double length,
        int k) {
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
      double share = 1 - SHORTER * random() * Math.min(1, length / 20);
      double tone = 0.80 + 0.40 * random();
      int base = random() < hue.greyShare() ? white : pigmented;
      double phase = strays * (2 * random() - 1);
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
          strand.curled()
              ? 1
              : (int) Math.max(1, Math.min(5, PIECE_PX * (n - 1) / (length * scale)));
      for (int i = 0; i + 1 < n; i += stride) {
        piece(c, i, Math.min(n - 1, i + stride), n, m, tone, base, length);
      }
    }

    private void piece(
        float[] c, int i, int j, int n, float[] m, double tone, int base, double length) {
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
      double turned = 0.38 + 0.42 * Math.max(0, 0.5 + 0.5 * lit) + 0.2 * facing;
      double along = (double) i / (n - 1);
      double deep = 0.62 + 0.38 * Math.min(1, (along * length) / Math.min(24, 4 + 0.5 * length));
      double shade = tone * turned * deep * (0.5 + 0.75 * diffuse);
      double shine = 0.20 * gloss * turned * tone * Math.max(0.15, lit);
      int rgb = lit(base, shade, shine);
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

    private static int lit(int base, double shade, double shine) {
      int out = 0xff;
      for (int s = 16; s >= 0; s -= 8) {
        double v = (base >> s & 255) * shade * 1.22 + 255 * shine;
        out = out << 8 | (int) Math.max(0, Math.min(255, v));
      }
      return out;
    }
  }
}
