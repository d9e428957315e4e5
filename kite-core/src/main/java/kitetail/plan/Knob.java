package kitetail.plan;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Dial;

/**
 * A number of a family that may be fitted to a client: one value, set in every move named.
 *
 * @param moves ids
 * @param min the least it may be set to
 * @param max the most
 * @param why what it decides, in trade words
 */
public record Knob(String id, List<String> moves, Dial dial, double min, double max, String why) {
  public Knob {
    moves = List.copyOf(moves);
    why = why == null ? "" : why;
    if (moves.isEmpty()) {
      throw new IllegalArgumentException("knob " + id + " must name a move");
    }
    if (!(min < max)) {
      throw new IllegalArgumentException(
          "knob " + id + ": min must be below max, was " + min + " to " + max);
    }
  }

  /** The same turning every move but one; null when that was its only one. */
  Knob without(String move) {
    List<String> left = moves.stream().filter(m -> !m.equals(move)).toList();
    return left.isEmpty() ? null : new Knob(id, left, dial, min, max, why);
  }

  /** Where it stands in a plan. */
  public double on(Plan plan) {
    return plan.move(moves.get(0)).cut().dial(dial).orElseThrow().value();
  }

  /** The plan with it set. */
  public Plan set(Plan plan, double value) {
    return plan.withMoves(set(plan.moves(), value));
  }

  /** A plan's moves with it set. */
  public List<Move> set(List<Move> all, double value) {
    double v = Math.max(min, Math.min(max, value));
    List<Move> out = new ArrayList<>(all);
    out.replaceAll(m -> moves.contains(m.id()) ? m.with(m.cut().turned(dial, v)) : m);
    return out;
  }
}
