package kitetail.server.school;

import kitetail.plan.Plan;
import kitetail.plan.School;
import kitetail.server.answer.EngineWork;
import kitetail.server.plan.PlanRepository;
import kitetail.server.practice.PracticeBook;
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
  private final SchoolRepository schools;
  private final SchoolBook book;
  private final PlanRepository plans;
  private final PracticeBook practice;

  SchoolController(
      SchoolRepository schools, SchoolBook book, PlanRepository plans, PracticeBook practice) {
    this.practice = practice;
    this.schools = schools;
    this.book = book;
    this.plans = plans;
  }

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
  SchoolBook.Costs costs(
      @AuthenticationPrincipal Person me, @RequestParam(required = false) Long plan) {
    Plan shown = plan == null ? null : plans.get(me.shopId(), plan).plan();
    return book.costs(shown, schools.of(me.id()), practice.hands(me));
  }
}
