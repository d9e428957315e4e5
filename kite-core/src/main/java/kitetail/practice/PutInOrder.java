package kitetail.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kitetail.plan.Move;
import kitetail.plan.Order;
import kitetail.plan.Plan;

/**
 * The moves of a shape, shuffled: in which order are they done?
 *
 * @param plan with its moves as they are shown
 */
public record PutInOrder(int level, Plan plan, Plan wished) implements Task {
  /** How many rules may be broken, easiest level first; an assumption. */
  private static final int[] MAY = {2, 1, 1, 0, 0};

  static PutInOrder of(long seed, int level, List<Plan> shapes) {
    Random r = MadeUp.numbers(Drill.PUT_IN_ORDER, seed, level);
    Plan shape = shapes.get(r.nextInt(shapes.size()));
    List<Move> moves = new ArrayList<>(shape.moves());
    Collections.shuffle(moves, r);
    return new PutInOrder(level, shape.withMoves(moves), shape);
  }

  @Override
  public Drill drill() {
    return Drill.PUT_IN_ORDER;
  }

  @Override
  public Plan after(Tried tried) {
    List<String> ids = Task.as(Tried.Ordered.class, tried).moves();
    List<Move> moves = new ArrayList<>();
    for (String id : ids) {
      moves.add(
          plan.moves().stream()
              .filter(m -> m.id().equals(id))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException("no move is called \"" + id + "\"")));
    }
    if (moves.size() != plan.moves().size() || moves.stream().distinct().count() != moves.size()) {
      throw new IllegalArgumentException(
          "moves must name each of the " + plan.moves().size() + " moves once");
    }
    return plan.withMoves(moves);
  }

  /** The rules an order breaks, each with its reason. */
  public List<Order.Rule> broken(Tried tried) {
    return Order.of(after(tried)).broken();
  }

  @Override
  public Score score(Tried tried) {
    // Which move cuts the guide of another is told by the order itself.
    Order order = Order.of(after(tried));
    int broken = order.broken().size();
    int rules = order.rules().size();
    boolean good = broken <= MAY[level - 1];
    return Score.of(
        rules == 0 ? 1 : 1 - (double) broken / rules,
        MAY[level - 1],
        List.of(),
        broken == 0 ? Cause.NONE : Cause.OUT_OF_ORDER,
        good,
        List.of());
  }
}
