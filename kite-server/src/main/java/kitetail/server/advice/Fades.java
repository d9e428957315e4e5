package kitetail.server.advice;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Fade;
import kitetail.formats.answer.FadeView;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.planning.FadeLadder;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A fade held against the even rise it stands for, and the guards that come nearer to it. */
@Component
class Fades {
  private final Advice advice;

  Fades(Advice advice) {
    this.advice = advice;
  }

  /** The even rise from {@code fromMm} to {@code toMm}; left out for its own guards' ends. */
  record FadeAsked(
      @NotNull Plan document,
      @NotNull String move,
      @Nullable Double fromMm,
      @Nullable Double toMm) {}

  /**
   * @throws FieldException when the move is no fade, or the rise is out of range
   */
  FadeView of(FadeAsked a) {
    Plan plan = a.document();
    int at = at(plan, a.move());
    Fade fade = (Fade) plan.moves().get(at).cut();
    FadeLadder.Wish own = FadeLadder.wish(fade, plan.kit());
    FadeLadder.Wish wish = wish(a, own);
    Workbench few = advice.few(plan.head());
    List<FadeLadder.Offer> offers = FadeLadder.offers(fade, plan.kit(), wish);
    double[] minutes = new double[offers.size() + 1];
    minutes[0] = minutes(plan, at, fade, few);
    for (int k = 0; k < offers.size(); k++) {
      minutes[k + 1] = minutes(plan, at, offers.get(k).fade(), few);
    }
    return FadeView.of(
        FadeLadder.measured(fade, plan.kit()),
        few.scalp().head(),
        wish,
        FadeLadder.worstMm(fade, wish, plan.kit()),
        offers,
        minutes);
  }

  private static FadeLadder.Wish wish(FadeAsked a, FadeLadder.Wish own) {
    double from = a.fromMm() == null ? own.fromMm() : a.fromMm();
    double to = a.toMm() == null ? Math.max(from, own.toMm()) : a.toMm();
    FieldException.within("$.fromMm", from, 0.3, 40);
    return new FadeLadder.Wish(from, FieldException.within("$.toMm", to, from, 40));
  }

  private static double minutes(Plan plan, int at, Fade fade, Workbench few) {
    List<Move> moves = new ArrayList<>(plan.moves());
    moves.set(at, moves.get(at).with(fade));
    return PlanEngine.run(plan.withMoves(moves), few).steps().get(at).minutes();
  }

  private static int at(Plan plan, String move) {
    for (int k = 0; k < plan.moves().size(); k++) {
      if (plan.moves().get(k).id().equals(move) && plan.moves().get(k).cut() instanceof Fade) {
        return k;
      }
    }
    throw new FieldException("$.move", move, "it must be a fade");
  }
}
