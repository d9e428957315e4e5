package kitetail.server.visit;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.planning.Outgrown;
import kitetail.server.chair.SittingRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.Times;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.practice.PracticeBook;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finishing visits. */
@Component
class Visits {
  private final VisitRepository visits;
  private final PlanRepository plans;
  private final SittingRepository sittings;
  private final Heads heads;
  private final PracticeBook practice;
  private final Clock clock;

  Visits(
      VisitRepository visits,
      PlanRepository plans,
      SittingRepository sittings,
      Heads heads,
      PracticeBook practice,
      Clock clock) {
    this.practice = practice;
    this.visits = visits;
    this.plans = plans;
    this.sittings = sittings;
    this.heads = heads;
    this.clock = clock;
  }

  record NewVisit(
      @NotNull UUID token,
      @NotNull Long planId,
      @NotNull OffsetDateTime startedAt,
      @NotNull OffsetDateTime finishedAt,
      @Size(max = 2000) @Nullable String remarks,
      @Min(0) @Max(100_000_000) @Nullable Long priceCents) {}

  /**
   * Kept once for a token, with the plan as it was cut and the moves done as they were written
   * down.
   *
   * @return its number
   * @throws FieldException when it ended before it began or in the future
   */
  long finish(long shopId, long personId, NewVisit v) {
    Plan planned = plans.get(shopId, v.planId()).plan();
    OffsetDateTime now = OffsetDateTime.now(clock);
    Times.done("$.startedAt", v.startedAt(), now);
    Times.done("$.finishedAt", v.finishedAt(), now);
    SittingRepository.Cut cut = sittings.cut(shopId, v.token(), v.planId());
    OffsetDateTime startedAt = cut == null ? v.startedAt() : cut.startedAt();
    if (v.finishedAt().isBefore(startedAt)) {
      throw new FieldException(
          "$.finishedAt", v.finishedAt().toString(), "allowed from " + startedAt + " on");
    }
    Plan done = cut == null ? planned : cut.stands().plan();
    Outcome outcome = heads.run(done);
    long id =
        visits.add(
            v.token(),
            v.planId(),
            cut == null ? null : done,
            personId,
            startedAt,
            v.finishedAt(),
            cut == null ? 0 : (int) Math.round(cut.stands().pausedSec()),
            cut == null ? 0 : cut.stands().movesDone(),
            v.remarks() == null ? "" : v.remarks(),
            returnOn(done, outcome, v.finishedAt()),
            v.priceCents());
    if (cut != null) {
      practice.visited(id, personId, v.finishedAt(), outcome, cut.stands());
    }
    return id;
  }

  /** The day from which coming back makes sense. */
  private static LocalDate returnOn(Plan plan, Outcome outcome, OffsetDateTime finishedAt) {
    double weeks = Outgrown.of(plan, outcome).returnFrom();
    return finishedAt.toLocalDate().plusDays(Math.round(7 * weeks));
  }
}
