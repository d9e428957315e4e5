package kitetail.server.diary;

import java.time.LocalDate;
import java.util.List;
import kitetail.formats.calendar.Hours;
import org.springframework.stereotype.Component;

/** When a shop is open: its hours on the days it is not closed. */
@Component
class OpenDays {
  private final HoursRepository hours;
  private final ClosedRepository closed;

  OpenDays(HoursRepository hours, ClosedRepository closed) {
    this.hours = hours;
    this.closed = closed;
  }

  record Open(LocalDate day, Hours hours) {}

  /** A day on which the shop is closed whatever its hours say. */
  record ClosedDay(LocalDate day, String why) {}

  List<Open> of(long shopId, LocalDate first, int days) {
    List<ClosedRepository.Closed> shut = closed.of(shopId, first);
    return hours.of(shopId).stream()
        .flatMap(
            h ->
                h.days(first, first.plusDays(days - 1L)).stream()
                    .filter(d -> shut.stream().noneMatch(c -> c.on(d)))
                    .map(d -> new Open(d, h)))
        .toList();
  }

  /** Days of a time on which it is closed, and why. */
  List<ClosedDay> closed(long shopId, LocalDate first, int days) {
    List<ClosedRepository.Closed> shut = closed.of(shopId, first);
    return first
        .datesUntil(first.plusDays(days))
        .flatMap(
            d -> shut.stream().filter(c -> c.on(d)).limit(1).map(c -> new ClosedDay(d, c.why())))
        .toList();
  }
}
