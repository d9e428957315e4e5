package kitetail.head;

import java.util.EnumMap;
import java.util.Map;

/** The named places of a head. Left and right are the client's. */
public enum Place {
  FRONT,
  RECESSION_LEFT,
  RECESSION_RIGHT,
  TEMPLE_LEFT,
  TEMPLE_RIGHT,
  SIDEBURN_LEFT,
  SIDEBURN_RIGHT,
  EAR_TOP_LEFT,
  EAR_TOP_RIGHT,
  BEHIND_EAR_LEFT,
  BEHIND_EAR_RIGHT,
  MASTOID_LEFT,
  MASTOID_RIGHT,
  NAPE_CORNER_LEFT,
  NAPE_CORNER_RIGHT,
  NAPE,
  APEX,
  RIDGE_LEFT,
  RIDGE_RIGHT,
  CROWN,
  DROP_CROWN,
  OCCIPITAL;

  private static final Map<Place, Place> OTHER_SIDE = new EnumMap<>(Place.class);

  static {
    for (Place p : values()) {
      String name = p.name();
      OTHER_SIDE.put(
          p,
          name.endsWith("_LEFT")
              ? valueOf(name.replace("_LEFT", "_RIGHT"))
              : name.endsWith("_RIGHT") ? valueOf(name.replace("_RIGHT", "_LEFT")) : p);
    }
  }

  /** The same place on the other side; places of the centre line are their own. */
  public Place mirrored() {
    return OTHER_SIDE.get(this);
  }
}
