package kitetail.server.fall;

import jakarta.validation.constraints.NotNull;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.planning.InHand;
import kitetail.planning.Worn;
import kitetail.server.error.FieldException;
import org.springframework.stereotype.Component;

/** One move on hair: as it lies before and after, and bite by bite in the hand. */
@Component
class InHands {
  private final Falls falls;
  private final FallBytes bytes;

  InHands(Falls falls, FallBytes bytes) {
    this.falls = falls;
    this.bytes = bytes;
  }

  record InHandAsked(@NotNull Plan document, @NotNull String move) {}

  /**
   * @throws FieldException when the plan has no such move
   */
  byte[] of(InHandAsked a) {
    Plan plan = a.document();
    int m = plan.numberOf(a.move());
    if (m < 0) {
      throw new FieldException("$.move", a.move(), "it must be a move of the plan");
    }
    Worn.Stand stand = falls.sheet(plan.head()).stand();
    Outcome o = PlanEngine.run(plan, stand.bench());
    Styling styling = InHand.whileCut(plan, plan.moves().get(m));
    Fall before = falls.worked(plan, o, m, styling);
    Fall after = falls.worked(plan, o, m + 1, styling);
    InHand h = InHand.of(plan, stand, o, m, before, after);
    return bytes.of(InHandAnswer.of(h), h);
  }
}
