package kitetail.server.diary;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import kitetail.server.chair.SittingBegun;
import kitetail.server.error.TakenException;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Who sits down without an appointment takes a chair in the diary, as long as the plan takes or
 * until the next client. Where the diary has somebody else there already, it stays as it is.
 */
@Component
class WalkIns {
  /** What was begun longer ago than this was written down late, and takes no chair any more. */
  private static final Duration NOW = Duration.ofHours(4);

  private static final int LEAST_MINUTES = 5;

  private final AppointmentRepository appointments;
  private final Booker booker;
  private final Clock clock;

  WalkIns(AppointmentRepository appointments, Booker booker, Clock clock) {
    this.appointments = appointments;
    this.booker = booker;
    this.clock = clock;
  }

  @EventListener
  void satDown(SittingBegun b) {
    OffsetDateTime at = b.at().truncatedTo(ChronoUnit.MINUTES);
    boolean late = Duration.between(b.at(), OffsetDateTime.now(clock)).compareTo(NOW) > 0;
    if (late || appointments.expected(b.clientId(), at)) {
      return;
    }
    Booker.Takes takes = booker.takes(b.by(), b.by().id(), b.planId(), null);
    OffsetDateTime ends = at.plusMinutes(takes.minutes());
    boolean byOwnPace = takes.byOwnPace();
    OffsetDateTime next = appointments.nextAfter(b.by().id(), at);
    if (next != null && next.isBefore(ends)) {
      ends = next;
      byOwnPace = false;
    }
    if (Duration.between(at, ends).toMinutes() < LEAST_MINUTES) {
      return;
    }
    try {
      appointments.book(
          b.by().shopId(),
          new AppointmentRepository.Slot(
              b.by().id(), b.clientId(), b.planId(), null, at, ends, byOwnPace, ""));
    } catch (TakenException e) {
      // Somebody else stands there: work at the chair goes on all the same.
    }
  }
}
