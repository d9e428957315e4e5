package kitetail.formats.answer;

import java.util.List;
import kitetail.plan.Order;
import kitetail.plan.Plan;
import org.jspecify.annotations.Nullable;

/**
 * The order of a plan's moves.
 *
 * @param broken the rules that it breaks
 * @param circle moves that each have to come before the next; empty when there is none
 * @param sorted ids of the moves in an order that breaks no rule, where there is one
 */
public record OrderView(
    List<Rule> rules, List<Rule> broken, List<String> circle, @Nullable List<String> sorted) {

  /** One move comes before another. */
  public record Rule(String rule, String before, String then) {
    private static List<Rule> of(List<Order.Rule> rules) {
      return rules.stream().map(r -> new Rule(r.reason().id(), r.before(), r.then())).toList();
    }
  }

  public static OrderView of(Order order, Plan plan) {
    return new OrderView(
        Rule.of(order.rules()),
        Rule.of(order.broken()),
        order.circle(),
        order.circle().isEmpty()
            ? Order.sorted(plan).moves().stream().map(m -> m.id()).toList()
            : null);
  }
}
