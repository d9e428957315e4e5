package kitetail.section;

import java.util.List;

/**
 * A named part of the scalp: the places where every limit holds (no limits: all of it) and that lie
 * in none of the sections it leaves out.
 *
 * @param without ids of sections it leaves out
 * @param over true when it is laid over the others (an edge band, a seam, a corner) and does not
 *     count when the sections are to cover the scalp once
 */
public record Section(
    String id, String name, List<Limit> limits, List<String> without, boolean over) {
  public Section {
    limits = limits == null ? List.of() : List.copyOf(limits);
    without = without == null ? List.of() : List.copyOf(without);
  }

  public Section(String id, String name, List<Limit> limits) {
    this(id, name, limits, List.of(), false);
  }

  /** The same with left and right changed over; the id and the name stay. */
  public Section mirrored() {
    return new Section(id, name, limits.stream().map(Limit::mirrored).toList(), without, over);
  }
}
