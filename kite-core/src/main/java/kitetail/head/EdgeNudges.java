package kitetail.head;

import java.util.EnumMap;
import java.util.Map;

/** Landmarks of the hairline moved by hand: each moves the hairline around it, smoothly. */
final class EdgeNudges {
  private static final double WIDTH_DEG = 9;
  private static final Map<Place, Double> AT_DEG = new EnumMap<>(Place.class);

  static {
    AT_DEG.put(Place.FRONT, 0.0);
    AT_DEG.put(Place.NAPE, 180.0);
    both(Place.RECESSION_LEFT, Place.RECESSION_RIGHT, HairlineShape.RECESSION_DEG);
    both(Place.TEMPLE_LEFT, Place.TEMPLE_RIGHT, HairlineShape.TEMPLE_DEG);
    both(Place.SIDEBURN_LEFT, Place.SIDEBURN_RIGHT, HairlineShape.SIDEBURN_DEG);
    both(Place.EAR_TOP_LEFT, Place.EAR_TOP_RIGHT, 93);
    both(Place.BEHIND_EAR_LEFT, Place.BEHIND_EAR_RIGHT, 117);
    both(Place.NAPE_CORNER_LEFT, Place.NAPE_CORNER_RIGHT, 146);
  }

  private EdgeNudges() {}

  private static void both(Place left, Place right, double deg) {
    AT_DEG.put(right, deg);
    AT_DEG.put(left, -deg);
  }

  static double upMm(HeadSpec.Measured spec, double azimuthRad) {
    double up = 0;
    for (Map.Entry<Place, Nudge> e : spec.nudges().entrySet()) {
      Double at = AT_DEG.get(e.getKey());
      if (at != null) {
        up += e.getValue().upMm() * HairlineShape.bump(Math.toDegrees(azimuthRad), at, WIDTH_DEG);
      }
    }
    return up;
  }
}
