package kitetail.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import kitetail.formats.json.PlanJson;
import kitetail.formats.words.Refused;
import kitetail.plan.Plan;
import kitetail.server.answer.Added;
import kitetail.server.error.NotFoundException;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A plan's versions: kept under a name, listed, read again. */
@RestController
@RequestMapping("/api/plans/{planId}/versions")
class VersionController {
  private final PlanRepository plans;
  private final VersionRepository versions;
  private final Clock clock;

  VersionController(PlanRepository plans, VersionRepository versions, Clock clock) {
    this.plans = plans;
    this.versions = versions;
    this.clock = clock;
  }

  record Keep(@NotBlank @Size(max = 80) String name, @NotNull Plan document) {}

  @GetMapping
  List<VersionRepository.VersionRow> all(
      @AuthenticationPrincipal Person me, @PathVariable long planId) {
    plans.get(me.shopId(), planId);
    return versions.ofPlan(me.shopId(), planId);
  }

  @GetMapping("/{id}")
  Plan one(@AuthenticationPrincipal Person me, @PathVariable long planId, @PathVariable long id) {
    return versions
        .document(me.shopId(), planId, id)
        .map(PlanJson::read)
        .orElseThrow(() -> new NotFoundException(Refused.because("no-such-version")));
  }

  /** What stands on the page, so that nothing has to be saved first. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Added keep(
      @AuthenticationPrincipal Person me, @PathVariable long planId, @Valid @RequestBody Keep k) {
    plans.get(me.shopId(), planId);
    String document = PlanJson.write(k.document());
    return new Added(
        versions.keep(planId, k.name().strip(), document, me.id(), OffsetDateTime.now(clock)));
  }
}
