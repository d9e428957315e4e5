package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import kitetail.check.Check;
import kitetail.check.Remedy;
import kitetail.plan.Finding;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * A plan for a client that passes its own checks: worked as asked and as the stylist works, fitted,
 * run, checked, and what the way it is worked can answer is changed, until nothing is left that it
 * could have. Lengths stay what the wishes make them; what remains is the client's to decide.
 */
public final class Mending {
  private static final int MOST_ROUNDS = 10;

  /** Sites of the head a proposal is checked on: doses and sides need so many. */
  public static final int SITES = 2000;

  /** A change that takes a wish farther off than this is not made, mm. */
  private static final double WISH_MM = 3;

  private Mending() {}

  /**
   * @param plan of a client, not fitted yet
   * @param places a bench of the named places of its head
   * @param few a bench of {@link #SITES} of the same head
   * @return the fit of the plan as it is proposed, with what was answered on the way
   */
  public static Planner.Fit of(Plan plan, Workbench places, Workbench few) {
    State now = State.of(Schooled.of(Steadied.of(Asked.of(plan)), plan.school()), places, few);
    List<Finding> answered = new ArrayList<>();
    List<Finding> leave = new ArrayList<>();
    for (int round = 0; round < MOST_ROUNDS; round++) {
      List<Finding> open = new ArrayList<>(now.found);
      open.removeIf(f -> leave.stream().anyMatch(l -> Remedies.same(l, f)));
      Tried all = now.answer(open, places, few);
      if (all.answered.isEmpty()) {
        break;
      }
      if (!all.after.noWorseThan(now)) {
        // Together they do harm: the gravest alone, the others are tried again after it.
        List<Finding> gravest = all.answered.subList(0, 1);
        all = now.answer(gravest, places, few);
        if (!all.after.noWorseThan(now)) {
          leave.addAll(gravest);
          continue;
        }
      }
      for (Finding f : all.answered) {
        if (answered.stream().noneMatch(a -> Remedies.same(a, f))) {
          answered.add(f);
        }
      }
      now = all.after;
    }
    return now.fit.answering(answered);
  }

  /** What comes of answering some findings at once. */
  private record Tried(State after, List<Finding> answered) {}

  /** A plan before and after it is fitted, and what is found then. */
  private record State(Plan plan, Planner.Fit fit, Outcome outcome, List<Finding> found) {
    static State of(Plan plan, Workbench places, Workbench few) {
      Planner.Fit fit = Planner.fit(plan, places);
      Outcome outcome = PlanEngine.run(fit.plan(), few);
      List<Finding> found =
          Check.of(fit.plan(), outcome).stream().filter(f -> f.meant() == null).toList();
      return new State(plan, fit, outcome, found);
    }

    Tried answer(List<Finding> open, Workbench places, Workbench few) {
      Plan changed = plan;
      List<Finding> done = new ArrayList<>();
      for (Finding f : open) {
        Plan next = asItWas(changed, f.move()) ? worked(changed, f) : changed;
        if (!next.equals(changed)) {
          changed = next;
          done.add(f);
        }
      }
      return new Tried(done.isEmpty() ? this : of(changed, places, few), done);
    }

    /** The plan worked otherwise, where that answers a finding. */
    private Plan worked(Plan changed, Finding f) {
      return Check.remedy(changed, outcome, f)
          .filter(Remedy.Worked.class::isInstance)
          .map(r -> ((Remedy.Worked) r).plan())
          .orElse(changed);
    }

    /** What another finding has changed already is looked at again when it has been run. */
    private boolean asItWas(Plan changed, String move) {
      return move == null
          || plan.moves().stream()
              .filter(m -> m.id().equals(move))
              .anyMatch(changed.moves()::contains);
    }

    boolean noWorseThan(State before) {
      return Remedies.weight(found) <= Remedies.weight(before.found)
          && found.size() <= before.found.size()
          && fit.worstMm() <= Math.max(WISH_MM, before.fit.worstMm() + 0.5);
    }
  }
}
