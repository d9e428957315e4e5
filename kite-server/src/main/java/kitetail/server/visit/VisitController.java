package kitetail.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.UUID;
import kitetail.server.chair.SittingRepository;
import kitetail.server.error.FieldException;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Finishing a visit. */
@RestController
class VisitController {
  private final VisitRepository visits;
  private final PlanRepository plans;
  private final SittingRepository sittings;

  VisitController(VisitRepository visits, PlanRepository plans, SittingRepository sittings) {
    this.visits = visits;
    this.plans = plans;
    this.sittings = sittings;
  }

  record NewVisit(
      @NotNull(message = "must be given") UUID token,
      @NotNull(message = "must be given") Long planId,
      @NotNull(message = "must be given") OffsetDateTime startedAt,
      @NotNull(message = "must be given") OffsetDateTime finishedAt,
      @Min(value = 0, message = "allowed 0 or more") int movesDone,
      @Size(max = 2000, message = "allowed 0 to 2000 characters") String remarks) {}

  record Added(long id) {}

  @PostMapping("/api/visits")
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @Valid @RequestBody NewVisit v) {
    plans.get(me.shopId(), v.planId());
    if (v.finishedAt().isBefore(v.startedAt())) {
      throw new FieldException(
          "$.finishedAt", v.finishedAt().toString(), "allowed from " + v.startedAt() + " on");
    }
    return new Added(
        visits.add(
            v.token(),
            v.planId(),
            sittings.cut(me.shopId(), v.token()),
            me.id(),
            v.startedAt(),
            v.finishedAt(),
            v.movesDone(),
            v.remarks() == null ? "" : v.remarks()));
  }
}
