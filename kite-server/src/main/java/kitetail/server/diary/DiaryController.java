package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import kitetail.server.answer.Added;
import kitetail.server.client.ClientRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.error.Times;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
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
  private static final int DAYS_SEARCHED = 28;

  private final AppointmentRepository appointments;
  private final ClientRepository clients;
  private final HoursRepository hours;
  private final Booker booker;
  private final Clock clock;

  DiaryController(
      AppointmentRepository appointments,
      ClientRepository clients,
      HoursRepository hours,
      Booker booker,
      Clock clock) {
    this.appointments = appointments;
    this.clients = clients;
    this.hours = hours;
    this.booker = booker;
    this.clock = clock;
  }

  record Today(
      LocalDate date,
      String shop,
      String zone,
      OffsetDateTime now,
      List<AppointmentRepository.Appointment> appointments) {}

  /** A day's hours, in minutes past midnight of the shop's clock. */
  record OpenHours(LocalDate day, int from, int to) {}

  /**
   * @param appointments of all chairs, in order
   * @param busy when people are elsewhere
   */
  record Diary(
      LocalDate from,
      String zone,
      OffsetDateTime now,
      List<AppointmentRepository.Chair> chairs,
      List<AppointmentRepository.Appointment> appointments,
      List<OpenHours> open,
      List<HoursRepository.BusyRow> busy) {}

  /**
   * @param minutes left out, the plan's own time with clean-up, or the usual one
   */
  record Booking(
      @NotNull(message = "must be given") Long personId,
      @NotNull(message = "must be given") Long clientId,
      @Nullable Long planId,
      @NotNull(message = "must be given") OffsetDateTime startsAt,
      @Min(value = 5, message = "allowed 5 to 480") @Max(value = 480, message = "allowed 5 to 480")
          @Nullable Integer minutes,
      @Size(max = 400, message = "allowed 0 to 400 characters") @Nullable String note) {}

  record Moved(
      @NotNull(message = "must be given") Long version,
      @NotNull(message = "must be given") Long personId,
      @NotNull(message = "must be given") OffsetDateTime startsAt,
      @NotNull(message = "must be given")
          @Min(value = 5, message = "allowed 5 to 480")
          @Max(value = 480, message = "allowed 5 to 480")
          Integer minutes) {}

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
    FieldException.within("days", days, 1, 31);
    AppointmentRepository.Shop shop = appointments.shop(me.shopId());
    ZoneId zone = ZoneId.of(shop.zone());
    LocalDate first = from == null ? LocalDate.now(clock.withZone(zone)) : from;
    return new Diary(
        first,
        shop.zone(),
        OffsetDateTime.now(clock.withZone(zone)),
        appointments.chairs(me.shopId()),
        days(me.shopId(), zone, first, days),
        open(me.shopId(), first, days),
        hours.busy(
            me.shopId(),
            first.atStartOfDay(zone).toOffsetDateTime(),
            first.plusDays(days).atStartOfDay(zone).toOffsetDateTime()));
  }

  private List<OpenHours> open(long shop, LocalDate first, int days) {
    return hours.of(shop).stream()
        .flatMap(
            h ->
                h.days(first, first.plusDays(days - 1)).stream()
                    .map(
                        d ->
                            new OpenHours(
                                d, h.from().toSecondOfDay() / 60, h.to().toSecondOfDay() / 60)))
        .toList();
  }

  private List<AppointmentRepository.Appointment> days(
      long shop, ZoneId zone, LocalDate from, int days) {
    return appointments.between(
        shop,
        from.atStartOfDay(zone).toOffsetDateTime(),
        from.plusDays(days).atStartOfDay(zone).toOffsetDateTime());
  }

  @Needs(Right.BOOK)
  @PostMapping("/appointments")
  @ResponseStatus(HttpStatus.CREATED)
  Added book(@AuthenticationPrincipal Person me, @Valid @RequestBody Booking b) {
    clients.get(me.shopId(), b.clientId());
    Times.planned("$.startsAt", b.startsAt(), OffsetDateTime.now(clock));
    booker.chair(me, b.personId());
    booker.plan(me, b.planId(), b.clientId());
    int minutes = b.minutes() != null ? b.minutes() : booker.minutes(me, b.planId());
    booker.notElsewhere(me, b.personId(), b.startsAt(), minutes);
    return new Added(
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

  /** A free time of a chair. */
  record Free(long personId, String stylist, OffsetDateTime startsAt, int minutes) {}

  /**
   * The first day from a date on with room in one's own chair, at the time of day nearest to now:
   * for a plan as long as it takes, without one for a usual visit.
   */
  @GetMapping("/diary/free")
  Free free(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) @Nullable Long planId,
      @RequestParam LocalDate from) {
    ZoneId zone = ZoneId.of(appointments.shop(me.shopId()).zone());
    int minutes = booker.minutes(me, planId);
    LocalTime now = LocalTime.now(clock.withZone(zone));
    for (int d = 0; d < DAYS_SEARCHED; d++) {
      OffsetDateTime at = booker.room(me, zone, from.plusDays(d), minutes, now).orElse(null);
      if (at != null) {
        return new Free(me.id(), me.name(), at, minutes);
      }
    }
    throw new NotFoundException(
        "No time is free in your chair within " + DAYS_SEARCHED + " days of " + from + ".");
  }

  @Needs(Right.BOOK)
  @PutMapping("/appointments/{id}")
  Version move(
      @AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Moved m) {
    booker.chair(me, m.personId());
    Times.planned("$.startsAt", m.startsAt(), OffsetDateTime.now(clock));
    booker.notElsewhere(me, m.personId(), m.startsAt(), m.minutes());
    return new Version(
        appointments.move(
            me.shopId(),
            id,
            m.version(),
            m.personId(),
            m.startsAt(),
            m.startsAt().plusMinutes(m.minutes())));
  }

  /** What can be told of a client who is expected; the rest is seen at the chair. */
  enum Came {
    PLANNED,
    HERE,
    DID_NOT_COME
  }

  record Told(@NotNull(message = "must be given") Came state) {}

  @Needs(Right.BOOK)
  @PutMapping("/appointments/{id}/state")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tell(@AuthenticationPrincipal Person me, @PathVariable long id, @Valid @RequestBody Told t) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    appointments.tell(
        me.shopId(),
        id,
        t.state() == Came.HERE ? now : null,
        t.state() == Came.DID_NOT_COME ? now : null);
  }

  @Needs(Right.BOOK)
  @DeleteMapping("/appointments/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@AuthenticationPrincipal Person me, @PathVariable long id) {
    appointments.cancel(me.shopId(), id);
  }
}
