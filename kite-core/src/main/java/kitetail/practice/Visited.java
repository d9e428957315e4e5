package kitetail.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.shopday.Entry;
import kitetail.shopday.Sitting;
import kitetail.shopday.Timed;

/**
 * What a visit showed of the hand that cut it: each length that was measured over what was planned
 * there, told of what last cut the place, each slip of the move it was made in, and the time of the
 * moves that were timed.
 */
public final class Visited {
  private Visited() {}

  /**
   * @param planned what was to come of the plan as it was cut
   */
  public static List<Seen> of(Outcome planned, Sitting sitting) {
    List<Seen> out = new ArrayList<>();
    for (Entry.Measured m : sitting.measured()) {
      planned.allAt(planned.scalp().root(m.place())).stream()
          .findFirst()
          .map(Move::cut)
          .flatMap(Visited::skill)
          .ifPresent(s -> out.add(off(s, m.mm() - planned.endMm(m.place()))));
    }
    for (Entry.TookMore t : sitting.slips()) {
      planned.steps().stream()
          .map(Outcome.Step::move)
          .filter(m -> m.id().equals(t.move()))
          .findFirst()
          .map(Move::cut)
          .flatMap(Visited::skill)
          .ifPresent(s -> out.add(off(s, -t.mm())));
    }
    for (Timed t : Timed.of(planned, sitting)) {
      out.add(off(Skill.PACE, t.sec() / t.plannedSec() - 1));
    }
    return List.copyOf(out);
  }

  /** However far it went wrong, it counts as far as hands are off. */
  private static Seen off(Skill s, double by) {
    return new Seen(s, Math.max(-s.most(), Math.min(s.most(), by)));
  }

  private static Optional<Skill> skill(Cut c) {
    if (c instanceof Fingers) {
      return Optional.of(Skill.FINGER_LENGTH);
    }
    return c instanceof Comb ? Optional.of(Skill.COMB_LENGTH) : Optional.empty();
  }
}
