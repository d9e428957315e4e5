package kitetail.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;

/** A fringe cut wet comes up shorter: a reserve is left, or it is cut dry. */
final class WetReserve implements Rule {
  @Override
  public String id() {
    return "wet-reserve";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public void find(Evidence e, Found out) {
    for (int k = 0; k < e.outcome().steps().size(); k++) {
      Outcome.Step step = e.outcome().steps().get(k);
      double spring = Spring.mm(e, step, Place.FRONT);
      if (step.move().job() == Job.FRINGE
          && step.move().damp() != Damp.DRY
          && e.takenMm(k, Place.FRONT) > 1
          && spring > Spring.SEEN_MM) {
        out.add(step.move().id(), Place.FRONT, spring);
      }
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Reworked.worked(dryLast(e.plan(), f));
  }

  /** A fringe that would spring is cut dry, when all is dried, unless others go by it. */
  private static Plan dryLast(Plan plan, Finding f) {
    Plan dry = Reworked.move(plan, f, m -> m.with(Damp.DRY));
    Move fringe = dry.move(f.move());
    Move drying = dry.moves().stream().filter(m -> m.job() == Job.DRY).findFirst().orElse(null);
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
}
