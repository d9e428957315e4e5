package kitetail.practice;

import kitetail.head.Place;
import kitetail.head.Spot;

/**
 * One thing asked and what came of it.
 *
 * @param near the named place nearest to it, or the one asked for
 * @param at where on the head
 * @param wanted in the drill's unit: mm, or degrees
 * @param got the same
 */
public record Off(Place near, Spot at, double wanted, double got) {
  public double by() {
    return got - wanted;
  }
}
