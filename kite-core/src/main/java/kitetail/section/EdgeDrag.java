package kitetail.section;

import java.util.ArrayList;
import java.util.List;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import org.jspecify.annotations.Nullable;

/**
 * An edge of a section pulled to another place of the scalp map. It snaps to a landmark, to the
 * ridge, the hairline or the centre line when it comes near, and takes along the edges of other
 * sections that lie on the same line, so that no gap opens.
 *
 * @param sections all of the plan's, with the edge moved
 * @param place the landmark it snapped to, or null
 * @param line true when it snapped to the line its number counts from: ridge, hairline, centre
 * @param moved ids of the sections that changed
 */
public record EdgeDrag(
    List<Section> sections, @Nullable Place place, boolean line, List<String> moved) {
  /** So near a landmark an edge is meant to lie on it. */
  public static final double SNAP_MM = 8;

  private static final double SNAP_DEG = 5;
  private static final double SAME = 0.6;

  /**
   * @param limit which limit of the section
   * @param upper for a range, true to move its upper end
   * @param fromX where on the map the edge was taken hold of; of a line or a shape the corner
   *     nearest to it moves
   * @throws IllegalArgumentException when the section has no such limit, or the edge would pass the
   *     opposite one
   */
  public static EdgeDrag to(
      Head h,
      List<Section> sections,
      String id,
      int limit,
      boolean upper,
      double fromX,
      double fromY,
      double x,
      double y) {
    Section of =
        sections.stream()
            .filter(s -> s.id().equals(id))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no section is called \"" + id + "\""));
    if (limit < 0 || limit >= of.limits().size()) {
      throw new IllegalArgumentException(
          "section \"" + of.name() + "\" has " + of.limits().size() + " edges, asked was " + limit);
    }
    return of.limits().get(limit) instanceof Limit.Between b
        ? range(h, sections, b, upper, x, y)
        : corner(h, sections, of, limit, fromX, fromY, x, y);
  }

  /**
   * An end of a range set to a number, counted from what it is tied to now.
   *
   * @throws IllegalArgumentException when the section has no such range
   */
  public static EdgeDrag set(
      Head h, List<Section> sections, String id, int limit, boolean upper, double value) {
    Section of =
        sections.stream()
            .filter(s -> s.id().equals(id))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no section is called \"" + id + "\""));
    if (limit < 0
        || limit >= of.limits().size()
        || !(of.limits().get(limit) instanceof Limit.Between b)) {
      throw new IllegalArgumentException("section \"" + of.name() + "\" has no such range");
    }
    Place tied = upper ? b.maxAt() : b.minAt();
    return ended(h, sections, b, upper, new End(value, tied, false));
  }

  /** The end of a range tied to a landmark, or counted from zero. */
  private record End(double value, @Nullable Place at, boolean line) {}

  private static EdgeDrag range(
      Head h, List<Section> sections, Limit.Between b, boolean upper, double x, double y) {
    double a = Math.atan2(x, y);
    double d = Math.min(Math.hypot(x, y), h.hairlineFromApexMm(a));
    Vec3 p = h.point(a, d);
    double wanted = b.by().of(h, p, a, d);
    return ended(h, sections, b, upper, snapped(h, b, upper, wanted, p));
  }

  private static EdgeDrag ended(
      Head h, List<Section> sections, Limit.Between b, boolean upper, End end) {
    double was = upper ? b.maxOn(h) : b.minOn(h);
    List<Section> out = new ArrayList<>();
    List<String> moved = new ArrayList<>();
    for (Section s : sections) {
      List<Limit> limits = new ArrayList<>();
      for (Limit l : s.limits()) {
        limits.add(l instanceof Limit.Between o && o.by() == b.by() ? moved(h, o, was, end) : l);
      }
      if (!limits.equals(s.limits())) {
        moved.add(s.id());
      }
      out.add(new Section(s.id(), s.name(), limits, s.without(), s.over()));
    }
    return new EdgeDrag(List.copyOf(out), end.at(), end.line(), List.copyOf(moved));
  }

  private static Limit moved(Head h, Limit.Between o, double was, End end) {
    boolean low = Math.abs(o.minOn(h) - was) < SAME;
    boolean high = Math.abs(o.maxOn(h) - was) < SAME;
    Limit.Between to =
        new Limit.Between(
            o.by(),
            low ? end.value() : o.min(),
            high ? end.value() : o.max(),
            low ? end.at() : o.minAt(),
            high ? end.at() : o.maxAt());
    if (o.by() != Scalar.AROUND_DEG && to.maxOn(h) - to.minOn(h) < 4) {
      throw new IllegalArgumentException("the edge would pass the opposite one");
    }
    return to;
  }

  private static End snapped(Head h, Limit.Between b, boolean upper, double wanted, Vec3 p) {
    boolean turns = b.by() == Scalar.AROUND_DEG;
    double reach = turns ? SNAP_DEG : SNAP_MM;
    Place best = null;
    double near = Double.MAX_VALUE;
    for (Place place : Place.values()) {
      boolean close = Math.abs(b.by().of(h, place) - wanted) < reach;
      double far = h.place(place).distanceTo(p);
      if (close && far < near && far < 90) {
        near = far;
        best = place;
      }
    }
    boolean fromLine =
        b.by() == Scalar.ABOVE_RIDGE_MM
            || b.by() == Scalar.ABOVE_HAIRLINE_MM
            || b.by() == Scalar.ACROSS_MM
            || b.by() == Scalar.FROM_CENTRE_MM;
    if (fromLine && Math.abs(wanted) < reach) {
      return new End(0, null, true);
    }
    if (best != null) {
      return new End(0, best, false);
    }
    Place tied = upper ? b.maxAt() : b.minAt();
    double base = tied == null ? 0 : b.by().of(h, tied);
    return new End(Math.rint(wanted - base), tied, false);
  }

  private static EdgeDrag corner(
      Head h,
      List<Section> sections,
      Section of,
      int limit,
      double fromX,
      double fromY,
      double x,
      double y) {
    List<Anchor> line =
        of.limits().get(limit) instanceof Limit.Inside in
            ? in.corners()
            : ((Limit.Beside) of.limits().get(limit)).line();
    int best = 0;
    double near = Double.MAX_VALUE;
    for (int k = 0; k < line.size(); k++) {
      double[] at = line.get(k).on(h);
      double far = Math.hypot(at[0] - fromX, at[1] - fromY);
      if (far < near) {
        near = far;
        best = k;
      }
    }
    Anchor was = line.get(best);
    Place snap = null;
    near = SNAP_MM;
    for (Place p : Place.values()) {
      double[] at = new Anchor(p).on(h);
      double far = Math.hypot(at[0] - x, at[1] - y);
      if (far < near) {
        near = far;
        snap = p;
      }
    }
    double[] tied = new Anchor(was.at()).on(h);
    Anchor to =
        snap == null
            ? new Anchor(was.at(), Math.rint(y - tied[1]), Math.rint(x - tied[0]))
            : new Anchor(snap);
    List<Section> out = new ArrayList<>();
    List<String> moved = new ArrayList<>();
    for (Section s : sections) {
      List<Limit> limits = s.limits().stream().map(l -> with(l, was, to)).toList();
      if (!limits.equals(s.limits())) {
        moved.add(s.id());
      }
      out.add(new Section(s.id(), s.name(), limits, s.without(), s.over()));
    }
    return new EdgeDrag(List.copyOf(out), snap, false, List.copyOf(moved));
  }

  private static Limit with(Limit l, Anchor was, Anchor to) {
    if (l instanceof Limit.Inside in) {
      return new Limit.Inside(in.corners().stream().map(a -> a.equals(was) ? to : a).toList());
    }
    return l instanceof Limit.Beside b
        ? new Limit.Beside(b.line().stream().map(a -> a.equals(was) ? to : a).toList(), b.side())
        : l;
  }
}
