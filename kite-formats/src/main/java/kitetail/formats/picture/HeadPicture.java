package kitetail.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import javax.imageio.ImageIO;
import kitetail.formats.words.Units;
import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.Rgb;
import kitetail.hair.SkinTone;
import kitetail.head.Bust;
import kitetail.head.FaceLine;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;
import kitetail.plan.Plan;
import kitetail.section.Region;
import kitetail.section.SeamMesh;

/**
 * A head painted with its length map, from any side. Made once for a scalp; then draws any state of
 * its hair.
 */
public final class HeadPicture {
  private static final int FINE = 2;
  static final int SKIN = SkinTone.USUAL.rgb();
  private static final Font LABEL = font();

  private final Head head;
  private final Mesh bust;
  private final ScalpMesh scalpMesh;
  private final List<Mesh> faceLines;

  public HeadPicture(Scalp scalp) {
    this(scalp.head(), Bust.of(scalp.head()), ScalpMesh.of(scalp), FaceLine.ribbons(scalp.head()));
  }

  private HeadPicture(Head head, Mesh bust, ScalpMesh scalpMesh, List<Mesh> faceLines) {
    this.head = head;
    this.bust = bust;
    this.scalpMesh = scalpMesh;
    this.faceLines = faceLines;
  }

  /**
   * The same head, its paint ending where a plan's sections end.
   *
   * @param scalp the picture's own
   */
  public HeadPicture along(Plan plan, Scalp scalp) {
    List<Region> regions = plan.sections().stream().map(s -> plan.region(s.id())).toList();
    return new HeadPicture(head, bust, SeamMesh.of(scalp, scalpMesh, regions), faceLines);
  }

  public Mesh bust() {
    return bust;
  }

  /** The lines of the face as ribbons, one mesh a kind, in the order of the kinds. */
  public List<Mesh> faceLines() {
    return faceLines;
  }

  public ScalpMesh scalpMesh() {
    return scalpMesh;
  }

  /**
   * @param lengthsMm a length for each root of the scalp, or null for a bare head
   * @param labels contours labelled in these units; null for none
   * @return an image on a clear ground
   */
  public BufferedImage draw(double[] lengthsMm, View view, int width, int height, Units labels) {
    int w = width * FINE;
    int h = height * FINE;
    double span = view == View.TOP ? 250 : 316;
    Vec3 middle = view == View.TOP ? new Vec3(0, -4, 40) : new Vec3(0, 2, -4);
    Raster r = new Raster(w, h, view.from(), middle, Math.min(h / span, w / 224.0));
    r.draw(bust, null);
    float[] byVertex = null;
    if (lengthsMm != null) {
      byVertex = new float[scalpMesh.roots().length];
      for (int i = 0; i < byVertex.length; i++) {
        byVertex[i] = (float) lengthsMm[scalpMesh.roots()[i]];
      }
      r.draw(scalpMesh.mesh(), byVertex);
    }
    BufferedImage fine = paint(r, view);
    FaceInk.draw(fine, r, head, Hair.DEFAULT);
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.drawImage(fine, 0, 0, width, height, null);
    if (labels != null && byVertex != null) {
      label(g, r, labels, Math.max(10, height / 26));
    }
    g.dispose();
    return out;
  }

  public byte[] png(double[] lengthsMm, View view, int width, int height, Units labels) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(draw(lengthsMm, view, width, height, labels), "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static BufferedImage paint(Raster r, View view) {
    int[] ramp = LengthRamp.colours();
    return shaded(
        r,
        view.from(),
        SKIN,
        at -> {
          int colour = ramp[LengthRamp.band(r.lengthMm[at])];
          return contour(r, at % r.width, at / r.width) ? Rgb.mix(colour, 0x1b2440, 0.55) : colour;
        },
        Lighting.of(Light.DAY));
  }

