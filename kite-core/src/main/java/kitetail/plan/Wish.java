package kitetail.plan;

import kitetail.head.Place;

/** A length wished for at a place, mm. */
public record Wish(Place place, double lengthMm) {
  public Wish {
    if (!(lengthMm >= 0 && lengthMm <= 1500)) {
      throw new IllegalArgumentException("lengthMm must be 0 to 1500, was " + lengthMm);
    }
  }
}
