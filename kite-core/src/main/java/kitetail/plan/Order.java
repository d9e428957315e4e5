package kitetail.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.head.Place;

/**
 * What must be done before what. The rules are common practice; some are the stylist's own school.
 * Front door: {@link #of}.
 *
 * @param rules every dependency
 * @param broken those of the trade and of the plan itself that its order does not keep
 * @param circle ids of moves that wait for each other, the first once more at the end; empty when
 *     there are none
 */
public record Order(List<Rule> rules, List<Rule> broken, List<String> circle) {
  /** Why one comes before another. */
  public enum Reason {
    DECLARED,
    GUIDE_FIRST,
    BULK_FIRST,
    FRINGE_APPROVED,
    FIRST_PASS_EVERYWHERE,
    NECK_LAST,
    PRODUCT_AFTER_CUT,
    SCHOOL_OUTLINE_FIRST,
    SCHOOL_INSIDE_FIRST,
    SCHOOL_FRINGE_FIRST,
    SCHOOL_FRINGE_LAST,
    SCHOOL_TAPER_DRY,
    SCHOOL_TAPER_EARLY,
    SCHOOL_BEGIN;

    /** Stable; documents and answers name it. */
    public String id() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** True for a way stylists differ in: it sorts a plan, and nobody is told off by it. */
    boolean ofSchool() {
      return compareTo(SCHOOL_OUTLINE_FIRST) >= 0;
    }
  }

  /**
   * @param before id of the move that comes first
   * @param then id of the one that waits for it
   */
  public record Rule(Reason reason, String before, String then) {}

  public static Order of(Plan plan) {
    List<Rule> rules = new ArrayList<>();
    declared(plan, rules);
    guides(plan, rules);
    bulk(plan, rules);
    fringe(plan, rules);
    texture(plan, rules);
    neck(plan, rules);
    product(plan, rules);
    List<Rule> own = new ArrayList<>();
    school(plan, own);
    for (Rule r : own) {
      // What the trade has in one order no school turns round.
      if (!leads(rules, r.then(), r.before())) {
        rules.add(r);
      }
    }
    Map<String, Integer> at = new HashMap<>();
    for (int i = 0; i < plan.moves().size(); i++) {
      at.put(plan.moves().get(i).id(), i);
    }
    List<Rule> broken =
        rules.stream()
            .filter(r -> !r.reason().ofSchool() && at.get(r.before()) > at.get(r.then()))
            .toList();
    return new Order(List.copyOf(rules), broken, circle(plan, rules));
  }

  /** The plan with its moves in an order that keeps every rule, changed as little as may be. */
  public static Plan sorted(Plan plan) {
    Order order = of(plan);
    if (!order.circle().isEmpty()) {
      throw new IllegalArgumentException(
          "moves wait for each other: " + String.join(", then ", order.circle()));
    }
    List<Move> left = new ArrayList<>(plan.moves());
    List<Move> out = new ArrayList<>();
    while (!left.isEmpty()) {
      Move next =
          left.stream()
              .filter(
                  m ->
                      order.rules().stream()
                          .noneMatch(
                              r ->
                                  r.then().equals(m.id())
                                      && left.stream().anyMatch(x -> x.id().equals(r.before()))))
              .findFirst()
              .orElseThrow();
      left.remove(next);
      out.add(next);
    }
    return plan.withMoves(out);
  }

  private static void declared(Plan plan, List<Rule> rules) {
    for (Move m : plan.moves()) {
      m.after().forEach(a -> add(rules, Reason.DECLARED, a, m.id()));
    }
  }

  /** Hair that is a guide is cut before what goes by it. */
  private static void guides(Plan plan, List<Rule> rules) {
    for (Move m : plan.moves()) {
      if (!(m.cut() instanceof Fingers f)) {
        continue;
      }
      for (Place p : f.guide().seen()) {
        Move cutter = null;
        for (Move other : plan.moves()) {
          boolean cuts = other.cut() instanceof Fingers o && !o.guide().equals(f.guide());
          if (cuts && !other.id().equals(m.id()) && (cutter == null || before(plan, other, m))) {
            cutter = holds(plan, other, p) ? other : cutter;
          }
        }
        if (cutter != null) {
          add(rules, Reason.GUIDE_FIRST, cutter.id(), m.id());
        }
      }
    }
  }

