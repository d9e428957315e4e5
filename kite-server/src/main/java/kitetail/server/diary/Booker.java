package kitetail.server.diary;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import kitetail.formats.calendar.Hours;
import kitetail.formats.words.Refused;
import kitetail.server.diary.AppointmentRepository.State;
import kitetail.server.error.FieldException;
import kitetail.server.error.TakenException;
import kitetail.server.head.Heads;
import kitetail.server.learn.Lessons;
import kitetail.server.plan.PlanRepository;
import kitetail.server.practice.PracticeBook;
import kitetail.server.security.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How long an appointment is, whether it may be, and when there is room for one. */
@Component
class Booker {
  /** Where the plan does not say; an assumption. */
  static final int USUAL_MINUTES = 45;

  /** Cape off, chair and tools cleaned, the next client seated; an assumption. */
  private static final int BETWEEN_MINUTES = 10;

  private static final int ROUNDED_TO = 5;
  private static final int OFFERED_EVERY = 15;

  private final AppointmentRepository appointments;
  private final HoursRepository hours;
  private final OpenDays openDays;
  private final ServiceRepository services;
  private final PlanRepository plans;
  private final Heads heads;
  private final Lessons lessons;
  private final PracticeBook practice;

  Booker(
      AppointmentRepository appointments,
      HoursRepository hours,
      OpenDays openDays,
      ServiceRepository services,
      PlanRepository plans,
      Heads heads,
      Lessons lessons,
      PracticeBook practice) {
    this.appointments = appointments;
    this.hours = hours;
    this.openDays = openDays;
    this.services = services;
    this.plans = plans;
    this.heads = heads;
    this.lessons = lessons;
    this.practice = practice;
  }

  /**
   * @param byOwnPace told by what is known of the pace of whose chair it is
   */
  record Takes(int minutes, boolean byOwnPace) {
    private static Takes ofCut(double cutMinutes, boolean byOwnPace) {
      return new Takes(
          (int) Math.ceil((cutMinutes + BETWEEN_MINUTES) / ROUNDED_TO) * ROUNDED_TO, byOwnPace);
    }
  }

  /**
   * How long to book for: what is offered takes as long as the shop says; else the time a plan
   * takes by the pace learnt with this client, or else by that of whose chair it is where they
   * agreed, drying among its moves, and what comes after.
   *
   * @param chair whose
   * @throws FieldException when the shop offers no such service
   */
  Takes takes(Person me, long chair, @Nullable Long planId, @Nullable Long serviceId) {
    if (serviceId != null) {
      return new Takes(service(me, serviceId).minutes(), false);
    }
    if (planId == null) {
      return new Takes(USUAL_MINUTES, false);
    }
    PlanRepository.Stored plan = plans.get(me.shopId(), planId);
    double planned = heads.run(plan.plan()).minutes();
    OptionalDouble client = lessons.of(me.shopId(), plan.clientId()).paceFactor();
    if (client.isPresent()) {
      return Takes.ofCut(planned * client.getAsDouble(), false);
    }
    double own = practice.pace(chair);
    return Takes.ofCut(planned * own, own != 1);
  }

  private ServiceRepository.Service service(Person me, long id) {
    List<ServiceRepository.Service> all = services.of(me.shopId());
    return all.stream()
        .filter(s -> Objects.equals(s.id(), id))
        .findFirst()
        .orElseThrow(
            () ->
                new FieldException(
                    "$.serviceId",
                    Long.toString(id),
                    "allowed " + all.stream().map(ServiceRepository.Service::id).toList()));
  }

  /**
   * @throws FieldException when the plan is not of the client; null is any
   */
  void plan(Person me, Long planId, long clientId) {
    if (planId != null && plans.get(me.shopId(), planId).clientId() != clientId) {
      throw new FieldException(
          "$.planId", Long.toString(planId), "allowed is a plan of this client");
    }
  }

  /**
   * @throws FieldException when nobody of the shop has it
   */
  void chair(Person me, long personId) {
    List<AppointmentRepository.Chair> chairs = appointments.chairs(me.shopId());
    if (chairs.stream().noneMatch(c -> c.id() == personId)) {
      throw new FieldException(
          "$.personId",
          Long.toString(personId),
          "allowed " + chairs.stream().map(AppointmentRepository.Chair::id).toList());
    }
  }

  /**
   * @throws TakenException when the person is elsewhere then
   */
  void notElsewhere(Person me, long personId, OffsetDateTime from, int minutes) {
    if (hours.busy(me.shopId(), from, from.plusMinutes(minutes)).stream()
        .anyMatch(b -> b.personId() == personId)) {
      throw new TakenException(Refused.because("elsewhere-then"));
    }
  }

  /**
   * The time of a day with room for so many minutes in a chair, not over yet and the nearest to a
   * time of day.
   *
   * @param chair whose
   * @param now whose time of day is meant, by the shop's clock
   */
  Optional<OffsetDateTime> room(
      Person me, long chair, LocalDate day, int minutes, ZonedDateTime now) {
    ZoneId zone = now.getZone();
    LocalTime near = now.toLocalTime();
    OffsetDateTime begins = day.atStartOfDay(zone).toOffsetDateTime();
    OffsetDateTime ends = day.plusDays(1).atStartOfDay(zone).toOffsetDateTime();
    record Taken(OffsetDateTime from, OffsetDateTime to) {}
    List<Taken> taken =
        Stream.concat(
                appointments.between(me.shopId(), begins, ends).stream()
                    .filter(a -> a.personId() == chair && a.state() != State.DID_NOT_COME)
                    .map(a -> new Taken(a.startsAt(), a.endsAt())),
                hours.busy(me.shopId(), begins, ends).stream()
                    .filter(b -> b.personId() == chair)
                    .map(b -> new Taken(b.startsAt(), b.endsAt())))
            .toList();
    return openDays.of(me.shopId(), day, 1).stream()
        .flatMap(o -> offered(o.hours(), minutes))
        .sorted(Comparator.comparingLong(t -> Math.abs(Duration.between(near, t).toMinutes())))
        .map(t -> day.atTime(t).atZone(zone).toOffsetDateTime())
        .filter(t -> !t.isBefore(now.toOffsetDateTime()))
        .filter(
            t ->
                taken.stream()
                    .noneMatch(
                        x -> x.from().isBefore(t.plusMinutes(minutes)) && t.isBefore(x.to())))
        .findFirst();
  }

  private static Stream<LocalTime> offered(Hours h, int minutes) {
    long room = Duration.between(h.from(), h.to()).toMinutes() - minutes;
    return Stream.iterate(0, m -> m <= room, m -> m + OFFERED_EVERY).map(h.from()::plusMinutes);
  }
}
