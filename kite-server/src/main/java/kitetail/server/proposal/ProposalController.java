package kitetail.server.proposal;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.plan.Plan;
import kitetail.server.answer.Added;
import kitetail.server.answer.EngineWork;
import kitetail.server.answer.Lines;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.CutToday;
import kitetail.server.client.SitDownRepository;
import kitetail.server.family.FamilyBook;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What a client is offered, and the plan made of it. */
@RestController
@RequestMapping("/api")
class ProposalController {
  private final Proposals proposals;
  private final FamilyBook families;
  private final ClientRepository clients;
  private final SitDownRepository sitDowns;
  private final PlanRepository plans;
  private final Heads heads;
  private final Lines lines;
  private final Clock clock;

  ProposalController(
      Proposals proposals,
      FamilyBook families,
      ClientRepository clients,
      SitDownRepository sitDowns,
      PlanRepository plans,
      Heads heads,
      Lines lines,
      Clock clock) {
    this.proposals = proposals;
    this.families = families;
    this.clients = clients;
    this.sitDowns = sitDowns;
    this.plans = plans;
    this.heads = heads;
    this.lines = lines;
    this.clock = clock;
  }

  /** Either a family's id or a whole document to take in. */
  record NewPlan(@Nullable String family, @Nullable Plan document) {}

  /**
   * Today's cut, then every family on a client, best first: one JSON object a line, {@code
   * {"done":3,"of":20}} while it goes on and the ranking as the last line.
   */
  @EngineWork
  @GetMapping(value = "/clients/{id}/ranking", produces = Lines.TYPE)
  ResponseEntity<StreamingResponseBody> rank(
      @AuthenticationPrincipal Person me, @PathVariable long id) {
    clients.get(me.shopId(), id);
    List<Plan> all = families.all(me.shopId());
    return lines.of(out -> out.line(proposals.ranking(me, id, all, n -> out.done(n, all.size()))));
  }

  /**
   * A plan from a document, or of a shape. What was proposed before and stands untouched is not
   * made a second time.
   */
  @EngineWork
  @Needs(Right.CUT)
  @PostMapping("/clients/{clientId}/plans")
  @ResponseStatus(HttpStatus.CREATED)
  Added add(
      @AuthenticationPrincipal Person me, @PathVariable long clientId, @RequestBody NewPlan n) {
    clients.get(me.shopId(), clientId);
    CutToday.check(sitDowns.latest(me.shopId(), clientId));
    OffsetDateTime now = OffsetDateTime.now(clock);
    if (n.document() != null) {
      heads.check(n.document());
      return new Added(plans.add(clientId, n.document(), now));
    }
    Plan proposed = proposals.plan(me, clientId, n.family());
    return new Added(
        plans.untouched(clientId, proposed).orElseGet(() -> plans.add(clientId, proposed, now)));
  }

  /** A shape as it is proposed to a client, without making a plan of it. */
  @EngineWork
  @GetMapping("/clients/{clientId}/families/{family}")
  Plan fitted(
      @AuthenticationPrincipal Person me,
      @PathVariable long clientId,
      @PathVariable String family) {
    clients.get(me.shopId(), clientId);
    return proposals.plan(me, clientId, family);
  }
}
