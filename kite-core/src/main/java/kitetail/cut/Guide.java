package kitetail.cut;

import kitetail.head.Place;

/** What the new hair is measured against, and so where it is held. */
public sealed interface Guide {
  /** Moves along with the work; each bite is held where it grows. */
  record Travelling() implements Guide {}

  /** Each bite is brought back to where the last one was held: every bite gains length. */
  record LastBite() implements Guide {}

  /** Stays at one place. Every bite is brought to it, along its own row or all to the one spot. */
  record Fixed(Place place, Gather gather) implements Guide {}

  /**
   * ROW: each hair goes straight across to the guide's parting. SPOT: the whole section is gathered
   * to the place.
   */
  enum Gather {
    ROW,
    SPOT
  }
}
