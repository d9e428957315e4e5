package kitetail.server.school;

import java.util.List;
import kitetail.fit.Planner;
import kitetail.formats.json.Families;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.plan.School;
import kitetail.plan.SitDown;
import kitetail.remedy.SchoolCosts;
import kitetail.risk.Hands;
import kitetail.server.advice.Advice;
import kitetail.server.answer.EngineWork;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.plan.PlanRepository;
import kitetail.server.proposal.SchoolRepository;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A person's own way of working, and what each way costs on one head. */
@RestController
@RequestMapping("/api/school")
class SchoolController {
  private static final String SHOWN_ON = "gents-scissor-cut";

  private final SchoolRepository schools;
  private final Advice advice;
  private final Kept<Priced, List<SchoolCosts.Cost>> costs = new Kept<>(Share.COSTS);
  private final PlanRepository plans;

  SchoolController(SchoolRepository schools, Advice advice, PlanRepository plans) {
    this.schools = schools;
    this.advice = advice;
    this.plans = plans;
  }

  /** {@code minutes}, {@code driftMm} and {@code grams} more than as it is worked now. */
  record CostRow(String about, String choice, double minutes, double driftMm, double grams) {}

  /** {@code title} of the plan the costs are told of. */
  record Costs(String title, List<CostRow> ways) {}

  @GetMapping
  School mine(@AuthenticationPrincipal Person me) {
    return schools.of(me.id());
  }

  /** Kept for the person who is signed in; plans proposed from now on are worked so. */
  @Needs(Right.SEE)
  @PutMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void save(@AuthenticationPrincipal Person me, @RequestBody School school) {
    schools.save(me.id(), school);
  }

  /**
   * What every choice costs.
   *
   * @param plan on whose head; a walk-in's usual one when left out
   */
  @EngineWork
  @GetMapping("/costs")
  Costs costs(@AuthenticationPrincipal Person me, @RequestParam(required = false) Long plan) {
    Plan shown = plan == null ? usual().plan() : plans.get(me.shopId(), plan).plan();
    School own = schools.of(me.id());
    return new Costs(
        shown.title(),
        costs
            .get(
                new Priced(shown, own),
                k -> SchoolCosts.of(shown, own, advice.few(shown.head()), Hands.USUAL))
            .stream()
            .map(
                c ->
                    new CostRow(
                        c.way().about(),
                        PlanJson.name(c.way().choice()),
                        c.minutes(),
                        c.driftMm(),
                        c.grams()))
            .toList());
  }

  private record Priced(Plan plan, School own) {}

  private Planner.Fit usual() {
    return advice.fit(SitDown.walkIn().planOf(Families.all().get(SHOWN_ON)));
  }
}
