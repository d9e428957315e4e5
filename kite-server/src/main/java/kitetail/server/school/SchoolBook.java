package kitetail.server.school;

import java.util.List;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.plan.School;
import kitetail.plan.SitDown;
import kitetail.planning.Hands;
import kitetail.planning.Planner;
import kitetail.planning.SchoolCosts;
import kitetail.server.advice.Advice;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What each way of working costs on one head. */
@Component
class SchoolBook {
  private static final String SHOWN_ON = "gents-scissor-cut";

  private final Advice advice;
  private final Kept<Priced, List<SchoolCosts.Cost>> costs = new Kept<>(Share.COSTS);

  SchoolBook(Advice advice) {
    this.advice = advice;
  }

  private record Priced(Plan plan, School own, Hands hands) {}

  /** {@code minutes}, {@code driftMm} and {@code grams} more than as it is worked now. */
  record CostRow(String about, String choice, double minutes, double driftMm, double grams) {}

  /** {@code title} of the plan the costs are told of. */
  record Costs(String title, List<CostRow> ways) {}

  /**
   * What every choice costs.
   *
   * @param plan on whose head; null for a walk-in's usual one
   * @param hands under which a drift is tried
   */
  Costs costs(@Nullable Plan plan, School own, Hands hands) {
    Plan shown = plan == null ? usual().plan() : plan;
    return new Costs(
        shown.title(),
        costs.get(new Priced(shown, own, hands), this::priced).stream()
            .map(SchoolBook::row)
            .toList());
  }

  private List<SchoolCosts.Cost> priced(Priced p) {
    return SchoolCosts.of(p.plan, p.own, advice.few(p.plan.head()), p.hands);
  }

  private static CostRow row(SchoolCosts.Cost c) {
    return new CostRow(
        c.way().about(), PlanJson.name(c.way().choice()), c.minutes(), c.driftMm(), c.grams());
  }

  private Planner.Fit usual() {
    return advice.fit(SitDown.walkIn().planOf(Families.all().get(SHOWN_ON)));
  }
}
