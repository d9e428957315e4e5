package kitetail.check;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Order;
import kitetail.plan.Outcome;

/** The order rules, each by an id of its own. */
final class OrderKept implements Rule {
  private static final String CIRCLE = "order-circle";

  @Override
  public String id() {
    return "order";
  }

  @Override
  public List<String> finds() {
    return Stream.concat(
            Stream.of(CIRCLE), Arrays.stream(Order.Reason.values()).map(OrderKept::named))
        .toList();
  }

  private static String named(Order.Reason r) {
    return "order-" + r.id();
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public Severity severity(String finding) {
    return finding.equals(CIRCLE) ? Severity.STOP : Severity.WARN;
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
      out.as(named(r.reason()), r.then(), e.where(step), List.of(r.before()));
    }
    if (!order.circle().isEmpty()) {
      out.as(CIRCLE, order.circle().get(0), Place.APEX, order.circle());
    }
  }

  @Override
  public Optional<Remedy> remedy(Evidence e, Finding f) {
    return Order.of(e.plan()).circle().isEmpty()
        ? Reworked.worked(Order.sorted(e.plan()))
        : Optional.empty();
  }
}
