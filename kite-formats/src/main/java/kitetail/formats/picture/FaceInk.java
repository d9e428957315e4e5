package kitetail.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.Rgb;
import kitetail.head.FaceLine;
import kitetail.head.Head;

/** Draws the lines of the face on a picture of its skin, where nothing hides them. */
public final class FaceInk {
  private static final int INK = 0x1b2440;
  private static final int LIPS = 0x9c4a41;

  private static final double LIPS_DARKER = 0.55;

  /** A line of less contrast is not seen; an assumption. */
  private static final double SEEN = 1.5;

  /** A line lies on the skin; the mesh may cut a little above it. */
  private static final float OVER_MM = 2.2f;

  private FaceInk() {}

  static void draw(BufferedImage fine, Raster r, Head head, Hair hair) {
    List<FaceLine> lines = FaceLine.of(head);
    Graphics2D g = fine.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    for (FaceLine l : lines) {
      g.setColor(new Color(argb(l.kind(), hair), true));
      List<Vec3> p = l.pointsMm();
      for (int i = 1; i < p.size(); i++) {
        float[] a = r.project(p.get(i - 1));
        float[] b = r.project(p.get(i));
        if (!seen(r, a) || !seen(r, b)) {
          continue;
        }
        double t = (i - 0.5) / (p.size() - 1);
        double wide = l.widthMm(t);
        g.setStroke(
            new BasicStroke(
                (float) Math.max(0.8, wide * r.pixelsPerMm()),
                BasicStroke.CAP_BUTT,
                BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Float(a[0], a[1], b[0], b[1]));
      }
    }
    g.dispose();
  }

  private static boolean seen(Raster r, float[] at) {
    int x = Math.round(at[0]);
    int y = Math.round(at[1]);
    return x >= 0
        && y >= 0
        && x < r.width
        && y < r.height
        && at[2] > r.depth[y * r.width + x] - OVER_MM;
  }

  /** What a kind of line is drawn in on a client's skin, 0xaarrggbb. */
  public static int argb(FaceLine.Kind kind, Hair hair) {
    int skin = hair.skin().rgb();
    int deep = Rgb.scaled(skin, 0.55);
    return switch (kind) {
      case BROW -> 0xbe000000 | Rgb.mix(Rgb.scaled(hair.colour().mean(), 0.75), skin, 0.12);
      case LID -> 0xd7000000 | Rgb.scaled(Rgb.mix(INK, deep, 0.3), 0.3);
      case LIPS -> 0xdc000000 | lips(skin);
      case SHADE -> 0x5f000000 | deep;
    };
  }

  /** Darker than the skin; on skin too dark for that, lighter. */
  private static int lips(int skin) {
    int darker = Rgb.scaled(Rgb.mix(LIPS, skin, 0.5), LIPS_DARKER);
    return Rgb.contrast(darker, skin) > SEEN ? darker : Rgb.mix(LIPS, 0xffffff, 0.12);
  }
}
