package kitetail.look;

import java.util.ArrayList;
import java.util.List;
import kitetail.hair.Stock;
import kitetail.head.Scalp;
import kitetail.head.Walk;

/**
 * How lengths change along a stretch of a walk, going up the head.
 *
 * @param slope mm longer for each mm up
 */
public record Layering(Walk.Kind walk, double fromMm, double toMm, Kind kind, double slope) {
  private static final double STRETCH_MM = 30;

  /** How ends lie over one another; common practice, the borders an assumption. */
  public enum Kind {
    /** Shorter above than beneath. */
    LAYERED,
    /** As long everywhere: even layers. */
    UNIFORM,
    /** Shorter beneath, building toward a line. */
    GRADUATED,
    /** Longer by what it is higher: ends at one level. */
    SOLID;

    static Kind of(double slope) {
      return slope < -0.15 ? LAYERED : slope < 0.15 ? UNIFORM : slope < 0.8 ? GRADUATED : SOLID;
    }
  }

  static List<Layering> along(Scalp s, Stock stock, Walk.Kind kind) {
    Walk w = s.walk(kind);
    double top = w.marksMm().getOrDefault(kitetail.head.Place.APEX, w.lengthMm() / 2);
    List<Layering> out = new ArrayList<>();
    for (double from = 0; from + STRETCH_MM / 2 < w.lengthMm(); from += STRETCH_MM) {
      double to = Math.min(w.lengthMm(), from + STRETCH_MM);
      // Not across the apex, where up turns round.
      to = from < top && to > top ? top : to;
      double slope = slope(w, stock, from, to) * (from < top ? 1 : -1);
      if (to - from < STRETCH_MM / 3 || Double.isNaN(slope)) {
        from = to - STRETCH_MM;
        continue;
      }
      Kind k = Kind.of(slope);
      int last = out.size() - 1;
      if (last >= 0 && out.get(last).kind == k && out.get(last).toMm == from && from != top) {
        Layering before = out.get(last);
        double share = (before.toMm - before.fromMm) / (to - before.fromMm);
        double mean = share * before.slope + (1 - share) * slope;
        out.set(last, new Layering(kind, before.fromMm, to, k, mean));
      } else {
        out.add(new Layering(kind, from, to, k, slope));
      }
      from = to - STRETCH_MM;
    }
    return List.copyOf(out);
  }

  /** Least squares. */
  private static double slope(Walk w, Stock stock, double from, double to) {
    double n = 0;
    double sx = 0;
    double sy = 0;
    double sxx = 0;
    double sxy = 0;
    for (int i = 0; i < w.size(); i++) {
      double x = w.distanceMm()[i];
      if (x >= from && x <= to) {
        double y = stock.endMm(w.firstRoot() + i);
        n++;
        sx += x;
        sy += y;
        sxx += x * x;
        sxy += x * y;
      }
    }
    return n < 3 ? Double.NaN : (n * sxy - sx * sy) / (n * sxx - sx * sx);
  }
}
