package kitetail.server.diary;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.UUID;
import kitetail.formats.calendar.Booked;
import kitetail.formats.calendar.CalendarFile;
import kitetail.formats.words.Refused;
import kitetail.server.error.NotFoundException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A stylist's own appointments for the calendar on their phone; the address is the key to it. */
@RestController
class FeedController {
  private static final int WEEKS_BACK = 4;
  private static final int WEEKS_AHEAD = 26;

  private final AppointmentRepository appointments;
  private final Clock clock;

  FeedController(AppointmentRepository appointments, Clock clock) {
    this.appointments = appointments;
    this.clock = clock;
  }

  record Feed(String path) {}

  /**
   * @param anew makes a new address, so that the old one no longer works
   */
  @Needs(Right.SEE)
  @PostMapping("/api/diary/feed")
  Feed feed(
      @AuthenticationPrincipal Person me, @RequestParam(defaultValue = "false") boolean anew) {
    return new Feed("/feed/" + appointments.feed(me.id(), anew) + ".ics");
  }

  @GetMapping("/feed/{key}.ics")
  ResponseEntity<byte[]> calendar(@PathVariable UUID key) {
    if (!appointments.known(key)) {
      throw new NotFoundException(Refused.because("no-such-feed"));
    }
    OffsetDateTime now = OffsetDateTime.now(clock);
    String text =
        CalendarFile.write(
            appointments
                .ofFeed(key, now.minusWeeks(WEEKS_BACK), now.plusWeeks(WEEKS_AHEAD))
                .stream()
                .map(FeedController::booked)
                .toList(),
            now.toInstant());
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
        .cacheControl(CacheControl.noStore())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  private static Booked booked(AppointmentRepository.Appointment a) {
    return new Booked(
        "appointment-" + a.id() + "@kite-tail",
        a.version(),
        a.startsAt().toInstant(),
        a.endsAt().toInstant(),
        a.clientName(),
        a.planTitle() == null ? "" : a.planTitle());
  }
}
