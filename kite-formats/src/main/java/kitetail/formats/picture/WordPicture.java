package kitetail.formats.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import kitetail.geom.Mesh;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.head.Bust;
import kitetail.head.CapMesh;
import kitetail.head.Head;
import kitetail.head.Place;

/** A head on which one word of the trade is shown: a place, a line, or how hair is held. */
public final class WordPicture {
  private static final int FINE = 2;
  private static final int SKIN = 0xe9d3bd;
  private static final int GROWS = 0xb9a48e;
  private static final Color INK = new Color(0x1b2440);
  private static final Color HALO = new Color(0xfb, 0xf8, 0xf1);
  private static final double DOT_MM = 7;
  private static final double LINE_MM = 2.6;
  private static final double HELD_MM = 58;
  private static final int STEPS = 72;

  /** A line lies on the skin; the mesh may cut a little above it. */
  private static final double OVER_MM = 3;

  /** What is in the picture at the least, and where its middle is. */
  private static final double HIGH_MM = 262;

  private static final double WIDE_MM = 218;
  private static final Vec3 MIDDLE = new Vec3(0, -2, 18);

  private WordPicture() {}

  /** From where it is seen. */
  private static final class Eye {
    private static final double[] SIDE = {1, 0, 0.14};
    private static final double[] BEHIND = {0.5, -0.86, 0.24};
    private static final double[] BACK = {0, -1, 0.2};
    private static final double[] CORNER = {0.72, 0.72, 0.28};
  }

  /** What can be shown. */
  public enum Word {
    APEX(Eye.SIDE, Place.APEX),
    CROWN(Eye.BEHIND, Place.CROWN),
    DROP_CROWN(Eye.BEHIND, Place.DROP_CROWN),
    OCCIPITAL(Eye.BEHIND, Place.OCCIPITAL),
    MASTOID(Eye.BEHIND, Place.MASTOID_RIGHT),
    NAPE(Eye.BACK, Place.NAPE),
    RECESSION(Eye.CORNER, Place.RECESSION_RIGHT),
    TEMPLE(Eye.CORNER, Place.TEMPLE_RIGHT),
    SIDEBURN(Eye.SIDE, Place.SIDEBURN_RIGHT),
    RIDGE(Eye.CORNER, h -> List.of(round(h, h::onRidge))),
    HAIRLINE(Eye.CORNER, h -> List.of(round(h, h::edge))),
    /** From lying down the head to straight out. */
    ELEVATION(Eye.SIDE, WordPicture::elevations),
    /** Hair of the side held back past where it grows. */
    OVERDIRECTION(Eye.SIDE, WordPicture::overdirected);

    private final UnitVec from;
    private final Function<Head, List<List<Vec3>>> lines;

    Word(double[] from, Place place) {
      this(from, h -> List.of(List.of(h.place(place))));
    }

    Word(double[] from, Function<Head, List<List<Vec3>>> lines) {
      this.from = UnitVec.of(from[0], from[1], from[2]);
      this.lines = lines;
    }
  }

  /**
   * @return an image on a clear ground
   */
  public static BufferedImage draw(Head head, Word word, int width, int height) {
    int w = width * FINE;
    int h = height * FINE;
    Raster r = new Raster(w, h, word.from, MIDDLE, Math.min(h / HIGH_MM, w / WIDE_MM));
    r.draw(Bust.of(head), null);
    Mesh cap = CapMesh.of(head);
    r.draw(cap, new float[cap.vertices()]);
    BufferedImage fine =
        HeadPicture.shaded(r, word.from, SKIN, at -> GROWS, Lighting.of(Light.DAY));
    FaceInk.draw(fine, r, head, Hair.DEFAULT);
    Graphics2D g = fine.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    for (List<Vec3> line : word.lines.apply(head)) {
      draw(g, r, line);
    }
    g.dispose();
    return HairPicture.reduced(fine, width, height);
  }

  public static byte[] png(Head head, Word word, int width, int height) {
    return HairPicture.png(draw(head, word, width, height));
  }

  /** One point as a dot, more of them as a line; light beneath, so that it is seen on anything. */
  private static void draw(Graphics2D g, Raster r, List<Vec3> line) {
    double px = r.pixelsPerMm();
    if (line.size() == 1) {
      float[] at = r.project(line.get(0));
      for (double mm : new double[] {DOT_MM + 2, DOT_MM}) {
        g.setColor(mm == DOT_MM ? INK : HALO);
        g.fill(new Ellipse2D.Double(at[0] - mm * px, at[1] - mm * px, 2 * mm * px, 2 * mm * px));
      }
      return;
    }
    Path2D path = new Path2D.Float();
    boolean down = false;
    for (Vec3 p : line) {
      float[] at = r.project(p);
      boolean seen = r.seen(at);
      if (seen && down) {
        path.lineTo(at[0], at[1]);
      } else if (seen) {
        path.moveTo(at[0], at[1]);
      }
      down = seen;
    }
    for (double mm : new double[] {2 * LINE_MM, LINE_MM}) {
      g.setColor(mm == LINE_MM ? INK : HALO);
      g.setStroke(
          new BasicStroke((float) (mm * px), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
      g.draw(path);
    }
  }

  private static List<Vec3> round(Head h, Function<Double, Vec3> at) {
    return IntStream.rangeClosed(0, STEPS)
        .mapToObj(k -> at.apply(-Math.PI + 2 * Math.PI * k / STEPS))
        .map(p -> p.plus(h.surface().normalAt(p).times(OVER_MM)))
        .toList();
  }

  private static List<List<Vec3>> elevations(Head h) {
    Vec3 root = h.place(Place.OCCIPITAL);
    UnitVec out = h.surface().normalAt(root);
    Vec3 down = UnitVec.UP.opposite().alongSurface(out).times(1);
    return IntStream.rangeClosed(0, 2)
        .mapToObj(
            k -> {
              double a = Math.toRadians(12 + 39 * k);
              return held(root, out.times(Math.sin(a)).plus(down.times(Math.cos(a))));
            })
        .toList();
  }

  private static List<List<Vec3>> overdirected(Head h) {
    Vec3 root = h.place(Place.EAR_TOP_RIGHT).plus(new Vec3(4, 12, 34));
    Vec3 on = h.surface().onto(root);
    UnitVec out = h.surface().normalAt(on);
    return List.of(
        held(on, out.times(0.45).plus(new Vec3(0, 0, -0.9))),
        held(on, out.times(0.5).plus(new Vec3(0, -1, -0.25))));
  }

  private static List<Vec3> held(Vec3 root, Vec3 way) {
    Vec3 unit = way.times(1 / way.norm());
    return IntStream.rangeClosed(0, 6)
        .mapToObj(k -> root.plus(unit.times(2 + HELD_MM * k / 6)))
        .toList();
  }
}
