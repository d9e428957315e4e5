package kitetail.section;

import kitetail.head.Scalp;

/**
 * Keeps the places whose scalar lies from {@code min} (included) to {@code max} (left out). Where
 * min is above max the limit runs round the back of the head: from min up to 180° and on from −180°
 * to max.
 */
public record Limit(Scalar by, double min, double max) {
  public Limit {
    if (!Double.isFinite(min) || !Double.isFinite(max)) {
      throw new IllegalArgumentException("a limit must be finite, was " + min + " to " + max);
    }
    if (min > max && by != Scalar.AROUND_DEG) {
      throw new IllegalArgumentException("min must not be above max, was " + min + " to " + max);
    }
  }

  boolean holds(Scalp s, int i) {
    double v = by.of(s, i);
    return min <= max ? v >= min && v < max : v >= min || v < max;
  }
}
