package kitetail.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Limit;
import kitetail.section.Limit.Between;
import kitetail.section.Scalar;
import kitetail.section.Section;
import org.jspecify.annotations.Nullable;

/** Sections parted, put together and brought over to the other side; their moves go with them. */
public final class SectionEdit {
  private static final double SAME = 0.6;

  private SectionEdit() {}

  /** Which way a section is parted. */
  public enum Way {
    /** The part nearer the hairline from the part above it; on top, the front from the back. */
    LEVEL,
    /** The front from the back along the head; on top, left from right. */
    UPRIGHT
  }

  /**
   * In two halves of the same area. The moves on it are done on both.
   *
   * @throws IllegalArgumentException when there is no such section, or too little of it
   */
  public static Plan split(Plan plan, Workbench bench, String id, Way way) {
    Section s = section(plan, id);
    int[] roots = bench.zone(plan.region(id)).roots();
    Scalp scalp = bench.scalp();
    int[] sites = Arrays.stream(roots).filter(i -> i < scalp.sites()).toArray();
    if (sites.length < 8) {
      throw new IllegalArgumentException("section “" + s.name() + "” is too small to be parted");
    }
    Scalar by = by(plan, bench, id, way);
    double[] values = Arrays.stream(sites).mapToDouble(i -> by.of(scalp, i)).sorted().toArray();
    double middle = Math.rint(values[values.length / 2]);
    if (middle - values[0] < 4 || values[values.length - 1] - middle < 4) {
      throw new IllegalArgumentException("section “" + s.name() + "” is too narrow to be parted");
    }
    double end = by == Scalar.AROUND_DEG ? 180.5 : 400;
    String second = free(plan, id);
    Section low = with(s, id, s.name(), new Limit.Between(by, -end, middle));
    Section high = with(s, second, s.name() + " 2", new Limit.Between(by, middle, end));
    List<Section> sections = new ArrayList<>();
    for (Section o : plan.sections()) {
      if (o.id().equals(id)) {
        sections.add(low);
        sections.add(high);
      } else if (o.without().contains(id)) {
        List<String> without = new ArrayList<>(o.without());
        without.add(second);
        sections.add(new Section(o.id(), o.name(), o.limits(), without, o.over()));
      } else {
        sections.add(o);
      }
    }
    List<Move> moves = new ArrayList<>();
    for (Move m : plan.moves()) {
      moves.add(m);
      if (m.section().equals(id)) {
        moves.add(MoveEdit.copy(plan, moves, m, second, m.name() + " 2", m.cut(), m.stand()));
      }
    }
    return plan.with(sections, moves);
  }

  private static Scalar by(Plan plan, Workbench bench, String id, Way way) {
    int apex = bench.scalp().root(Place.APEX);
    boolean top = Arrays.stream(bench.zone(plan.region(id)).roots()).anyMatch(i -> i == apex);
    if (way == Way.LEVEL) {
      return top ? Scalar.FORWARD_MM : Scalar.ABOVE_HAIRLINE_MM;
    }
    if (top) {
      return Scalar.ACROSS_MM;
    }
    // Across the back of the head the angle leaps.
    boolean back =
        Arrays.stream(bench.zone(plan.region(id)).roots())
            .anyMatch(i -> Math.abs(bench.scalp().azimuthRad(i)) > 3);
    return back ? Scalar.ACROSS_MM : Scalar.AROUND_DEG;
  }

  private static Section with(Section s, String id, String name, Limit more) {
    List<Limit> limits = new ArrayList<>(s.limits());
    limits.add(more);
    return new Section(id, name, limits, s.without(), s.over());
  }

