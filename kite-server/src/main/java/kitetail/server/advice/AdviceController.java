package kitetail.server.advice;

import jakarta.validation.Valid;
import java.util.List;
import kitetail.formats.answer.DialsView;
import kitetail.formats.answer.FadeView;
import kitetail.formats.answer.FitView;
import kitetail.formats.answer.LadderView;
import kitetail.formats.answer.NextCutView;
import kitetail.formats.answer.OrderView;
import kitetail.formats.answer.RepairsView;
import kitetail.formats.answer.ReplanView;
import kitetail.formats.answer.RiskView;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.practice.PracticeBook;
import kitetail.server.security.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asks the engine for advice on a plan document or a client. */
@RestController
@RequestMapping("/api")
@EngineWork
class AdviceController {
  private final Advice advice;
  private final BiteAdvisor bites;
  private final AtTheChair chair;
  private final Ladders ladders;
  private final Fades fades;
  private final PracticeBook practice;

  AdviceController(
      Advice advice,
      BiteAdvisor bites,
      AtTheChair chair,
      Ladders ladders,
      Fades fades,
      PracticeBook practice) {
    this.practice = practice;
    this.advice = advice;
    this.bites = bites;
    this.chair = chair;
    this.ladders = ladders;
    this.fades = fades;
  }

  @PostMapping("/fit")
  FitView fit(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return advice.fitted(plan, me.reads());
  }

  @PostMapping("/risk")
  RiskView risk(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return advice.risk(plan, practice.hands(me));
  }

  @PostMapping("/bites")
  BiteAdvisor.BiteAdvice bites(
      @AuthenticationPrincipal Person me, @Valid @RequestBody BiteAdvisor.BiteAsked b) {
    return bites.of(b, practice.hands(me));
  }

  @PostMapping("/replan")
  ReplanView replan(@AuthenticationPrincipal Person me, @Valid @RequestBody AtTheChair.Measured m) {
    return chair.replan(m, me.reads());
  }

  @PostMapping("/repairs")
  RepairsView repairs(
      @AuthenticationPrincipal Person me, @Valid @RequestBody AtTheChair.Slipped s) {
    return chair.repairs(s, me.reads());
  }

  @PostMapping("/next-cut")
  NextCutView nextCut(@Valid @RequestBody AtTheChair.Now n) {
    return chair.next(n);
  }

  @PostMapping("/order")
  OrderView order(@RequestBody Plan plan) {
    return advice.order(plan);
  }

  /** The same cut with left and right changed over, on the same client. */
  @PostMapping("/mirror")
  Plan mirror(@RequestBody Plan plan) {
    return plan.mirroredCut();
  }

  @PostMapping("/ladder")
  LadderView ladder(@Valid @RequestBody Ladders.LadderAsked a) {
    return ladders.of(a);
  }

  @PostMapping("/telling")
  List<Advice.TellingPlace> telling(@AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return advice.telling(plan, practice.hands(me));
  }

  @PostMapping("/dials")
  DialsView dials(@RequestBody Plan plan) {
    return advice.dials(plan);
  }

  @PostMapping("/fades")
  FadeView fade(@Valid @RequestBody Fades.FadeAsked a) {
    return fades.of(a);
  }
}
