package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.head.Heads;
import kitetail.server.plan.PlanRepository;
import kitetail.server.security.Person;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is in which chair when. */
@RestController
@RequestMapping("/api")
class DiaryController {
  /** Where the plan does not say; an assumption. */
  private static final int USUAL_MINUTES = 45;

  /** Cape off, chair and tools cleaned, the next client seated; an assumption. */
  private static final int BETWEEN_MINUTES = 10;

  private static final int ROUNDED_TO = 5;

  private static final int DAYS_SEARCHED = 28;

  /** Times offered, every quarter of an hour; an assumption until a shop tells its hours. */
  private static final List<LocalTime> OPEN =
      Stream.iterate(LocalTime.of(9, 0), t -> t.plusMinutes(15)).limit(36).toList();

  private static final LocalTime SHUTS = LocalTime.of(18, 0);

  private final AppointmentRepository appointments;
  private final ClientRepository clients;
  private final PlanRepository plans;
  private final Heads heads;
  private final Clock clock;

  DiaryController(
      AppointmentRepository appointments,
      ClientRepository clients,
      PlanRepository plans,
      Heads heads,
      Clock clock) {
    this.appointments = appointments;
    this.clients = clients;
    this.plans = plans;
    this.heads = heads;
    this.clock = clock;
  }

  record Today(
      LocalDate date,
      String shop,
      String zone,
      OffsetDateTime now,
      List<AppointmentRepository.Appointment> appointments) {}

  /**
   * @param days with the appointments of all chairs, in order
   */
  record Diary(
      LocalDate from,
      String zone,
      OffsetDateTime now,
      List<AppointmentRepository.Chair> chairs,
      List<AppointmentRepository.Appointment> appointments) {}

  /**
   * @param minutes left out, the plan's own time with clean-up, or the usual one
   */
  record Booking(
      @NotNull(message = "must be given") Long personId,
      @NotNull(message = "must be given") Long clientId,
      Long planId,
      @NotNull(message = "must be given") OffsetDateTime startsAt,
      @Min(value = 5, message = "allowed 5 to 480") @Max(value = 480, message = "allowed 5 to 480")
          Integer minutes,
      @Size(max = 400, message = "allowed 0 to 400 characters") String note) {}

  record Moved(
      @NotNull(message = "must be given") Long version,
      @NotNull(message = "must be given") Long personId,
      @NotNull(message = "must be given") OffsetDateTime startsAt,
      @NotNull(message = "must be given")
          @Min(value = 5, message = "allowed 5 to 480")
          @Max(value = 480, message = "allowed 5 to 480")
          Integer minutes) {}

  record Booked(long id) {}

  record Version(long version) {}

  @GetMapping("/today")
  Today today(@AuthenticationPrincipal Person me) {
    AppointmentRepository.Shop shop = appointments.shop(me.shopId());
    ZoneId zone = ZoneId.of(shop.zone());
    LocalDate date = LocalDate.now(clock.withZone(zone));
    return new Today(
        date,
        shop.name(),
        shop.zone(),
        OffsetDateTime.now(clock.withZone(zone)),
        days(me.shopId(), zone, date, 1));
  }

