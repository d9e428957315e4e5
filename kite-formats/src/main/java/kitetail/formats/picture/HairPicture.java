package kitetail.formats.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kitetail.fall.Bared;
import kitetail.fall.Coil;
import kitetail.fall.Fall;
import kitetail.fall.SkinStrands;
import kitetail.geom.Mesh;
import kitetail.geom.Vec3;
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

  /** Drawn a strand, at a fine pixel a millimetre; more the larger the picture. */
  private static final double CHILDREN = 2.3;

  private static final double WIDE_MM = 224;

  /** Hair up to here is in the picture as it is, z. */
  private static final double TOP_MM = 152;

  private static final double MOST_COVER = Drawing.OF_ALL.mostCover();

  /** Hairs of beard and neck drawn a mm², for each time a strand of the head is drawn. */
  private static final double SKIN_PER_MM2 = 0.03;

  private static final int SKIN_POINTS = 7;

  /** The neck's hairs are so fine that this much of the skin is seen through each. */
  private static final double NECK_FINE = 0.5;

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
    return draw(fall, view, width, height, Light.DAY);
  }

  /** The same in another light than the day's. */
  public BufferedImage draw(Fall fall, View view, int width, int height, Light light) {
    return draw(fall, Frame.of(view, highest(fall)), width, height, Lighting.of(light));
  }

  private static double highest(Fall f) {
    double most = 0;
    for (int i = 2; i < f.xyz().length; i += 3) {
      most = Math.max(most, f.xyz()[i]);
    }
    return most + Coil.of(f.curlRatio(0)).radiusMm();
  }

  /** Where the eye is, at what it looks, and how much of it is in the picture at least. */
  record Frame(kitetail.geom.UnitVec from, Vec3 middle, double highMm, double wideMm) {
    private double scale(int w, int h) {
      return Math.min(h / highMm, w / wideMm);
    }

    Raster raster(int w, int h) {
      return new Raster(w, h, from, middle, scale(w, h));
    }

    /** Wider where hair stands up high. */
    static Frame of(View view, double highestMm) {
      double more = Math.max(0, highestMm - TOP_MM);
      return view == View.TOP
          ? new Frame(view.from(), new Vec3(0, -4, 40), 250, WIDE_MM)
          : new Frame(view.from(), new Vec3(0, -2, 2 + more / 2), 316 + more, WIDE_MM);
    }
  }

  BufferedImage draw(Fall fall, Frame frame, int width, int height) {
    return draw(fall, frame, width, height, Lighting.of(Light.DAY));
  }

  private BufferedImage draw(Fall fall, Frame frame, int width, int height, Lighting lighting) {
    int w = width * FINE;
    int h = height * FINE;
    double scale = frame.scale(w, h);
    Raster r = frame.raster(w, h);
    SkinStrands besides = fall.ground().besides();
    float[] covered = scaled(besides.cover(fall));
    r.draw(bust, covered.length == 0 ? null : covered);
    r.draw(cap.mesh(), cover(fall));
    int roots = Rgb.scaled(fall.hair().colour().mean(), 0.8);
    int skin = fall.hair().skin().rgb();
    Bared bared = Bared.of(fall);
    BufferedImage fine =
        HeadPicture.shaded(
            r,
            frame.from(),
            skin,
            at -> Rgb.mix(skin, roots, r.lengthMm[at] * (bared.none() ? 1 : covered(r, at, bared))),
            lighting);
    FaceInk.draw(fine, r, scalp.head(), fall.hair());
    int[] pixels = ((DataBufferInt) fine.getRaster().getDataBuffer()).getData();
    int children = (int) Math.max(5, Math.min(24, Math.round(scale * scale * CHILDREN)));
    int beardPoints = besides.beardPoints(fall, SKIN_POINTS);
    float[] beard = besides.beard(fall, beardPoints, SKIN_PER_MM2 * children);
    float[] neck = besides.neck(fall, SKIN_POINTS, SKIN_PER_MM2 * children);
    HairStrokes[] parts = new HairStrokes[THREADS];
    IntStream.range(0, THREADS)
        .parallel()
        .forEach(
            t -> {
              parts[t] = new HairStrokes(r, fall, children, scale, lighting);
              parts[t].draw(t, THREADS);
              parts[t].single(beard, beardPoints, 0, t, THREADS);
              parts[t].single(neck, SKIN_POINTS, NECK_FINE, t, THREADS);
            });
    for (int at = 0; at < pixels.length; at++) {
      float nearest = r.depth[at];
      int best = 0;
      for (HairStrokes p : parts) {
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

  /** What of the cover is left where no hair lies over the skin. */
  private static double covered(Raster r, int at, Bared bared) {
    return 1 - bared.bare(r.pointMm(at));
  }

  private static float[] scaled(float[] cover) {
    for (int i = 0; i < cover.length; i++) {
      cover[i] *= (float) MOST_COVER;
    }
    return cover;
  }

  static BufferedImage reduced(BufferedImage fine, int width, int height) {
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(fine, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  public byte[] png(Fall fall, View view, int width, int height) {
    return png(fall, view, width, height, Light.DAY);
  }

  /** The same in another light than the day's. */
  public byte[] png(Fall fall, View view, int width, int height, Light light) {
    return png(draw(fall, view, width, height, light));
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
}
