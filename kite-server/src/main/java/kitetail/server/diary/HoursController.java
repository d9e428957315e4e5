package kitetail.server.diary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import kitetail.formats.calendar.BusyFile;
import kitetail.formats.calendar.Hours;
import kitetail.server.error.FieldException;
import kitetail.server.security.Needs;
import kitetail.server.security.Person;
import kitetail.server.security.Right;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Opening hours, and what other calendars say is taken. */
@RestController
class HoursController {
  private static final int LARGEST_BYTES = 2_000_000;
  private static final int DAYS_BACK = 1;
  private static final int DAYS_AHEAD = 182;

  private final HoursRepository hours;
  private final ClosedRepository closed;
  private final AppointmentRepository appointments;
  private final Clock clock;

  HoursController(
      HoursRepository hours,
      ClosedRepository closed,
      AppointmentRepository appointments,
      Clock clock) {
    this.hours = hours;
    this.closed = closed;
    this.appointments = appointments;
    this.clock = clock;
  }

  /**
   * @param rule a recurrence rule (RFC 5545, 3.3.10), as FREQ=WEEKLY;BYDAY=TU,WE
   * @param since the first day it counts from
   */
  record OpeningRow(
      @NotNull @Size(min = 1, max = 400) String rule,
      @NotNull LocalDate since,
      @NotNull LocalTime from,
      @NotNull LocalTime to) {}

  record Opening(@NotNull @Size(max = 30) List<@Valid OpeningRow> hours) {}

  record BusyRead(int times) {}

  /**
   * @param why as it is shown: holiday, stocktaking
   */
  record ClosedRow(
      @NotNull LocalDate from, @NotNull LocalDate to, @NotNull @Size(max = 80) String why) {}

  record Closed(@NotNull @Size(max = 60) List<@Valid ClosedRow> days) {}

  @GetMapping("/api/shop/hours")
  Opening open(@AuthenticationPrincipal Person me) {
    return new Opening(
        hours.of(me.shopId()).stream()
            .map(h -> new OpeningRow(h.rule(), h.since(), h.from(), h.to()))
            .toList());
  }

  @Needs(Right.SHOP)
  @PutMapping("/api/shop/hours")
  Opening set(@AuthenticationPrincipal Person me, @Valid @RequestBody Opening o) {
    List<Hours> all = new ArrayList<>();
    for (int i = 0; i < o.hours().size(); i++) {
      OpeningRow r = o.hours().get(i);
      try {
        all.add(new Hours(r.rule(), r.since(), r.from(), r.to()));
      } catch (IllegalArgumentException e) {
        throw new FieldException("$.hours[" + i + "]", r.rule(), e.getMessage());
      }
    }
    hours.set(me.shopId(), all);
    return open(me);
  }

  /** Days on which the shop is closed, from today on. */
  @GetMapping("/api/shop/closed")
  Closed closed(@AuthenticationPrincipal Person me) {
    return new Closed(
        closed.of(me.shopId(), today(me)).stream()
            .map(c -> new ClosedRow(c.fromDay(), c.toDay(), c.why()))
            .toList());
  }

  @Needs(Right.SHOP)
  @PutMapping("/api/shop/closed")
  Closed setClosed(@AuthenticationPrincipal Person me, @Valid @RequestBody Closed c) {
    LocalDate today = today(me);
    for (int i = 0; i < c.days().size(); i++) {
      ClosedRow r = c.days().get(i);
      if (r.to().isBefore(r.from())
          || r.to().isBefore(today)
          || r.to().isAfter(r.from().plusYears(1))) {
        throw new FieldException(
            "$.days[" + i + "]",
            r.from() + " to " + r.to(),
            "allowed from a day to the same or a later one within a year of it, not over before today");
      }
    }
    closed.set(
        me.shopId(),
        today,
        c.days().stream()
            .map(r -> new ClosedRepository.Closed(r.from(), r.to(), r.why().strip()))
            .toList());
    return closed(me);
  }

  private LocalDate today(Person me) {
    return LocalDate.now(clock.withZone(ZoneId.of(appointments.shop(me.shopId()).zone())));
  }

  /** Takes in one's own other calendar; only when it is busy is kept, not with what. */
  @Needs(Right.BOOK)
  @PostMapping(value = "/api/diary/busy", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.OK)
  BusyRead busy(@AuthenticationPrincipal Person me, InputStream file) throws IOException {
    byte[] bytes = file.readNBytes(LARGEST_BYTES + 1);
    if (bytes.length > LARGEST_BYTES) {
      throw new FieldException("file", "more than 2 MB", "allowed up to 2 MB");
    }
    Instant now = clock.instant();
    try {
      List<BusyFile.Busy> all =
          BusyFile.read(
              new String(bytes, StandardCharsets.UTF_8),
              now.minus(DAYS_BACK, ChronoUnit.DAYS),
              now.plus(DAYS_AHEAD, ChronoUnit.DAYS),
              ZoneId.of(appointments.shop(me.shopId()).zone()));
      hours.setBusy(me.id(), all);
      return new BusyRead(all.size());
    } catch (IllegalArgumentException e) {
      throw new FieldException("file", "the calendar sent", e.getMessage());
    }
  }
}
