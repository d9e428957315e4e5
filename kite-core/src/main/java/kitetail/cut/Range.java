package kitetail.cut;

import kitetail.geom.Allowed;

/** From where to where a number of a cut may be set, both included, in the number's own unit. */
record Range(double least, double most) {
  /**
   * @throws IllegalArgumentException when a value lies outside, or is no number
   */
  void check(String name, double value) {
    Allowed.within(name, value, least, most);
  }

  Dialled at(double value) {
    return new Dialled(value, least, most);
  }
}
