package kitetail.formats.answer;

import java.util.EnumMap;
import java.util.Map;
import kitetail.head.FacePlace;
import kitetail.head.Head;
import kitetail.head.Place;

/**
 * A fitted head: its tapes and its places.
 *
 * @param landmarks x to the right, y up, z to the front of each, mm
 * @param face the same of the face's places
 */
public record HeadView(
    double girthMm,
    double earToEarMm,
    double frontToNapeMm,
    double breadthMm,
    double lengthMm,
    double occipitalMm,
    Map<Place, double[]> landmarks,
    Map<FacePlace, double[]> face) {

  public static HeadView of(Head h) {
    Head.Measures m = h.measures();
    Map<Place, double[]> places = new EnumMap<>(Place.class);
    for (Place p : Place.values()) {
      places.put(p, Rounded.point(h.place(p)));
    }
    Map<FacePlace, double[]> face = new EnumMap<>(FacePlace.class);
    h.face().forEach((p, v) -> face.put(p, Rounded.point(v)));
    return new HeadView(
        Rounded.thousandth(m.girthMm()),
        Rounded.thousandth(m.earToEarMm()),
        Rounded.thousandth(m.frontToNapeMm()),
        Rounded.thousandth(m.breadthMm()),
        Rounded.thousandth(m.lengthMm()),
        Rounded.thousandth(m.occipitalMm()),
        places,
        face);
  }
}
