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
import java.util.UUID;
import kitetail.chair.Entry;
import kitetail.formats.json.ChairJson;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.server.client.CutToday;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.Times;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Begins a sitting and takes in what devices write down in it. */
@RestController
@RequestMapping("/api")
class SittingController {
  private static final int MOST = 500;

  private final SittingRepository sittings;
  private final PlanRepository plans;
  private final SitDownRepository sitDowns;
  private final Clock clock;

  SittingController(
      SittingRepository sittings, PlanRepository plans, SitDownRepository sitDowns, Clock clock) {
    this.clock = clock;
    this.sittings = sittings;
    this.plans = plans;
    this.sitDowns = sitDowns;
  }

  /**
   * @param token made by the device, so that a sitting begun twice is one
   * @param sentAt by the device's clock; where it is given, times are the server's
   */
  record Begin(
      @NotNull(message = "must be given") UUID token,
      @NotNull(message = "must be given") OffsetDateTime startedAt,
      @Nullable OffsetDateTime sentAt) {}

  /**
   * @param id rises in the order entries came in
   * @param number of the device's own entries, from 0
   */
  record EntryRow(long id, UUID device, int number, OffsetDateTime at, Entry entry) {}

  record SittingView(
      UUID token,
      long planId,
      OffsetDateTime startedAt,
      OffsetDateTime serverAt,
      Plan document,
      List<EntryRow> entries) {}

  record Written(
      @Min(value = 0, message = "allowed 0 or more")
          @Max(value = 100_000, message = "allowed up to 100000")
          int number,
      @NotNull(message = "must be given") OffsetDateTime at,
      @NotNull(message = "must be given") Entry entry) {}

  /**
   * @param sentAt by the device's clock; where it is given, entries are put in the server's time
   */
  record Writing(
      @NotNull(message = "must be given") UUID device,
      @Nullable OffsetDateTime sentAt,
      @NotNull(message = "must be given")
          @Size(min = 1, max = MOST, message = "allowed 1 to 500 entries")
          List<@Valid Written> entries) {}

  /**
   * @param stored how many of the device's entries are stored
   */
  record StoredSoFar(int stored) {}

  @PostMapping("/plans/{planId}/sitting")
  SittingView begin(
      @AuthenticationPrincipal Person me, @PathVariable long planId, @Valid @RequestBody Begin b) {
    PlanRepository.Stored stored = plans.get(me.shopId(), planId);
    CutToday.check(stored.plan().cautions());
    sitDowns
        .newest(me.shopId(), stored.clientId())
        .ifPresent(s -> CutToday.check(s.sitDown().cautions()));
    OffsetDateTime startedAt = b.startedAt().minus(aheadMs(b.sentAt()), ChronoUnit.MILLIS);
    Times.done("$.startedAt", startedAt, OffsetDateTime.now(clock));
    SittingRepository.Head h = sittings.begin(planId, me.id(), b.token(), startedAt);
    return new SittingView(
        h.token(),
        h.planId(),
        h.startedAt(),
        OffsetDateTime.now(clock),
        PlanJson.read(h.document()),
        rows(h.token(), 0));
  }

  /** What came in after an entry, from every device. */
  @GetMapping("/sittings/{token}/entries")
  List<EntryRow> entries(
      @AuthenticationPrincipal Person me,
      @PathVariable UUID token,
      @RequestParam(defaultValue = "0") long after) {
    sittings.get(me.shopId(), token);
    return rows(token, after);
  }

  @PostMapping("/sittings/{token}/entries")
  StoredSoFar add(
      @AuthenticationPrincipal Person me, @PathVariable UUID token, @Valid @RequestBody Writing w) {
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
  private long aheadMs(OffsetDateTime sentAt) {
    return sentAt == null ? 0 : Duration.between(clock.instant(), sentAt).toMillis();
  }

  @ExceptionHandler
  ProblemDetail other(SittingRepository.OtherException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail gap(SittingRepository.GapException e) {
    ProblemDetail p = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    p.setProperty("stored", e.expected);
    return p;
  }

  private List<EntryRow> rows(UUID token, long after) {
    return sittings.entries(token, after).stream()
        .map(s -> new EntryRow(s.id(), s.device(), s.number(), s.at(), ChairJson.entry(s.entry())))
        .toList();
  }
}