  /**
   * @param skin the colour of bare skin
   * @param hair the colour of a pixel on which hair grows
   * @param lighting by day a calm one: mostly from above and the front left of the eye, never black
   */
  static BufferedImage shaded(
      Raster r, UnitVec from, int skin, IntUnaryOperator hair, Lighting lighting) {
    double[] key = lighting.from();
    UnitVec light =
        UnitVec.of(r.right().times(key[0]).plus(r.up().times(key[1])).plus(from.times(key[2])));
    BufferedImage image = new BufferedImage(r.width, r.height, BufferedImage.TYPE_INT_ARGB);
    int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    for (int at = 0; at < pixels.length; at++) {
      if (r.depth[at] == Float.NEGATIVE_INFINITY) {
        continue;
      }
      double lit =
          light.x() * r.normalX[at] + light.y() * r.normalY[at] + light.z() * r.normalZ[at];
      double facing =
          from.x() * r.normalX[at] + from.y() * r.normalY[at] + from.z() * r.normalZ[at];
      double shade =
          lighting.fill() + lighting.key() * (lit * 0.5 + 0.5) + 0.18 * Math.max(0, facing);
      shade *= 0.86 + 0.14 * Math.min(1, Math.max(0, facing) * 2.2);
      int colour = Float.isNaN(r.lengthMm[at]) ? skin : hair.applyAsInt(at);
      double alpha = Math.max(0, Math.min(1, (r.worldZ[at] + 150) / 34));
      pixels[at] = (int) Math.round(255 * alpha) << 24 | 0xffffff & lighting.lit(colour, shade, 0);
    }
    return image;
  }

  private static boolean contour(Raster r, int x, int y) {
    int band = LengthRamp.band(r.lengthMm[y * r.width + x]);
    for (int k = 0; k < 4; k++) {
      int nx = x + (k == 0 ? 1 : k == 1 ? -1 : 0);
      int ny = y + (k == 2 ? 1 : k == 3 ? -1 : 0);
      if (nx >= 0 && ny >= 0 && nx < r.width && ny < r.height) {
        float other = r.lengthMm[ny * r.width + nx];
        if (!Float.isNaN(other) && LengthRamp.band(other) < band) {
          return true;
        }
      }
    }
    return false;
  }

  /**
   * One label a level: where its contour lies nearest the middle of the picture and no other label
   * stands near; the longest and the shortest first, those between as long as there is room.
   */
  private static void label(Graphics2D g, Raster r, Units units, int size) {
    double[] levels = LengthRamp.levelsMm();
    List<Rectangle2D> taken = new ArrayList<>();
    g.setFont(LABEL.deriveFont((float) size));
    for (int turn = 0; turn < levels.length; turn++) {
      int b = turn % 2 == 0 ? levels.length - turn / 2 : 1 + turn / 2;
      String text = units.length(levels[b - 1]);
      Rectangle2D box = g.getFontMetrics().getStringBounds(text, g);
      Rectangle2D best = null;
      double closest = Double.MAX_VALUE;
      for (int y = 4; y < r.height - 4; y += 3) {
        for (int x = 4; x < r.width - 4; x += 3) {
          float l = r.lengthMm[y * r.width + x];
          if (Float.isNaN(l)
              || LengthRamp.band(l) != b
              || r.facing(x, y) < 0.6
              || !contour(r, x, y)) {
            continue;
          }
          double d = Math.hypot(x - r.width * 0.5, y - r.height * 0.34);
          Rectangle2D here =
              new Rectangle2D.Double(
                  x / (double) FINE - box.getWidth() / 2 - 3,
                  y / (double) FINE - size * 0.62,
                  box.getWidth() + 6,
                  size * 1.24);
          if (d < closest
              && d < r.width * 0.42
              && taken.stream().noneMatch(t -> t.intersects(here))) {
            closest = d;
            best = here;
          }
        }
      }
      if (best != null) {
        taken.add(
            new Rectangle2D.Double(
                best.getX() - size * 0.5,
                best.getY() - size * 0.4,
                best.getWidth() + size,
                best.getHeight() + size * 0.8));
        g.setColor(new Color(0xfb, 0xf8, 0xf1, 225));
        g.fillRoundRect(
            (int) best.getX(),
            (int) best.getY(),
            (int) best.getWidth(),
            (int) best.getHeight(),
            size,
            size);
        g.setColor(new Color(0x1b2440));
        g.setStroke(new BasicStroke(1));
        g.drawString(text, (float) best.getX() + 3, (float) (best.getY() + size * 0.98));
      }
    }
  }

  private static Font font() {
    try (InputStream in =
        HeadPicture.class.getResourceAsStream(
            "/kitetail/fonts/AtkinsonHyperlegibleNext_700Bold.ttf")) {
      return Font.createFont(Font.TRUETYPE_FONT, in);
    } catch (IOException | FontFormatException e) {
      throw new IllegalStateException("the shipped font cannot be read", e);
    }
  }
}
