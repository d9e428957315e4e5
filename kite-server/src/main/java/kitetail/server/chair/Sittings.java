package kitetail.server.chair;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kitetail.formats.json.ChairJson;
import kitetail.hair.StartingHair;
import kitetail.plan.Plan;
import kitetail.planning.HairToGo;
import kitetail.server.advice.Advice;
import kitetail.server.client.CutToday;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.Times;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import kitetail.shopday.Entry;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Sittings: begun once, and what devices write down in them. */
@Component
class Sittings {
  private static final int MOST = 500;

  private final SittingRepository sittings;
  private final PlanRepository plans;
  private final SitDownRepository sitDowns;
  private final Advice advice;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  Sittings(
      SittingRepository sittings,
      PlanRepository plans,
      SitDownRepository sitDowns,
      Advice advice,
      ApplicationEventPublisher events,
      Clock clock) {
    this.events = events;
    this.advice = advice;
    this.sittings = sittings;
    this.plans = plans;
    this.sitDowns = sitDowns;
    this.clock = clock;
  }

  /**
   * @param token made by the device, so that a sitting begun twice is one
   * @param sentAt by the device's clock; where it is given, times are the server's
   */
  record Begin(
      @NotNull UUID token, @NotNull OffsetDateTime startedAt, @Nullable OffsetDateTime sentAt) {}

  /**
   * @param id rises in the order entries came in
   * @param number of the device's own entries, from 0
   */
  record EntryRow(long id, UUID device, int number, OffsetDateTime at, Entry entry) {}

  /**
   * @param token null until it has begun
   * @param startedAt null until it has begun
   * @param document the plan it began with, or the one it would begin with
   * @param weeksToGo until the client's hair is what the plan starts from; 0 when it is there
   */
  record SittingView(
      @Nullable UUID token,
      long planId,
      @Nullable OffsetDateTime startedAt,
      OffsetDateTime serverAt,
      Plan document,
      List<EntryRow> entries,
      double weeksToGo) {}

  record Written(
      @Min(0) @Max(100_000) int number, @NotNull OffsetDateTime at, @NotNull Entry entry) {}

  /**
   * @param sentAt by the device's clock; where it is given, entries are put in the server's time
   */
  record Writing(
      @NotNull UUID device,
      @Nullable OffsetDateTime sentAt,
      @NotNull @Size(min = 1, max = MOST) List<@Valid Written> entries) {}

  /**
   * @param stored how many of the device's entries are stored
   */
  record StoredSoFar(int stored) {}

  /**
   * The sitting of a plan as it stands, or as it would begin. Looking begins none.
   *
   * @throws FieldException when something noted on the skin stops it
   */
  SittingView look(Person me, long planId) {
    PlanRepository.Stored stored = plans.get(me.shopId(), planId);
    Optional<SitDownRepository.Stored> sat = mayBeCut(me, stored);
    return view(sittings.running(planId), stored, sat);
  }

  /**
   * @throws FieldException when something noted on the skin stops it, or it began in the future
   */
  SittingView begin(Person me, long planId, Begin b) {
    PlanRepository.Stored stored = plans.get(me.shopId(), planId);
    Optional<SitDownRepository.Stored> sat = mayBeCut(me, stored);
    OffsetDateTime startedAt = b.startedAt().minus(aheadMs(b.sentAt()), ChronoUnit.MILLIS);
    Times.done("$.startedAt", startedAt, OffsetDateTime.now(clock));
    SittingRepository.Begun begun = sittings.begin(planId, me.id(), b.token(), startedAt);
    if (begun.anew()) {
      events.publishEvent(new SittingBegun(me, planId, stored.clientId(), startedAt));
    }
    return view(Optional.of(begun.sitting()), stored, sat);
  }

  private Optional<SitDownRepository.Stored> mayBeCut(Person me, PlanRepository.Stored stored) {
    CutToday.check(stored.plan());
    Optional<SitDownRepository.Stored> sat = sitDowns.newest(me.shopId(), stored.clientId());
    sat.ifPresent(s -> CutToday.check(s.sitDown()));
    return sat;
  }

  private SittingView view(
      Optional<SittingRepository.Head> running,
      PlanRepository.Stored stored,
      Optional<SitDownRepository.Stored> sat) {
    SittingRepository.Head h = running.orElse(null);
    return new SittingView(
        h == null ? null : h.token(),
        stored.id(),
        h == null ? null : h.startedAt(),
        OffsetDateTime.now(clock),
        h == null ? stored.plan() : h.plan(),
        h == null ? List.of() : rows(h.token(), 0),
        sat.map(s -> weeksToGo(stored.plan(), s)).orElse(0.0));
  }

  /** Until today's hair, grown since it was looked at, is what the plan starts from. */
  private double weeksToGo(Plan plan, SitDownRepository.Stored s) {
    double days =
        Math.max(0, Duration.between(s.createdAt().toInstant(), clock.instant()).toHours() / 24.0);
    StartingHair today = s.sitDown().start().later(days, s.sitDown().hair().growthMmPerDay());
    return HairToGo.weeks(plan, today, advice.places(plan.head()));
  }

  /** What came in after an entry, from every device. */
  List<EntryRow> after(Person me, UUID token, long after) {
    sittings.get(me.shopId(), token);
    return rows(token, after);
  }

  /**
   * @throws FieldException when numbers do not follow each other, or something was done in the
   *     future
   */
  StoredSoFar add(Person me, UUID token, Writing w) {
    sittings.get(me.shopId(), token);
    List<SittingRepository.Sent> sent =
        w.entries().stream()
            .map(e -> new SittingRepository.Sent(e.number(), e.at(), e.entry()))
            .toList();
    OffsetDateTime last = OffsetDateTime.now(clock).plus(aheadMs(w.sentAt()), ChronoUnit.MILLIS);
    for (int i = 0; i < sent.size(); i++) {
      Times.done("$.entries[" + i + "].at", sent.get(i).at(), last);
    }
    for (int i = 1; i < sent.size(); i++) {
      if (sent.get(i).number() != sent.get(i - 1).number() + 1) {
        throw new FieldException(
            "$.entries[" + i + "].number",
            Integer.toString(sent.get(i).number()),
            "allowed " + (sent.get(i - 1).number() + 1) + ", one after the other");
      }
    }
    SittingRepository.From from =
        new SittingRepository.From(w.device(), me.id(), aheadMs(w.sentAt()));
    return new StoredSoFar(sittings.add(token, from, sent));
  }

  /** How far a device's clock is ahead of the server's; 0 where it does not say. */
  private long aheadMs(@Nullable OffsetDateTime sentAt) {
    return sentAt == null ? 0 : Duration.between(clock.instant(), sentAt).toMillis();
  }

  private List<EntryRow> rows(UUID token, long after) {
    return sittings.entries(token, after).stream()
        .map(s -> new EntryRow(s.id(), s.device(), s.number(), s.at(), ChairJson.entry(s.entry())))
        .toList();
  }
}
