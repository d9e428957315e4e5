package kitetail.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.Rgb;
import kitetail.head.Bust;
import kitetail.head.CapMesh;
import kitetail.head.Head;
import kitetail.head.Place;

/** A small drawn head for one pick: skin, hair as combed strokes, from the side that shows it. */
public final class PickPicture {
  private static final int FINE = 2;
  private static final int PALE = 0xb49a80;
  private static final int STROKES = 1500;

  private PickPicture() {}

  /** Where the eye is: from, at what, how many mm high. */
  public enum Eye {
    FRONT(UnitVec.of(0, 1, 0.08), new Vec3(0, 0, 22), 246),
    SIDE(UnitVec.of(1, 0, 0.06), new Vec3(0, 2, 22), 266),
    BACK(UnitVec.of(0, -1, 0.1), new Vec3(0, 0, 22), 246),
    TOP(UnitVec.of(0, -0.05, 1), new Vec3(0, -4, 40), 236),
    CROWN(UnitVec.of(0, -0.95, 0.85), new Vec3(0, -40, 84), 190),
    HAIRLINE(UnitVec.of(0, 1, 0.34), new Vec3(0, 30, 76), 168),
    NAPE(UnitVec.of(0, -1, -0.08), new Vec3(0, -60, -4), 176),
    EAR(UnitVec.of(1, 0.12, 0), new Vec3(0, 6, 18), 168);

    private final UnitVec from;
    private final Vec3 middle;
    private final double spanMm;

    Eye(UnitVec from, Vec3 middle, double spanMm) {
      this.from = from;
      this.middle = middle;
      this.spanMm = spanMm;
    }
  }

  /**
   * Hair hanging down between two azimuths, degrees from the front: from the hairline, or from a
   * height, by a length or down to a height.
   *
   * @param fromZ height it hangs from; null for the hairline
   * @param toZ height its ends reach, on the usual head; null when the length is given
   * @param roundMm how much higher the outer ends are than the middle ones
   * @param sweep radians toward the right at the ends
   */
  public record Hanging(
      double fromDeg,
      double toDeg,
      Double fromZ,
      Double toZ,
      double lengthMm,
      double roundMm,
      double sweep) {}

  /**
   * @param hanging null for none
   * @param partDeg azimuth at which a parting leaves the front; null for none
   */
  public static BufferedImage draw(
      Head head, Hair hair, Eye eye, Hanging hanging, Double partDeg, int width, int height) {
    int w = width * FINE;
    int h = height * FINE;
    Raster r = new Raster(w, h, eye.from, eye.middle, h / eye.spanMm);
    r.draw(Bust.of(head), null);
    double cover = Math.min(1, 0.15 + 0.6 * hair.densityPerCm2() / Hair.USUAL_DENSITY);
    int ground = Rgb.mix(hair.skin().rgb(), strokesOf(hair), cover);
    var cap = CapMesh.of(head);
    r.draw(cap, new float[cap.vertices()]);
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    BufferedImage fine = HeadPicture.shaded(r, eye.from, hair.skin().rgb(), at -> ground);
    FaceInk.draw(fine, r, head, hair);
    g.drawImage(fine, 0, 0, width, height, null);
    // Lines are smoothed as they are drawn, so they need no fine pixels.
    g.scale(1.0 / FINE, 1.0 / FINE);
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    float thick = (float) (0.75 * h / eye.spanMm * hair.diameterUm() / Hair.USUAL_DIAMETER_UM);
    g.setStroke(new BasicStroke(thick, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    strokes(g, r, eye, strokesOf(hair), Strokes.of(head, hair, STROKES));
    if (partDeg != null) {
      part(g, r, head, partDeg, (float) (2.6 * h / eye.spanMm));
    }
    if (hanging != null) {
      g.setStroke(new BasicStroke(1.4f * thick, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
      strokes(g, r, eye, strokesOf(hair), Strokes.hanging(head, hanging));
    }
    g.dispose();
    return out;
  }

  /** The hair's own colour, light enough for its strokes to be told apart. */
  private static int strokesOf(Hair hair) {
    return Rgb.mix(hair.colour().mean(), PALE, 0.22);
  }

  private static void strokes(
      Graphics2D g, Raster r, Eye eye, int colour, List<Strokes.Stroke> strokes) {
    for (Strokes.Stroke s : strokes) {
      Path2D path = new Path2D.Float();
      boolean drawn = false;
      boolean down = false;
      for (Vec3 p : s.points()) {
        float[] at = r.project(p);
        boolean seen = r.seen(at);
        if (seen && down) {
          path.lineTo(at[0], at[1]);
          drawn = true;
        } else if (seen) {
          path.moveTo(at[0], at[1]);
        }
        down = seen;
      }
      if (drawn) {
        Vec3 first = s.points().get(0);
        Vec3 last = s.points().get(s.points().size() - 1);
        UnitVec along = UnitVec.of(last.minus(first));
        // Hair shines where it runs across the line of sight and light.
        double across = 1 - Math.abs(along.dot(eye.from));
        double tone = 0.62 + 0.32 * s.tone() + 0.25 * across;
        g.setColor(new Color(Rgb.scaled(colour, tone)));
        g.draw(path);
      }
    }
  }

  private static void part(Graphics2D g, Raster r, Head head, double deg, float thick) {
    g.setStroke(new BasicStroke(thick, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.setColor(new Color(0xe6cfb8));
    double a = Math.toRadians(deg);
    Vec3 front = head.edge(a);
    Vec3 crown = head.place(Place.CROWN);
    Vec3 back = head.surface().onto(crown.plus(new Vec3(front.x() * 0.5, 12, 4)));
    Path2D path = new Path2D.Float();
    for (int k = 0; k <= 12; k++) {
      Vec3 p = head.surface().onto(front.plus(back.minus(front).times(k / 12.0)));
      float[] at = r.project(p.plus(head.surface().normalAt(p).times(2)));
      if (k == 0) {
        path.moveTo(at[0], at[1]);
      } else {
        path.lineTo(at[0], at[1]);
      }
    }
    g.draw(path);
  }
}
