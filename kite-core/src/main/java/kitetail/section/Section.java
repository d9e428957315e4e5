package kitetail.section;

import java.util.List;
import java.util.stream.IntStream;
import kitetail.head.Head;
import kitetail.head.Scalp;

/** A named part of the scalp: the places where every limit holds. No limits: all of it. */
public record Section(String id, String name, List<Limit> limits) {
  public Section {
    limits = List.copyOf(limits);
  }

  public int[] roots(Scalp s) {
    return IntStream.range(0, s.roots()).filter(i -> holds(s, i)).toArray();
  }

  private boolean holds(Scalp s, int i) {
    for (Limit l : limits) {
      if (!l.holds(s, i)) {
        return false;
      }
    }
    return true;
  }

  /** Distance from the apex down to the lower edge of the section along an azimuth, mm. */
  public double lowerEdgeFromApexMm(Head h, double azimuthRad) {
    double edge = h.hairlineFromApexMm(azimuthRad);
    for (Limit l : limits) {
      double from =
          switch (l.by()) {
            case ABOVE_HAIRLINE_MM -> h.hairlineFromApexMm(azimuthRad) - l.min();
            case ABOVE_RIDGE_MM -> h.ridgeFromApexMm(azimuthRad) - l.min();
            case FROM_APEX_MM -> l.max();
            default -> edge;
          };
      edge = Math.min(edge, from);
    }
    return Math.max(0, edge);
  }
}
