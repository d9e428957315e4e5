package kitetail.server.advice;

import jakarta.validation.constraints.NotNull;
import java.util.EnumMap;
import java.util.Map;
import kitetail.formats.answer.NextCutView;
import kitetail.formats.answer.ReplanView;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.AdviceWords;
import kitetail.formats.words.Units;
import kitetail.formats.words.Words;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.NextCut;
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
   * @param tookMoreMm by how much more than planned was taken at others
   */
  record Measured(
      @NotNull(message = "must be given") Plan document,
      int done,
      @Nullable Map<Place, Double> measuredMm,
      @Nullable Map<Place, Double> tookMoreMm) {}

  /** {@code tensed}: whether the hair is held firmly. */
  record Now(
      @NotNull(message = "must be given") Plan document,
      int done,
      @NotNull(message = "must be given") Damp damp,
      boolean tensed) {}

  ReplanView replan(Measured m, Units units) {
    Plan plan = m.document();
    done(plan, m.done());
    Map<Place, Double> at = new EnumMap<>(Place.class);
    Workbench places = advice.places(plan.head());
    if (m.measuredMm() != null) {
      m.measuredMm().forEach((p, mm) -> at.put(p, length("$.measuredMm.", p, mm)));
    }
    if (m.tookMoreMm() != null) {
      double[] left = PlanEngine.states(plan, places).get(m.done()).longest();
      m.tookMoreMm()
          .forEach(
              (p, mm) -> {
                double more = length("$.tookMoreMm.", p, mm);
                at.put(p, Math.max(0, left[places.scalp().root(p)] - more));
              });
    }
    return ReplanView.of(
        Replan.after(plan, places, m.done(), at),
        plan,
        m.done(),
        new AdviceWords(new Words(units)));
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
