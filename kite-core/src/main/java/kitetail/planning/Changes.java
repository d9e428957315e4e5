package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import kitetail.cut.Blade;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Texture;
import kitetail.edit.MoveEdit;
import kitetail.hair.Damp;
import kitetail.plan.Dose;
import kitetail.plan.Finding;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.section.Section;

/**
 * What a finding asks of the way a plan is worked, whatever its lengths: the tool, the hold, the
 * dose, the dampness, the order. The same change is offered as a remedy and made by the planner.
 */
final class Changes {
  /** A dose is told in whole per cent of the hairs; less does nothing. */
  private static final double LEAST_SHARE = 0.05;

  /** Fine hair shows it when so many of its hairs are cut back in one move; see the rule. */
  private static final double FINE_SHARE = 0.44;

  /** Under what the hair bears: doses of other moves add to it, and columns differ. */
  private static final double KEPT_UNDER = 0.9;

  private Changes() {}

  /** The plan changed; null when the way it is worked does not answer the finding. */
  static Plan of(Plan plan, Outcome outcome, Finding f) {
    if (f.rule().startsWith("order-")) {
      return Order.of(plan).circle().isEmpty() ? Order.sorted(plan) : null;
    }
    return switch (f.rule()) {
      case "bite-wide" ->
          fingers(plan, f, g -> g.withBite(Math.max(3, Math.round(g.biteMm() / 2 * 10) / 10.0)));
      case "takes-nothing" -> removed(plan, f.move());
      case "old-to-new", "cut-on-whorl" -> fingers(plan, f, g -> g.with(new Guide.LastBite()));
      case "texture-over" -> bearable(plan, outcome, f);
      case "fine-thinned" -> lighter(plan, f.move(), FINE_SHARE);
      case "hairline-pushed" -> turned(plan, f, Dial.RAISE, v -> 0.0);
      case "ear-spring" -> fingers(plan, f, Fingers::untensed);
      case "wet-reserve" -> dryLast(plan, f);
      case "dry-tool-on-wet" -> move(plan, f, m -> m.with(Damp.DRY));
      case "wet-tool-on-dry" -> gentler(plan, f);
      case "ask-first" -> move(plan, f, Move::asked);
      case "section-overlap" -> apart(plan, f.with());
      default -> null;
    };
  }

  static Plan move(Plan plan, Finding f, UnaryOperator<Move> change) {
    return plan.withMoves(
        plan.moves().stream().map(m -> m.id().equals(f.move()) ? change.apply(m) : m).toList());
  }

  private static Plan fingers(Plan plan, Finding f, UnaryOperator<Fingers> change) {
    return move(plan, f, m -> m.cut() instanceof Fingers g ? m.with(change.apply(g)) : m);
  }

  static Plan turned(Plan plan, Finding f, Dial d, UnaryOperator<Double> to) {
    return move(
        plan,
        f,
        m ->
            Double.isNaN(m.cut().dial(d))
                ? m
                : m.with(m.cut().turned(d, to.apply(m.cut().dial(d)))));
  }

  private static Plan removed(Plan plan, String move) {
    try {
      return MoveEdit.remove(plan, move);
    } catch (IllegalArgumentException e) {
      // Others wait for it: it stays.
      return null;
    }
  }

  /** Every move that thins the columns that have too much takes less of them, in one proportion. */
  private static Plan bearable(Plan plan, Outcome outcome, Finding f) {
    Outcome.Step last =
        outcome.steps().stream().filter(s -> s.move().id().equals(f.move())).findFirst().get();
    List<Dose> over = last.doses().stream().filter(d -> d.percent() > d.mostPercent()).toList();
    double part =
        over.stream().mapToDouble(d -> KEPT_UNDER * d.mostPercent() / d.percent()).min().orElse(1);
    Plan out = plan;
    for (Outcome.Step s : outcome.steps()) {
      boolean there =
          s.doses().stream()
              .anyMatch(d -> over.stream().anyMatch(o -> o.aroundDeg() == d.aroundDeg()));
      if (there && out != null && s.cut() instanceof Texture t) {
        out = lighter(out, s.move().id(), part * t.share() * t.passes());
      }
    }
    return out;
  }

  /** Fewer passes first, then fewer hairs at a pass; left out when too few would be cut. */
  private static Plan lighter(Plan plan, String move, double mostShare) {
    Move m = plan.moves().stream().filter(x -> x.id().equals(move)).findFirst().orElse(null);
    if (m == null || !(m.cut() instanceof Texture t)) {
      return plan;
    }
    int passes = Math.min(t.passes() - 1, (int) (mostShare / t.share()));
    double share = Math.floor(100 * Math.min(mostShare, t.share())) / 100;
    if (passes < 1 && share < LEAST_SHARE) {
      return removed(plan, move);
    }
    Texture less =
        passes >= 1
            ? new Texture(t.tool(), t.share(), t.depthMm(), passes, t.layer())
            : new Texture(t.tool(), share, t.depthMm(), 1, t.layer());
    return plan.withMoves(
        plan.moves().stream().map(x -> x.id().equals(move) ? x.with(less) : x).toList());
  }

  /** A fringe that would spring is cut dry, when all is dried, unless others go by it. */
  private static Plan dryLast(Plan plan, Finding f) {
    Plan dry = move(plan, f, m -> m.with(Damp.DRY));
    Predicate<Move> dries = m -> m.job() == Job.DRY;
    Move fringe = dry.move(f.move());
    Move drying = dry.moves().stream().filter(dries).findFirst().orElse(null);
    if (drying == null || dry.moves().indexOf(drying) < dry.moves().indexOf(fringe)) {
      return dry;
    }
    List<Move> moves = new ArrayList<>(dry.moves());
    moves.remove(fringe);
    moves.add(moves.indexOf(drying) + 1, fringe);
    Plan later = dry.withMoves(moves);
    boolean kept = Order.of(later).broken().size() <= Order.of(dry).broken().size();
    return kept ? later : dry;
  }

  /**
   * A razor wants damp hair. After drying, thinning shears pointed in leave an end much like it and
   * spare coloured hair; common practice.
   */
  private static Plan gentler(Plan plan, Finding f) {
    boolean dried =
        plan.moves().subList(0, plan.moves().indexOf(plan.move(f.move()))).stream()
            .anyMatch(m -> m.job() == Job.DRY);
    return dried
        ? move(plan, f, m -> m.with(spared(m.cut())))
        : move(plan, f, m -> m.with(Damp.DAMP));
  }

  private static Cut spared(Cut cut) {
    if (cut instanceof Texture t) {
      return new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, t.passes(), t.layer());
    }
    return cut instanceof Fingers g ? g.with(Blade.THINNING_SHEARS) : cut;
  }

  /** The later of two sections leaves out the earlier. */
  private static Plan apart(Plan plan, List<String> two) {
    List<Section> out = new ArrayList<>();
    for (Section s : plan.sections()) {
      if (s.id().equals(two.get(1)) && !plan.section(two.get(0)).without().contains(s.id())) {
        List<String> without = new ArrayList<>(s.without());
        without.add(two.get(0));
        out.add(new Section(s.id(), s.name(), s.limits(), without, s.over()));
      } else {
        out.add(s);
      }
    }
    return plan.with(out, plan.moves());
  }
}
