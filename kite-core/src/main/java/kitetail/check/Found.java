package kitetail.check;

import java.util.ArrayList;
import java.util.List;
import kitetail.head.Place;
import kitetail.plan.Finding;
import kitetail.plan.Finding.Severity;
import kitetail.plan.Finding.Unit;

/** Where rules put what they find. */
final class Found {
  private final List<Finding> all = new ArrayList<>();
  private Rule rule;

  void of(Rule r) {
    rule = r;
  }

  void add(String move, Place place, double mm) {
    add(rule.severity(), move, place, mm);
  }

  void add(String move, Place place, double amount, Unit unit, List<String> with) {
    all.add(new Finding(rule.id(), rule.severity(), move, place, amount, unit, with));
  }

  /** Less grave here than the rule may be. */
  void add(Severity severity, String move, Place place, double mm) {
    all.add(new Finding(rule.id(), severity, move, place, mm));
  }

  /** By a rule that stands for several, each with an id of its own. */
  void as(String id, String move, Place place, List<String> with) {
    all.add(new Finding(id, rule.severity(id), move, place, 0, Unit.MM, with));
  }

  List<Finding> all() {
    return all;
  }
}
