package kitetail.formats.words;

import java.util.List;
import kitetail.plan.Finding;
import kitetail.plan.Order;
import kitetail.plan.Plan;

/** Findings in words: where, how much, and what to do; a message for each rule, by its id. */
record FindingWords(Words words, Plan plan) {
  private static final String ORDER = "order-";

  String say(Finding f) {
    if (f.rule().equals("order-circle")) {
      return Messages.say(
          "order.circle", "moves", Words.joined("then", f.with().stream().map(this::move)));
    }
    if (f.rule().startsWith(ORDER)) {
      return order(f.rule().substring(ORDER.length()), f.with().get(0), f.move());
    }
    return Messages.say(
        "finding." + f.rule(),
        "amount",
        amount(f),
        "where",
        words.place(f.place()),
        "with",
        f.rule().equals("ledge") || f.rule().equals("section-overlap") ? sections(f.with()) : "",
        "between",
        f.with().size() > 1 && !f.with().get(0).equals(f.with().get(1)),
        "below",
        f.amount() > 0,
        "side",
        Messages.say("cut.side." + (f.place().name().endsWith("LEFT") ? "LEFT" : "RIGHT")));
  }

  private String amount(Finding f) {
    return switch (f.unit()) {
      case MM -> words.units().length(Math.abs(f.amount()));
      case MM2 -> Messages.say("area", "cm2", Math.round(Math.max(1, f.amount() / 100)));
      case PERCENT -> Messages.say("percent", "percent", Math.round(f.amount()));
    };
  }

  String order(Order.Rule r) {
    return order(r.reason().id(), r.before(), r.then());
  }

  String order(String reason, String before, String then) {
    return Messages.say(
        "order.do",
        "before",
        move(before),
        "then",
        move(then),
        "why",
        Messages.say("order.why." + reason));
  }

  private String move(String id) {
    return Words.named(plan.move(id).name());
  }

  private String sections(List<String> ids) {
    return Words.joined("and", ids.stream().map(id -> Words.named(plan.section(id).name())));
  }
}
