package kitetail.edit;

import java.util.List;
import kitetail.plan.Order;

/** A change the rules of order do not allow; it says which. */
public final class RefusedException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<Order.Rule> rules;

  RefusedException(List<Order.Rule> rules) {
    super("refused by " + rules.stream().map(r -> r.reason().id()).distinct().toList());
    this.rules = List.copyOf(rules);
  }

  public List<Order.Rule> rules() {
    return rules;
  }
}