  @GetMapping("/diary")
  Diary diary(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) LocalDate from,
      @RequestParam(defaultValue = "1") int days) {
    if (days < 1 || days > 31) {
      throw new FieldException("days", Integer.toString(days), "allowed 1 to 31");
    }
    AppointmentRepository.Shop shop = appointments.shop(me.shopId());
    ZoneId zone = ZoneId.of(shop.zone());
    LocalDate first = from == null ? LocalDate.now(clock.withZone(zone)) : from;
    return new Diary(
        first,
        shop.zone(),
        OffsetDateTime.now(clock.withZone(zone)),
        appointments.chairs(me.shopId()),
        days(me.shopId(), zone, first, days));
  }

  private List<AppointmentRepository.Appointment> days(
      long shop, ZoneId zone, LocalDate from, int days) {
    return appointments.between(
        shop,
        from.atStartOfDay(zone).toOffsetDateTime(),
        from.plusDays(days).atStartOfDay(zone).toOffsetDateTime());
  }

  @PostMapping("/appointments")
  @ResponseStatus(HttpStatus.CREATED)
  Booked book(@AuthenticationPrincipal Person me, @Valid @RequestBody Booking b) {
    clients.get(me.shopId(), b.clientId());
    chair(me, b.personId());
    if (b.planId() != null && plans.get(me.shopId(), b.planId()).clientId() != b.clientId()) {
      throw new FieldException(
          "$.planId", Long.toString(b.planId()), "allowed is a plan of this client");
    }
    int minutes = b.minutes() != null ? b.minutes() : minutes(me, b.planId());
    return new Booked(
        appointments.book(
            me.shopId(),
            new AppointmentRepository.Slot(
                b.personId(),
                b.clientId(),
                b.planId(),
                b.startsAt(),
                b.startsAt().plusMinutes(minutes),
                b.note() == null ? "" : b.note())));
  }

  /**
   * The time a plan takes by the stylist's own pace, drying among its moves, and what comes after.
   */
  private int minutes(Person me, Long planId) {
    if (planId == null) {
      return USUAL_MINUTES;
    }
    double cut = heads.run(plans.get(me.shopId(), planId).plan()).minutes();
    return (int) Math.ceil((cut + BETWEEN_MINUTES) / ROUNDED_TO) * ROUNDED_TO;
  }

  /** A free time of a chair. */
  record Free(long personId, String stylist, OffsetDateTime startsAt, int minutes) {}

  /**
   * The first day from a date on with room for a plan in one's own chair, at the time of day
   * nearest to now.
   */
  @GetMapping("/diary/free")
  Free free(
      @AuthenticationPrincipal Person me, @RequestParam long planId, @RequestParam LocalDate from) {
    ZoneId zone = ZoneId.of(appointments.shop(me.shopId()).zone());
    int minutes = minutes(me, planId);
    LocalTime now = LocalTime.now(clock.withZone(zone));
    for (int d = 0; d < DAYS_SEARCHED; d++) {
      LocalDate day = from.plusDays(d);
      List<AppointmentRepository.Appointment> taken =
          days(me.shopId(), zone, day, 1).stream().filter(a -> a.personId() == me.id()).toList();
      OffsetDateTime at =
          OPEN.stream()
              .filter(t -> !t.plusMinutes(minutes).isAfter(SHUTS))
              .sorted(Comparator.comparingLong(t -> Math.abs(Duration.between(now, t).toMinutes())))
              .map(t -> day.atTime(t).atZone(zone).toOffsetDateTime())
              .filter(
                  t ->
                      taken.stream()
                          .noneMatch(
                              a ->
                                  a.startsAt().isBefore(t.plusMinutes(minutes))
                                      && t.isBefore(a.endsAt())))
              .findFirst()
              .orElse(null);
      if (at != null) {
        return new Free(me.id(), me.name(), at, minutes);
      }
    }
    throw new NotFoundException(
        "No time is free in your chair within " + DAYS_SEARCHED + " days of " + from + ".");
  }

  @PutMapping("/appointments/{id}")
  Version move(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Moved m) {
    chair(me, m.personId());
    return new Version(
        appointments.move(
            me.shopId(),
            id,
            m.version(),
            m.personId(),
            m.startsAt(),
            m.startsAt().plusMinutes(m.minutes())));
  }

  @DeleteMapping("/appointments/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@AuthenticationPrincipal Person me, @PathVariable long id) {
    appointments.cancel(me.shopId(), id);
  }

  private void chair(Person me, long personId) {
    List<AppointmentRepository.Chair> chairs = appointments.chairs(me.shopId());
    if (chairs.stream().noneMatch(c -> c.id() == personId)) {
      throw new FieldException(
          "$.personId",
          Long.toString(personId),
          "allowed " + chairs.stream().map(AppointmentRepository.Chair::id).toList());
    }
  }

  @ExceptionHandler
  ProblemDetail taken(AppointmentRepository.TakenException e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }
}
