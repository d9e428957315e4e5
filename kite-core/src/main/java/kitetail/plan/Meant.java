package kitetail.plan;

import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * A finding that has been looked at and is meant; it stays answered while the plan stands.
 *
 * @param rule id of the rule
 * @param move id of the move it was found at; null for one about the whole plan
 * @param place where it was found; null for wherever it is found
 */
public record Meant(String rule, @Nullable String move, @Nullable Place place, String note) {
  public Meant {
    if (rule == null || rule.isBlank()) {
      throw new IllegalArgumentException("a meant finding names its rule");
    }
    note = note == null ? "" : note;
  }

  boolean answers(Finding f) {
    return rule.equals(f.rule())
        && (move == null || move.equals(f.move()))
        && (place == null || place == f.place());
  }

  Meant mirrored() {
    return new Meant(rule, move, place == null ? null : place.mirrored(), note);
  }
}
