package kitetail.cut;

import kitetail.head.Place;

/** What a move may look at when it begins: hair that is there, and the tools to hand. */
public interface Before {
  /** Length at a named place, mm as it lies in the hand. */
  double handMm(Place place);

  /** What a guard of this number leaves with the lever closed, mm. */
  double guardMm(double number);
}
