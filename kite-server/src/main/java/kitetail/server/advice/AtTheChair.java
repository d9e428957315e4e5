package kitetail.server.advice;

import jakarta.validation.constraints.NotNull;
import java.util.EnumMap;
import java.util.Map;
import kitetail.formats.answer.NextCutView;
import kitetail.formats.answer.RepairsView;
import kitetail.formats.answer.ReplanView;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;
import kitetail.planning.NextCut;
import kitetail.planning.Repairs;
import kitetail.planning.Replan;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A plan some of whose moves are done: the rest by what was measured, and the next cut. */
@Component
class AtTheChair {
  private final Advice advice;

  AtTheChair(Advice advice) {
    this.advice = advice;
  }

  /**
   * After {@code done} moves.
   *
   * @param measuredMm what is really there at some places, mm dry and straight
   */
  record Measured(
      @NotNull Plan document, int done, @NotNull Map<Place, @Nullable Double> measuredMm) {}

  /**
   * @param document the plan with the slip in it
   * @param slip id of its move
   */
  record Slipped(@NotNull Plan document, @NotNull String slip) {}

  /** {@code tensed}: whether the hair is held firmly. */
  record Now(@NotNull Plan document, int done, @NotNull Damp damp, boolean tensed) {}

  ReplanView replan(Measured m, Units units) {
    Plan plan = m.document();
    done(plan, m.done());
    Map<Place, Double> at = new EnumMap<>(Place.class);
    Workbench places = advice.places(plan.head());
    m.measuredMm().forEach((p, mm) -> at.put(p, length("$.measuredMm.", p, mm)));
    return ReplanView.of(
        Replan.after(plan, places, m.done(), at),
        plan,
        m.done(),
        new AdviceWords(new Words(units)));
  }

  /**
   * What can be done about a slip.
   *
   * @throws FieldException when the plan has no such slip
   */
  RepairsView repairs(Slipped s, Units units) {
    Plan plan = s.document();
    if (!Slip.of(plan).contains(s.slip())) {
      throw new FieldException("$.slip", s.slip(), "allowed a slip of the plan: " + Slip.of(plan));
    }
    return RepairsView.of(
        Repairs.of(plan, s.slip(), advice.checked(plan.head())), new AdviceWords(new Words(units)));
  }

  private static double length(String field, Place at, @Nullable Double mm) {
    return FieldException.within(field + PlanJson.name(at), mm, 0, 1500);
  }

  private static void done(Plan plan, int done) {
    FieldException.within("$.done", done, 0, plan.moves().size());
  }

  NextCutView next(Now n) {
    Plan plan = n.document();
    done(plan, n.done());
    return NextCutView.of(
        NextCut.of(plan, advice.places(plan.head()), n.done(), n.damp(), n.tensed()));
  }
}
