package kitetail.server.trail;

import java.util.List;
import kitetail.server.client.ClientRepository;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who did what with a client, a plan, a visit; the newest first. */
@RestController
@RequestMapping("/api")
class TrailController {
  private final Trail trail;
  private final ClientRepository clients;
  private final PlanRepository plans;
  private final VisitRepository visits;

  TrailController(
      Trail trail, ClientRepository clients, PlanRepository plans, VisitRepository visits) {
    this.trail = trail;
    this.clients = clients;
    this.plans = plans;
    this.visits = visits;
  }

  @GetMapping("/clients/{id}/trail")
  List<Trail.TrailLine> client(@AuthenticationPrincipal Person me, @PathVariable long id) {
    clients.get(me.shopId(), id);
    return trail.of(Trail.Of.CLIENT, id);
  }

  @GetMapping("/plans/{id}/trail")
  List<Trail.TrailLine> plan(@AuthenticationPrincipal Person me, @PathVariable long id) {
    plans.get(me.shopId(), id);
    return trail.of(Trail.Of.PLAN, id);
  }

  @GetMapping("/visits/{id}/trail")
  List<Trail.TrailLine> visit(@AuthenticationPrincipal Person me, @PathVariable long id) {
    visits.get(me.shopId(), id);
    return trail.of(Trail.Of.VISIT, id);
  }
}
