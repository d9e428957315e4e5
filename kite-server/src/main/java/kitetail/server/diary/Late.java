package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import kitetail.server.security.Person;
import kitetail.shopday.RunningLate;
import org.springframework.stereotype.Component;

/** A chair that runs late: what it does to the appointments after it. */
@Component
class Late {
  private final AppointmentRepository appointments;
  private final Booker booker;
  private final Clock clock;

  Late(AppointmentRepository appointments, Booker booker, Clock clock) {
    this.appointments = appointments;
    this.booker = booker;
    this.clock = clock;
  }

  /**
   * @param version of the appointment the paper was made of
   */
  record PushedRow(
      @NotNull Long id,
      @NotNull Long version,
      String clientName,
      OffsetDateTime wasAt,
      @NotNull OffsetDateTime startsAt,
      @NotNull OffsetDateTime endsAt) {}

  record Pushed(@NotNull Long personId, @NotEmpty @Size(max = 50) List<@Valid PushedRow> rows) {}

  record LateRows(long personId, List<PushedRow> rows) {}

  /** What moves when a chair is free only then; nothing is changed. */
  LateRows onPaper(Person me, long personId, OffsetDateTime freeAt) {
    booker.chair(me, personId);
    ZoneId zone = ZoneId.of(appointments.shop(me.shopId()).zone());
    // What is in the chair runs late itself and is not pushed: an appointment begun an hour or more
    // before is that one.
    OffsetDateTime end =
        freeAt
            .atZoneSameInstant(zone)
            .toLocalDate()
            .plusDays(1)
            .atStartOfDay(zone)
            .toOffsetDateTime();
    Map<Long, AppointmentRepository.Appointment> coming =
        appointments.after(me.shopId(), personId, OffsetDateTime.now(clock), freeAt, end).stream()
            .collect(Collectors.toMap(AppointmentRepository.Appointment::id, a -> a));
    List<RunningLate.Slot> slots = coming.values().stream().map(Late::slot).toList();
    return new LateRows(
        personId,
        RunningLate.pushed(freeAt.toInstant(), slots).stream()
            .map(s -> row(coming.get(s.id()), s, zone))
            .toList());
  }

  private static RunningLate.Slot slot(AppointmentRepository.Appointment a) {
    return new RunningLate.Slot(a.id(), a.startsAt().toInstant(), a.endsAt().toInstant());
  }

  private static PushedRow row(
      AppointmentRepository.Appointment a, RunningLate.Slot s, ZoneId zone) {
    return new PushedRow(
        a.id(),
        a.version(),
        a.clientName(),
        a.startsAt(),
        s.from().atZone(zone).toOffsetDateTime(),
        s.to().atZone(zone).toOffsetDateTime());
  }

  /** Moves all of them, or none when one was changed meanwhile. */
  LateRows push(Person me, Pushed p) {
    booker.chair(me, p.personId());
    appointments.push(
        me.shopId(),
        p.personId(),
        p.rows().stream()
            .map(r -> new AppointmentRepository.Move(r.id(), r.version(), r.startsAt(), r.endsAt()))
            .toList());
    return new LateRows(p.personId(), p.rows());
  }
}
