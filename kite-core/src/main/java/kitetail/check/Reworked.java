package kitetail.check;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Fingers;
import kitetail.cut.Texture;
import kitetail.edit.MoveEdit;
import kitetail.plan.Finding;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/** A plan with one move worked otherwise. */
final class Reworked {
  /** A dose is told in whole per cent of the hairs; less does nothing. */
  private static final double LEAST_SHARE = 0.05;

  private Reworked() {}

  static Plan move(Plan plan, Finding f, UnaryOperator<Move> change) {
    return move(plan, f.move(), change);
  }

  private static Plan move(Plan plan, String move, UnaryOperator<Move> change) {
    return plan.withMoves(
        plan.moves().stream().map(m -> m.id().equals(move) ? change.apply(m) : m).toList());
  }

  static Optional<Remedy> fingers(Evidence e, Finding f, UnaryOperator<Fingers> change) {
    return worked(
        move(e.plan(), f, m -> m.cut() instanceof Fingers g ? m.with(change.apply(g)) : m));
  }

  static Plan turned(Plan plan, Finding f, Dial d, DoubleUnaryOperator to) {
    return move(plan, f, m -> m.with(m.cut().turned(d, to)));
  }

  static Optional<Remedy> worked(Plan plan) {
    return Optional.of(new Remedy.Worked(plan));
  }

  /** The plan without a move; none when others wait for it. */
  static Optional<Plan> without(Plan plan, String move) {
    try {
      return Optional.of(MoveEdit.remove(plan, move));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** Fewer passes first, then fewer hairs at a pass; left out when too few would be cut. */
  static Optional<Plan> lighter(Plan plan, String move, double mostShare) {
    Cut cut =
        plan.moves().stream()
            .filter(x -> x.id().equals(move))
            .map(Move::cut)
            .findFirst()
            .orElse(null);
    if (!(cut instanceof Texture t)) {
      return Optional.of(plan);
    }
    int passes = Math.min(t.passes() - 1, (int) (mostShare / t.share()));
    double share = Math.floor(100 * Math.min(mostShare, t.share())) / 100;
    if (passes < 1 && share < LEAST_SHARE) {
      return without(plan, move);
    }
    Texture less =
        passes >= 1
            ? new Texture(t.tool(), t.share(), t.depthMm(), passes, t.layer())
            : new Texture(t.tool(), share, t.depthMm(), 1, t.layer());
    return Optional.of(move(plan, move, m -> m.with(less)));
  }
}