  /**
   * Two sections that meet at one straight edge become the first of them. Moves of the second that
   * are the same as one of the first go; the others work on the whole.
   *
   * @throws IllegalArgumentException when they do not meet so
   */
  public static Plan join(Plan plan, Head head, String one, String other) {
    Section a = section(plan, one);
    Section b = section(plan, other);
    Section both = new Section(one, a.name(), union(head, a, b), a.without(), a.over());
    List<Section> sections = new ArrayList<>();
    for (Section s : plan.sections()) {
      if (s.id().equals(one)) {
        sections.add(both);
      } else if (!s.id().equals(other)) {
        List<String> without =
            s.without().stream().map(w -> w.equals(other) ? one : w).distinct().toList();
        sections.add(new Section(s.id(), s.name(), s.limits(), without, s.over()));
      }
    }
    List<Move> moves = new ArrayList<>();
    List<String> gone = new ArrayList<>();
    for (Move m : plan.moves()) {
      if (!m.section().equals(other)) {
        moves.add(m);
      } else if (plan.moves().stream()
          .anyMatch(o -> o.section().equals(one) && o.cut().equals(m.cut()))) {
        gone.add(m.id());
      } else {
        moves.add(m.on(one));
      }
    }
    List<Move> kept =
        moves.stream()
            .map(m -> m.after(m.after().stream().filter(x -> !gone.contains(x)).toList()))
            .toList();
    return plan.with(sections, kept);
  }

  private static List<Limit> union(Head h, Section a, Section b) {
    List<Limit> restA = new ArrayList<>(a.limits());
    List<Limit> restB = new ArrayList<>(b.limits());
    restA.removeAll(b.limits());
    restB.removeAll(a.limits());
    boolean one =
        restA.size() == 1
            && restB.size() == 1
            && a.without().equals(b.without())
            && restA.get(0) instanceof Limit.Between
            && restB.get(0) instanceof Limit.Between;
    if (one) {
      Limit.Between x = (Limit.Between) restA.get(0);
      Limit.Between y = (Limit.Between) restB.get(0);
      Limit.Between sum = x.by() == y.by() ? joined(h, x, y) : null;
      sum = sum == null && x.by() == y.by() ? joined(h, y, x) : sum;
      if (sum != null) {
        List<Limit> out = new ArrayList<>(a.limits());
        out.set(out.indexOf(x), sum);
        return out;
      }
    }
    throw new IllegalArgumentException(
        "“"
            + a.name()
            + "” and “"
            + b.name()
            + "” do not meet at one whole edge; drag an edge over instead");
  }

  private static @Nullable Between joined(Head h, Limit.Between low, Limit.Between high) {
    double upTo = low.max() + (low.maxAt() == null ? 0 : low.by().of(h, low.maxAt()));
    double from = high.min() + (high.minAt() == null ? 0 : high.by().of(h, high.minAt()));
    return Math.abs(upTo - from) < SAME
        ? new Limit.Between(low.by(), low.min(), high.max(), low.minAt(), high.maxAt())
        : null;
  }

  /**
   * A section like this on the other side, with its moves turned over.
   *
   * @throws IllegalArgumentException when the other side has it already
   */
  public static Plan mirror(Plan plan, String id) {
    Section s = section(plan, id);
    Section over = s.mirrored();
    Section there =
        plan.sections().stream()
            .filter(o -> !o.id().equals(id) && o.limits().equals(over.limits()))
            .findFirst()
            .orElse(null);
    if (over.limits().equals(s.limits()) || there != null) {
      throw new IllegalArgumentException(
          "“"
              + s.name()
              + "” has its other side already"
              + (there == null ? ": it lies across the middle" : ": “" + there.name() + "”"));
    }
    String other = free(plan, id);
    List<Section> sections = new ArrayList<>(plan.sections());
    sections.add(new Section(other, Sides.swapped(s.name()), over.limits(), s.without(), s.over()));
    Plan wider = plan.with(sections, plan.moves());
    List<Move> moves = new ArrayList<>();
    for (Move m : plan.moves()) {
      moves.add(m);
      if (m.section().equals(id)) {
        moves.add(
            MoveEdit.copy(
                plan,
                moves,
                m,
                other,
                Sides.swapped(m.name()),
                m.cut().mirrored(),
                m.stand().mirrored()));
      }
    }
    return wider.with(sections, moves);
  }

  private static Section section(Plan plan, String id) {
    return plan.sections().stream()
        .filter(s -> s.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no section is called \"" + id + "\""));
  }

  private static String free(Plan plan, String id) {
    for (int k = 2; ; k++) {
      String tried = id + k;
      if (plan.sections().stream().noneMatch(s -> s.id().equals(tried))) {
        return tried;
      }
    }
  }
}
