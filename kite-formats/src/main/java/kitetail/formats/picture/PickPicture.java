package kitetail.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.Rgb;
import kitetail.head.Bust;
import kitetail.head.CapMesh;
import kitetail.head.Head;

/** A small drawn head for one pick: the hair that shows it, fallen, from the side that shows it. */
final class PickPicture {
  private static final int STROKES = 420;
  private static final double STROKE_MM = 1.5;
  private static final int PALE = 0xf6e7d2;
  private static final int DARK = 0x140d0a;

  private PickPicture() {}

  /**
   * Where the eye is: from, at what, how many mm high. What is left out at the sides does not
   * matter.
   */
  enum Eye {
    FRONT(UnitVec.of(0, 1, 0.08), new Vec3(0, 0, 22), 246),
    SIDE(UnitVec.of(1, 0, 0.06), new Vec3(0, 2, 22), 266),
    BACK(UnitVec.of(0, -1, 0.1), new Vec3(0, 0, 22), 246),
    TOP(UnitVec.of(0, -0.05, 1), new Vec3(0, -4, 40), 236),
    CROWN(UnitVec.of(0, -0.95, 0.85), new Vec3(0, -40, 84), 190),
    HAIRLINE(UnitVec.of(0, 1, 0.34), new Vec3(0, 30, 76), 168),
    NAPE(UnitVec.of(0, -1, -0.08), new Vec3(0, -60, -4), 176),
    EAR(UnitVec.of(1, 0.12, 0), new Vec3(0, 6, 18), 168);

    private final HairPicture.Frame frame;

    Eye(UnitVec from, Vec3 middle, double highMm) {
      frame = new HairPicture.Frame(from, middle, highMm, 0.86 * highMm);
    }
  }

  static BufferedImage draw(
      PickHead head, Hair hair, Eye eye, PickHair shown, int width, int height) {
    Ground ground = head.ground();
    Fall fall = Fall.of(ground, hair, shown.on(ground.scalp()), shown.styling());
    BufferedImage out = head.picture().draw(fall, eye.frame, width, height);
    if (shown.strokes()) {
      strokes(out, ground.scalp().head(), hair, eye);
    }
    return out;
  }

  /** How it grows: hair so short lies too close to be read at a glance. */
  private static void strokes(BufferedImage on, Head head, Hair hair, Eye eye) {
    Raster r = eye.frame.raster(on.getWidth(), on.getHeight());
    r.draw(Bust.of(head), null);
    Mesh cap = CapMesh.of(head);
    r.draw(cap, new float[cap.vertices()]);
    Graphics2D g = on.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setStroke(
        new BasicStroke(
            (float) (STROKE_MM * r.pixelsPerMm()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    int dark = Rgb.mix(hair.colour().mean(), DARK, 0.6);
    int skin = hair.skin().rgb();
    int tone = Rgb.contrast(dark, skin) > Rgb.contrast(PALE, skin) ? dark : PALE;
    for (Strokes.Stroke s : Strokes.of(head, hair, STROKES)) {
      Path2D path = new Path2D.Float();
      boolean down = false;
      for (Vec3 p : s.points()) {
        float[] at = r.project(p);
        boolean seen = r.seen(at);
        if (seen && down) {
          path.lineTo(at[0], at[1]);
        } else if (seen) {
          path.moveTo(at[0], at[1]);
        }
        down = seen;
      }
      g.setColor(new Color(Rgb.scaled(tone, 0.9 + 0.1 * s.tone())));
      g.draw(path);
    }
    g.dispose();
  }
}
