package kitetail.shopday;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kitetail.plan.Outcome;

/**
 * A move whose time at the chair was that of the work.
 *
 * @param sec it took
 */
public record Timed(Outcome.Step step, double sec) {
  /** A move that took longer than so many times its plan was interrupted; an assumption. */
  private static final double INTERRUPTED = 6;

  /** A move that took less than this share of its plan was ticked, not cut; an assumption. */
  private static final double TICKED = 0.25;

  private static final double QUICKEST = 0.5;
  private static final double SLOWEST = 2;

  /** Seconds it was to take. */
  public double plannedSec() {
    return plannedSec(step);
  }

  private static double plannedSec(Outcome.Step s) {
    return 60 * s.minutes();
  }

  /** A pace to reckon with: within half and double. */
  public static double factor(double pace) {
    return Math.min(SLOWEST, Math.max(QUICKEST, pace));
  }

  /** Those of a sitting, in the order they were done. */
  public static List<Timed> of(Outcome planned, Sitting sitting) {
    Map<String, Outcome.Step> steps = new HashMap<>();
    planned.steps().forEach(s -> steps.put(s.move().id(), s));
    List<Timed> out = new ArrayList<>();
    Timed before = null;
    for (String id : sitting.done()) {
      Outcome.Step s = steps.get(id);
      if (s == null || s.minutes() == 0) {
        continue;
      }
      Timed t = new Timed(s, sitting.workedSec().getOrDefault(id, 0.0));
      if (t.sec() < TICKED * t.plannedSec()) {
        // Its time went to the move ticked before it.
        out.remove(before);
      } else if (t.sec() <= INTERRUPTED * t.plannedSec()) {
        out.add(t);
      }
      before = t;
    }
    return List.copyOf(out);
  }
}
