package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kitetail.formats.words.Refused;
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
  private final OpenDays openDays;
  private final Booker booker;
  private final TakenOff takenOff;
  private final Clock clock;

  DiaryController(
      AppointmentRepository appointments,
      ClientRepository clients,
      HoursRepository hours,
      OpenDays openDays,
      Booker booker,
      TakenOff takenOff,
      Clock clock) {
    this.appointments = appointments;
    this.clients = clients;
    this.hours = hours;
    this.openDays = openDays;
    this.booker = booker;
    this.takenOff = takenOff;
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
      List<OpenDays.ClosedDay> closed,
      List<HoursRepository.BusyRow> busy) {}

  /**
   * @param serviceId what it is booked for of what the shop offers
   * @param minutes left out, the service's time, else the plan's own with clean-up, or the usual
   *     one
   */
  record Booking(
      @NotNull Long personId,
      @NotNull Long clientId,
      @Nullable Long planId,
      @Nullable Long serviceId,
      @NotNull OffsetDateTime startsAt,
      @Min(5) @Max(480) @Nullable Integer minutes,
      @Size(max = 400) @Nullable String note) {}

  record Moved(
      @NotNull Long version,
      @NotNull Long personId,
      @NotNull OffsetDateTime startsAt,
      @NotNull @Min(5) @Max(480) Integer minutes) {}

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
    OffsetDateTime begins = first.atStartOfDay(zone).toOffsetDateTime();
    OffsetDateTime ends = first.plusDays(days).atStartOfDay(zone).toOffsetDateTime();
    return new Diary(
        first,
        shop.zone(),
        OffsetDateTime.now(clock.withZone(zone)),
        appointments.chairs(me.shopId(), begins, ends),
        days(me.shopId(), zone, first, days),
        open(me.shopId(), first, days),
        openDays.closed(me.shopId(), first, days),
        hours.busy(me.shopId(), begins, ends));
  }

  private List<OpenHours> open(long shop, LocalDate first, int days) {
    return openDays.of(shop, first, days).stream()
        .map(
            o ->
                new OpenHours(
                    o.day(),
                    o.hours().from().toSecondOfDay() / 60,
                    o.hours().to().toSecondOfDay() / 60))
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
    Booker.Takes takes = booker.takes(me, b.personId(), b.planId(), b.serviceId());
    int minutes = b.minutes() != null ? b.minutes() : takes.minutes();
    booker.notElsewhere(me, b.personId(), b.startsAt(), minutes);
    return new Added(
        appointments.book(
            me.shopId(),
            new AppointmentRepository.Slot(
                b.personId(),
                b.clientId(),
                b.planId(),
                b.serviceId(),
                b.startsAt(),
                b.startsAt().plusMinutes(minutes),
                takes.byOwnPace() && minutes == takes.minutes(),
                b.note() == null ? "" : b.note())));
  }

  /**
   * A free time of a chair.
   *
   * @param byOwnPace as long as that by what is known of the pace of whose chair it is
   * @param zone by whose clock it is told
   */
  record Free(
      long personId,
      String stylist,
      OffsetDateTime startsAt,
      int minutes,
      boolean byOwnPace,
      String zone) {}

  /**
   * The first day from a date on with room, at the time of day nearest to now: in one's own chair,
   * or in any, one's own first. As long as what is offered takes, else the plan, else a usual
   * visit.
   */
  @GetMapping("/diary/free")
  Free free(
      @AuthenticationPrincipal Person me,
      @RequestParam(required = false) @Nullable Long planId,
      @RequestParam(required = false) @Nullable Long serviceId,
      @RequestParam(defaultValue = "false") boolean any,
      @RequestParam LocalDate from) {
    ZoneId zone = ZoneId.of(appointments.shop(me.shopId()).zone());
    ZonedDateTime now = ZonedDateTime.now(clock.withZone(zone));
    List<AppointmentRepository.Chair> chairs =
        appointments.chairs(me.shopId()).stream()
            .filter(c -> any || c.id() == me.id())
            .sorted(Comparator.comparing(c -> c.id() != me.id()))
            .toList();
    Map<Long, Booker.Takes> takes =
        chairs.stream()
            .collect(
                Collectors.toMap(
                    AppointmentRepository.Chair::id,
                    c -> booker.takes(me, c.id(), planId, serviceId)));
    for (int d = 0; d < DAYS_SEARCHED; d++) {
      for (AppointmentRepository.Chair c : chairs) {
        Booker.Takes t = takes.get(c.id());
        OffsetDateTime at =
            booker.room(me, c.id(), from.plusDays(d), t.minutes(), now).orElse(null);
        if (at != null) {
          return new Free(c.id(), c.name(), at, t.minutes(), t.byOwnPace(), zone.getId());
        }
      }
    }
    throw new NotFoundException(
        Refused.because(
            "no-time-free", "any", any, "days", DAYS_SEARCHED, "from", from.toString()));
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

  record Told(@NotNull Came state) {}

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
    takenOff.take(me.shopId(), id);
  }

  /** One that was taken off by mistake, as it was. */
  @Needs(Right.BOOK)
  @PostMapping("/appointments/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@AuthenticationPrincipal Person me, @PathVariable long id) {
    takenOff.putBack(me.shopId(), id);
  }
}