  private static boolean holds(Plan plan, Move m, Place p) {
    kitetail.head.Head h = Reference.head();
    var at = h.place(p);
    return plan.region(m.section()).on(h).holds(at, h.azimuthRad(at), h.fromApexMm(at));
  }

  private static boolean before(Plan plan, Move a, Move b) {
    return plan.moves().indexOf(a) < plan.moves().indexOf(b);
  }

  /** Bulk comes off before the comb. */
  private static void bulk(Plan plan, List<Rule> rules) {
    Map<String, BitSet> spots = new HashMap<>();
    Function<Move, BitSet> of =
        m -> spots.computeIfAbsent(m.section(), id -> Reference.spots(plan.region(id)));
    for (Move b : plan.moves()) {
      for (Move c : plan.moves()) {
        if (b.job() == Job.BULK && c.cut() instanceof Comb && meet(b, c, of)) {
          add(rules, Reason.BULK_FIRST, b.id(), c.id());
        }
      }
    }
  }

  /** The fringe is approved before anything goes by it. */
  private static void fringe(Plan plan, List<Rule> rules) {
    List<Move> fringes = plan.moves().stream().filter(m -> m.job() == Job.FRINGE).toList();
    List<Move> asked = plan.moves().stream().filter(m -> m.job() == Job.APPROVE).toList();
    for (Move f : fringes) {
      for (Move m : plan.moves()) {
        boolean goesBy =
            m.after().contains(f.id())
                || m.cut() instanceof Fingers g
                    && g.guide().seen().stream().anyMatch(p -> holds(plan, f, p))
                    && !fringes.contains(m);
        for (Move a : asked) {
          if (goesBy && a.after().contains(f.id()) && !a.equals(m)) {
            add(rules, Reason.FRINGE_APPROVED, a.id(), m.id());
          }
        }
      }
    }
  }

  /** A second pass of texture waits until the first is everywhere. */
  private static void texture(Plan plan, List<Rule> rules) {
    List<Move> passes = plan.moves().stream().filter(m -> m.job() == Job.TEXTURE).toList();
    List<Move> first = new ArrayList<>();
    List<Move> second = new ArrayList<>();
    for (Move m : passes) {
      boolean again =
          first.stream().anyMatch(f -> f.section().equals(m.section()) && sameCut(f, m));
      (again ? second : first).add(m);
    }
    for (Move s : second) {
      first.forEach(f -> add(rules, Reason.FIRST_PASS_EVERYWHERE, f.id(), s.id()));
    }
  }

  private static boolean sameCut(Move a, Move b) {
    return a.cut() instanceof kitetail.cut.Texture x
        && b.cut() instanceof kitetail.cut.Texture y
        && x.tool() == y.tool();
  }

  /** Neck hair is cleaned when the line above it stands. */
  private static void neck(Plan plan, List<Rule> rules) {
    for (Move n : plan.moves()) {
      for (Move e : plan.moves()) {
        boolean line =
            e.cut() instanceof Edge edge && edge.outline() instanceof kitetail.cut.Outline.Nape;
        if (n.job() == Job.NECK && line) {
          add(rules, Reason.NECK_LAST, e.id(), n.id());
        }
      }
    }
  }

  /** Product goes in when the cutting is over, but for who works it in before drying. */
  private static void product(Plan plan, List<Rule> rules) {
    if (plan.school().product() == School.Product.FIRST) {
      return;
    }
    for (Move p : plan.moves()) {
      for (Move m : plan.moves()) {
        boolean cuts = !(m.cut() instanceof Aside) && m.job() != Job.TEXTURE;
        if (p.job() == Job.PRODUCT && cuts && !m.after().contains(p.id())) {
          add(rules, Reason.PRODUCT_AFTER_CUT, m.id(), p.id());
        }
      }
    }
  }

