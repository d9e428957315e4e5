package kitetail.formats.look;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import kitetail.formats.picture.LengthRamp;
import kitetail.formats.words.Units;
import kitetail.geom.Vec3;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Walk;
import kitetail.look.Silhouette;
import kitetail.planning.Worn;

/** Line drawings of a cut: its outlines, its scalp map, its profile along a walk. */
public final class LookSvg {
  private static final String INK = "#1b2440";
  private static final double EDGE = 12;
  private static final int ROUND = 144;

  private LookSvg() {}

  /** All five outlines side by side, each to one scale. */
  public static String silhouettes(Worn w) {
    double cell = 330;
    Svg svg = new Svg(5 * cell, 360, w.plan().title());
    int k = 0;
    for (Silhouette s : w.look().silhouettes()) {
      double left = cell * (k++ + 0.5);
      double[] x = Arrays.stream(s.xMm()).map(v -> left + v).toArray();
      double[] y = Arrays.stream(s.yMm()).map(v -> 190 - v).toArray();
      svg.path(Svg.path(x, y, true), "#d9d2c3", INK, 1.5);
      svg.text(left - 20, 352, 14, s.from().name().toLowerCase(Locale.ROOT));
    }
    return svg.done();
  }

  /** The scalp laid flat about the apex, front up, coloured by length, with named places. */
  public static String scalpMap(Worn w) {
    Scalp s = w.outcome().scalp();
    Head head = s.head();
    double reach = 0;
    for (int i = 0; i < ROUND; i++) {
      reach = Math.max(reach, head.hairlineFromApexMm(2 * Math.PI * i / ROUND));
    }
    double mid = reach + EDGE;
    Svg svg = new Svg(2 * mid, 2 * mid, w.plan().title());
    List<String> colours = LengthRamp.hex();
    double dot = Math.sqrt(s.totalAreaMm2() / s.sites()) * 0.72;
    for (int i = 0; i < s.sites(); i++) {
      double a = s.azimuthRad(i);
      double r = s.fromApexMm(i);
      svg.dot(
          mid + r * Math.sin(a),
          mid - r * Math.cos(a),
          dot,
          colours.get(LengthRamp.band(w.stock().endMm(i))));
    }
    double[] x = new double[ROUND];
    double[] y = new double[ROUND];
    for (int i = 0; i < ROUND; i++) {
      double a = 2 * Math.PI * i / ROUND;
      x[i] = mid + head.hairlineFromApexMm(a) * Math.sin(a);
      y[i] = mid - head.hairlineFromApexMm(a) * Math.cos(a);
    }
    svg.path(Svg.path(x, y, true), "none", INK, 1.5);
    for (Place p : List.of(Place.APEX, Place.CROWN, Place.OCCIPITAL)) {
      Vec3 at = head.place(p);
      double a = head.azimuthRad(at);
      double r = head.fromApexMm(at);
      double px = mid + r * Math.sin(a);
      double py = mid - r * Math.cos(a);
      svg.dot(px, py, 2, INK);
      svg.text(px + 4, py + 4, 9, p.name().toLowerCase(Locale.ROOT));
    }
    return svg.done();
  }

  /** Length over distance along a walk, the skin along the bottom. */
  public static String profile(Worn w, Walk.Kind kind, Units units) {
    Walk walk = w.outcome().scalp().walk(kind);
    Stock stock = w.stock();
    int n = walk.size();
    double tallest = 20;
    for (int i = 0; i < n; i++) {
      tallest = Math.max(tallest, stock.endMm(walk.firstRoot() + i));
    }
    double bottom = tallest + 2 * EDGE;
    Svg svg = new Svg(walk.lengthMm() + 4 * EDGE, bottom + 2 * EDGE, w.plan().title());
    double[] x = new double[n + 2];
    double[] y = new double[n + 2];
    for (int i = 0; i < n; i++) {
      x[i + 1] = 3 * EDGE + walk.distanceMm()[i];
      y[i + 1] = bottom - stock.endMm(walk.firstRoot() + i);
    }
    x[0] = x[1];
    x[n + 1] = x[n];
    y[0] = bottom;
    y[n + 1] = bottom;
    svg.path(Svg.path(x, y, true), "#9db8b5", INK, 1);
    double level = 0;
    for (double mm : LengthRamp.levelsMm()) {
      if (mm < tallest && mm >= level) {
        String line = "M" + Svg.mm(2.8 * EDGE) + " " + Svg.mm(bottom - mm) + " h3";
        svg.path(line, "none", INK, 0.5).text(4, bottom - mm + 3, 8, units.length(mm));
        level = mm + 12;
      }
    }
    walk.marksMm()
        .forEach(
            (p, at) ->
                svg.path(
                        "M" + Svg.mm(3 * EDGE + at) + " " + Svg.mm(bottom) + " v4",
                        "none",
                        INK,
                        0.5)
                    .text(
                        3 * EDGE + at - 8,
                        bottom + (p.ordinal() % 2 == 0 ? 12 : 20),
                        7,
                        p.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
    return svg.done();
  }
}
