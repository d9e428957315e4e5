package kitetail.client;

import kitetail.head.Place;

/** Something seen on the skin, and near which place. */
public record SkinNote(Kind kind, Place near, String note) {
  /** What is seen, in plain words; a name for it is for a physician. */
  public enum Kind {
    MOLE(false),
    SCAR(false),
    TENDER(false),
    SUNBURN(false),
    FLAKING(false),
    BROKEN_SKIN(true),
    LOOKS_INFECTED(true),
    LICE(true);

    private final boolean stops;

    Kind(boolean stops) {
      this.stops = stops;
    }

    /** True when nothing is cut today. */
    public boolean stops() {
      return stops;
    }
  }

  public SkinNote {
    if (kind == null || near == null) {
      throw new IllegalArgumentException("a skin note gives a kind and a place");
    }
    note = note == null ? "" : note;
  }
}
