package kitetail.server.kit;

import jakarta.validation.Valid;
import kitetail.server.answer.Added;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tools, what they need before the next client, and what was done to them. */
@RestController
@RequestMapping("/api/kit")
class KitController {
  private final KitBook kit;
  private final PlanRepository plans;

  KitController(KitBook kit, PlanRepository plans) {
    this.kit = kit;
    this.plans = plans;
  }

  /**
   * @param clientId who is next; left out, everybody is
   * @param planId of the plan to be cut; left out, every tool is asked for
   */
  @GetMapping
  KitBook.Kit all(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) Long clientId,
      @RequestParam(required = false) Long planId) {
    return kit.of(
        me.shopId(), clientId, planId == null ? null : plans.get(me.shopId(), planId).plan());
  }

  @Needs(Right.CARE)
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody KitBook.NewTool t) {
    return new Added(kit.add(me.shopId(), t));
  }

  @Needs(Right.CARE)
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void set(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @Valid @RequestBody KitBook.NewTool t) {
    kit.set(me.shopId(), id, t);
  }

  @Needs(Right.CARE)
  @PostMapping("/{id}/events")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void did(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @Valid @RequestBody KitBook.DidTo d) {
    kit.did(me.shopId(), id, d, me.id());
  }
}
