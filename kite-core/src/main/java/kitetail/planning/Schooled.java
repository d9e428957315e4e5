package kitetail.planning;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kitetail.cut.Aside;
import kitetail.cut.Fingers;
import kitetail.hair.Damp;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import kitetail.plan.School;

/**
 * A plan worked a stylist's own way: order, bite, hold, checks, fringe, product. Where the school
 * has no preference the shape's own way stays; what the trade has in one order no school turns
 * round.
 */
public final class Schooled {
  /** Who relies on small bites takes no more than three eighths of an inch; common practice. */
  private static final double SMALL_BITE_MM = 9.5;

  private Schooled() {}

  public static Plan of(Plan plan, School school) {
    Plan p = plan.by(plan.kit(), plan.pace(), school);
    p = held(p, school);
    p = fringed(p, school);
    p = checked(p, school);
    p = Order.of(p).circle().isEmpty() ? Order.sorted(p) : p;
    return productFirst(p, school);
  }

  private static Plan held(Plan p, School school) {
    if (school.firmness() != School.Firmness.NONE) {
      return p;
    }
    return p.withMoves(
        p.moves().stream()
            .map(m -> m.cut() instanceof Fingers f ? m.with(f.untensed()) : m)
            .toList());
  }

  /** Last is also dry: it shows its true length then. */
  private static Plan fringed(Plan p, School school) {
    if (school.fringe() != School.Fringe.LAST) {
      return p;
    }
    return p.withMoves(
        p.moves().stream()
            .map(m -> m.job() == Job.FRINGE && m.cut().inHand() ? m.with(Damp.DRY) : m)
            .toList());
  }

  private static Plan checked(Plan p, School school) {
    if (school.crossCheck() == null) {
      return p;
    }
    return school.crossCheck() == School.Check.SMALL_BITES ? inSmallBites(p) : everySection(p);
  }

  private static Plan inSmallBites(Plan p) {
    List<Move> moves = new ArrayList<>();
    for (Move m : p.moves()) {
      boolean waited = p.moves().stream().anyMatch(o -> o.after().contains(m.id()));
      if (m.job() == Job.CHECK && !waited) {
        continue;
      }
      moves.add(
          m.cut() instanceof Fingers f && f.biteMm() > SMALL_BITE_MM
              ? m.with(f.withBite(SMALL_BITE_MM))
              : m);
    }
    return p.withMoves(moves);
  }

  /** A check after the last cut over the fingers of every section that has none. */
  private static Plan everySection(Plan p) {
    Set<String> sections = new LinkedHashSet<>();
    p.moves().stream()
        .filter(m -> m.cut() instanceof Fingers)
        .forEach(m -> sections.add(m.section()));
    p.moves().stream().filter(m -> m.job() == Job.CHECK).forEach(m -> sections.remove(m.section()));
    List<Move> moves = new ArrayList<>(p.moves());
    for (String section : sections) {
      int at = 0;
      for (int k = 0; k < moves.size(); k++) {
        boolean cuts = moves.get(k).cut() instanceof Fingers;
        at = cuts && moves.get(k).section().equals(section) ? k : at;
      }
      Move last = moves.get(at);
      String id = last.id() + "Checked";
      boolean taken = moves.stream().anyMatch(m -> m.id().equals(id));
      if (!taken) {
        moves.add(
            at + 1,
            new Move(
                id,
                p.section(section).name() + ", cross-check",
                section,
                new Aside(Aside.What.CROSS_CHECK),
                last.damp(),
                last.stand(),
                "Across the way it was cut.",
                "Take only what stands out.",
                false));
      }
    }
    return p.withMoves(moves);
  }

  /** What goes in at the end goes in before the hair is dried, unless it is waited for. */
  private static Plan productFirst(Plan p, School school) {
    Move product = first(p, Job.PRODUCT);
    Move dry = first(p, Job.DRY);
    if (school.product() != School.Product.FIRST || product == null || dry == null) {
      return p;
    }
    List<Move> moves = new ArrayList<>(p.moves());
    if (moves.indexOf(product) < moves.indexOf(dry)) {
      return p;
    }
    moves.remove(product);
    moves.add(moves.indexOf(dry), product.with(Damp.DAMP));
    return p.withMoves(moves);
  }

  private static Move first(Plan p, Job job) {
    return p.moves().stream().filter(m -> m.job() == job).findFirst().orElse(null);
  }
}
