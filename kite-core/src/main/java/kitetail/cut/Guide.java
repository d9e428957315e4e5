package kitetail.cut;

import java.util.List;
import kitetail.head.Place;

/** What the new hair is measured against, and so where it is held. */
public sealed interface Guide {
  default Guide mirrored() {
    return this;
  }

  /** Where hair cut before is taken over by it, in its order; nowhere by most. */
  default List<Place> seen() {
    return List.of();
  }

  /** True when hair is brought back to what was cut before it, and so gains length. */
  default boolean bringsBack() {
    return false;
  }

  /** True when what one bite is off by goes on into the next. */
  default boolean carriesOn() {
    return true;
  }

  /** True when each bite is held where it grows. */
  default boolean travels() {
    return false;
  }

  /** Moves along with the work; each bite is held where it grows. */
  record Travelling() implements Guide {
    @Override
    public boolean travels() {
      return true;
    }
  }

  /** Old and new hair are held at the middle of the two: neither gains nor loses. */
  record Middle() implements Guide {}

  /** Each bite is brought back to where the last one was held: every bite gains length. */
  record LastBite() implements Guide {
    @Override
    public boolean bringsBack() {
      return true;
    }
  }

  /** The last bite is brought on to where the new one grows: every bite loses length. */
  record NewBite() implements Guide {}

  /** No guide but the stylist's eye, at the place it grows; a pass that refines follows. */
  record ByEye() implements Guide {
    @Override
    public boolean carriesOn() {
      return false;
    }

    @Override
    public boolean travels() {
      return true;
    }
  }

  /** Each bite is pinched together to its own middle: its ends gain length. */
  record Pinched() implements Guide {}

  /** Stays at one place. Every bite is brought to it, along its own row or all to the one spot. */
  record Fixed(Place place, Gather gather) implements Guide {
    @Override
    public boolean bringsBack() {
      return true;
    }

    @Override
    public boolean carriesOn() {
      return false;
    }

    @Override
    public Fixed mirrored() {
      return new Fixed(place.mirrored(), gather);
    }
  }

  /**
   * Hair of another section, cut before, is seen in the bite at a place and travels on from there;
   * the line's own length is what is left beyond it.
   */
  record Seen(Place place) implements Guide {
    @Override
    public List<Place> seen() {
      return List.of(place);
    }

    @Override
    public boolean travels() {
      return true;
    }

    @Override
    public Seen mirrored() {
      return new Seen(place.mirrored());
    }
  }

  /**
   * Two guides at once, cut before, one at either end of the bite: what lies between them is taken
   * evenly from one to the other. The line's own length is what is left beyond both.
   */
  record Two(Place place, Place far) implements Guide {
    @Override
    public List<Place> seen() {
      return List.of(place, far);
    }

    @Override
    public boolean travels() {
      return true;
    }

    @Override
    public Two mirrored() {
      return new Two(place.mirrored(), far.mirrored());
    }
  }

  /**
   * ROW: each hair goes straight across to the guide's parting. SPOT: the whole section is gathered
   * to the place. PLANE: each hair goes straight to the upright plane through the place from front
   * to back, however the section is parted.
   */
  enum Gather {
    ROW,
    SPOT,
    PLANE
  }
}
