package kitetail.head;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.geom.Vec3;

/**
 * A line over the head along which profiles are drawn.
 *
 * @param firstRoot index of its first point among the scalp's roots
 * @param distanceMm distance of each point from the walk's start
 * @param marksMm where along it named places lie
 */
public record Walk(
    Kind kind,
    int firstRoot,
    List<Vec3> pointsMm,
    double[] distanceMm,
    Map<Place, Double> marksMm) {
  /**
   * Centre: front hairline, apex, crown, nape. Ear to ear: left over the apex to right. Edge: once
   * round from the front over the right.
   */
  public enum Kind {
    CENTRE,
    EAR_TO_EAR,
    EDGE
  }

  private static final double STEP_MM = 2.5;

  public Walk {
    pointsMm = List.copyOf(pointsMm);
    if (distanceMm.length != pointsMm.size()) {
      throw new IllegalArgumentException(
          "a distance for each point, were " + distanceMm.length + " for " + pointsMm.size());
    }
  }

  public int size() {
    return distanceMm.length;
  }

  public double lengthMm() {
    return distanceMm[distanceMm.length - 1];
  }

  static Walk along(Head head, Kind kind, int firstRoot) {
    List<Vec3> points = new ArrayList<>();
    List<Double> at = new ArrayList<>();
    if (kind == Kind.EDGE) {
      edge(head, points, at);
    } else {
      over(head, kind == Kind.CENTRE ? 0 : -Math.PI / 2, points, at);
    }
    double[] distance = at.stream().mapToDouble(Double::doubleValue).toArray();
    return new Walk(kind, firstRoot, points, distance, marks(head, points, distance));
  }

  private static void over(Head head, double azimuth, List<Vec3> points, List<Double> at) {
    double down = head.hairlineFromApexMm(azimuth);
    double far = azimuth + Math.PI;
    double total = down + head.hairlineFromApexMm(far);
    int n = (int) Math.ceil(total / STEP_MM);
    for (int i = 0; i <= n; i++) {
      double s = total * i / n;
      points.add(s <= down ? head.point(azimuth, down - s) : head.point(far, s - down));
      at.add(s);
    }
  }

  private static void edge(Head head, List<Vec3> points, List<Double> at) {
    int fine = 2880;
    double s = 0;
    double next = 0;
    Vec3 last = head.edge(0);
    for (int i = 0; i <= fine; i++) {
      Vec3 p = head.edge(2 * Math.PI * i / fine);
      s += p.distanceTo(last);
      if (s >= next || i == fine) {
        points.add(p);
        at.add(s);
        next = s + STEP_MM;
      }
      last = p;
    }
  }

  private static Map<Place, Double> marks(Head head, List<Vec3> points, double[] distance) {
    Map<Place, Double> marks = new EnumMap<>(Place.class);
    head.places()
        .forEach(
            (place, p) -> {
              int best = 0;
              for (int i = 1; i < points.size(); i++) {
                best = points.get(i).distanceTo(p) < points.get(best).distanceTo(p) ? i : best;
              }
              if (points.get(best).distanceTo(p) < STEP_MM) {
                marks.put(place, distance[best]);
              }
            });
    return marks;
  }
}
