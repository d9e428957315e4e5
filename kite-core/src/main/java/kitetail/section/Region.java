package kitetail.section;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Scalp;

/** Where a section lies, with what it leaves out put in for the names. */
public record Region(List<Limit> limits, List<Region> without) {
  public static final Region ALL = new Region(List.of(), List.of());

  public Region {
    limits = List.copyOf(limits);
    without = List.copyOf(without);
  }

  public static Region of(Limit... limits) {
    return new Region(List.of(limits), List.of());
  }

  /**
   * @throws IllegalArgumentException when the section leaves out one that is not there, or itself
   *     by way of others
   */
  public static Region of(Section section, List<Section> all) {
    return of(section, all, new LinkedHashSet<>());
  }

  private static Region of(Section section, List<Section> all, Set<String> within) {
    if (!within.add(section.id())) {
      throw new IllegalArgumentException(
          "section \"" + section.id() + "\" leaves out itself by way of " + within);
    }
    List<Region> out = new ArrayList<>();
    for (String id : section.without()) {
      Section other =
          all.stream()
              .filter(s -> s.id().equals(id))
              .findFirst()
              .orElseThrow(
                  () ->
                      new IllegalArgumentException(
                          "section \""
                              + section.id()
                              + "\" leaves out \""
                              + id
                              + "\", which is not in the plan; it has "
                              + all.stream().map(Section::id).sorted().toList()));
      out.add(of(other, all, within));
    }
    within.remove(section.id());
    return new Region(section.limits(), out);
  }

  /** This region on one head, its landmarks looked up. */
  public Limit.Test on(Head head) {
    Limit.Test[] in = limits.stream().map(l -> l.on(head)).toArray(Limit.Test[]::new);
    Limit.Test[] not = without.stream().map(r -> r.on(head)).toArray(Limit.Test[]::new);
    return new Within(in, not);
  }

  private record Within(Limit.Test[] in, Limit.Test[] not) implements Limit.Test {
    @Override
    public boolean holds(Vec3 p, double a, double d) {
      for (Limit.Test t : in) {
        if (!t.holds(p, a, d)) {
          return false;
        }
      }
      for (Limit.Test t : not) {
        if (t.holds(p, a, d)) {
          return false;
        }
      }
      return true;
    }

    @Override
    public boolean holds(Scalp s, int i) {
      for (Limit.Test t : in) {
        if (!t.holds(s, i)) {
          return false;
        }
      }
      for (Limit.Test t : not) {
        if (t.holds(s, i)) {
          return false;
        }
      }
      return true;
    }
  }

  /**
   * Distance from the apex down to the lower edge along a line down from the apex, mm, when every
   * limit is a range; else {@link Double#NaN}.
   */
  double lowerEdgeByRanges(Head h, double azimuthRad) {
    if (!without.isEmpty()) {
      return Double.NaN;
    }
    double edge = h.hairlineFromApexMm(azimuthRad);
    double lowest = edge;
    for (Limit l : limits) {
      if (!(l instanceof Limit.Between b)) {
        return Double.NaN;
      }
      switch (b.by()) {
        case ABOVE_HAIRLINE_MM -> edge = Math.min(edge, lowest - b.minOn(h));
        case ABOVE_RIDGE_MM -> edge = Math.min(edge, h.ridgeFromApexMm(azimuthRad) - b.minOn(h));
        case FROM_APEX_MM -> edge = Math.min(edge, b.maxOn(h));
        case BELOW_APEX_MM -> {
          return Double.NaN;
        }
        default -> {
          // Round, across and forward bound a section at its sides, not below.
        }
      }
    }
    return Math.max(0, edge);
  }
}
