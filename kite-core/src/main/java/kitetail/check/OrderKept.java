package kitetail.check;

import java.util.List;
import kitetail.head.Place;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Order;
import kitetail.plan.Outcome;

/** The order rules, each by an id of its own. */
final class OrderKept implements Rule {
  @Override
  public String id() {
    return "order";
  }

  @Override
  public void find(Evidence e, Found out) {
    Order order = Order.of(e.plan());
    for (Order.Rule r : order.broken()) {
      Outcome.Step step =
          e.outcome().steps().stream()
              .filter(s -> s.move().id().equals(r.then()))
              .findFirst()
              .orElseThrow();
      out.as("order-" + r.id(), Severity.WARN, r.then(), e.where(step), List.of(r.before()));
    }
    if (!order.circle().isEmpty()) {
      out.as("order-circle", Severity.STOP, order.circle().get(0), Place.APEX, order.circle());
    }
  }
}