  private static void school(Plan plan, List<Rule> rules) {
    School s = plan.school();
    for (Move a : plan.moves()) {
      for (Move b : plan.moves()) {
        if (s.outline() == School.Outline.OUTLINE_FIRST
            && a.job() == Job.OUTLINE
            && shapes(b.job())) {
          add(rules, Reason.SCHOOL_OUTLINE_FIRST, a.id(), b.id());
        }
        if (s.outline() == School.Outline.INSIDE_FIRST
            && shapes(a.job())
            && b.job() == Job.OUTLINE) {
          add(rules, Reason.SCHOOL_INSIDE_FIRST, a.id(), b.id());
        }
        if (s.fringe() == School.Fringe.FIRST && a.job() == Job.FRINGE && shapes(b.job())) {
          add(rules, Reason.SCHOOL_FRINGE_FIRST, a.id(), b.id());
        }
        if (s.fringe() == School.Fringe.LAST && shapes(a.job()) && b.job() == Job.FRINGE) {
          add(rules, Reason.SCHOOL_FRINGE_LAST, a.id(), b.id());
        }
        if (s.taper() == School.Taper.AFTER_DRYING && a.job() == Job.DRY && b.job() == Job.TAPER) {
          add(rules, Reason.SCHOOL_TAPER_DRY, a.id(), b.id());
        }
        if (s.taper() == School.Taper.BEFORE_DRYING && a.job() == Job.TAPER && b.job() == Job.DRY) {
          add(rules, Reason.SCHOOL_TAPER_EARLY, a.id(), b.id());
        }
        if (s.begin() != null
            && shapes(a.job())
            && shapes(b.job())
            && part(plan, a) == s.begin()
            && part(plan, b) != null
            && part(plan, b) != s.begin()) {
          add(rules, Reason.SCHOOL_BEGIN, a.id(), b.id());
        }
      }
    }
  }

  /** Whether one move comes before another by the rules there are. */
  private static boolean leads(List<Rule> rules, String from, String to) {
    List<String> reached = new ArrayList<>(List.of(from));
    for (int k = 0; k < reached.size(); k++) {
      String at = reached.get(k);
      if (at.equals(to)) {
        return true;
      }
      rules.stream()
          .filter(r -> r.before().equals(at) && !reached.contains(r.then()))
          .forEach(r -> reached.add(r.then()));
    }
    return false;
  }

  private static boolean shapes(Job j) {
    return j == Job.GUIDE || j == Job.LENGTH || j == Job.SIDE || j == Job.BULK;
  }

  /** The part of the head a move works on; null when it is not one of the three. */
  private static School.Begin part(Plan plan, Move m) {
    if (holds(plan, m, Place.APEX)) {
      return School.Begin.TOP;
    }
    boolean back = holds(plan, m, Place.OCCIPITAL);
    boolean side = holds(plan, m, Place.EAR_TOP_LEFT) || holds(plan, m, Place.EAR_TOP_RIGHT);
    return back == side ? null : back ? School.Begin.BACK : School.Begin.SIDES;
  }

  private static boolean meet(Move a, Move b, Function<Move, BitSet> spots) {
    return a.section().equals(b.section()) || spots.apply(a).intersects(spots.apply(b));
  }

  private static void add(List<Rule> rules, Reason reason, String before, String then) {
    if (!before.equals(then)
        && rules.stream().noneMatch(r -> r.before().equals(before) && r.then().equals(then))) {
      rules.add(new Rule(reason, before, then));
    }
  }

  /** One circle of moves that wait for each other, or none. */
  private static List<String> circle(Plan plan, List<Rule> rules) {
    Map<String, List<String>> next = new HashMap<>();
    rules.forEach(r -> next.computeIfAbsent(r.before(), k -> new ArrayList<>()).add(r.then()));
    Map<String, Integer> seen = new HashMap<>();
    List<String> way = new ArrayList<>();
    for (Move m : plan.moves()) {
      List<String> found = walk(m.id(), next, seen, way);
      if (!found.isEmpty()) {
        return found;
      }
    }
    return List.of();
  }

  private static List<String> walk(
      String id, Map<String, List<String>> next, Map<String, Integer> seen, List<String> way) {
    if (seen.getOrDefault(id, 0) == 2) {
      return List.of();
    }
    int at = way.indexOf(id);
    if (at >= 0) {
      List<String> circle = new ArrayList<>(way.subList(at, way.size()));
      circle.add(id);
      return Collections.unmodifiableList(circle);
    }
    way.add(id);
    for (String n : next.getOrDefault(id, List.of())) {
      List<String> found = walk(n, next, seen, way);
      if (!found.isEmpty()) {
        return found;
      }
    }
    way.remove(way.size() - 1);
    seen.put(id, 2);
    return List.of();
  }
}
