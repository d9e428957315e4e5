package kitetail.formats.calendar;

import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.formats.words.Refused;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VFreeBusy;
import net.fortuna.ical4j.model.parameter.FbType;
import net.fortuna.ical4j.model.property.FreeBusy;

/**
 * Times taken, out of an iCalendar file: events that are not transparent, with their recurrences,
 * and the busy periods of free/busy components. What the events are about is not read.
 */
public final class BusyFile {
  /** More than a calendar of half a year holds. */
  public static final int MOST = 5000;

  public record Busy(Instant from, Instant to) {}

  private BusyFile() {}

  /**
   * @param from only what ends after this
   * @param to and begins before this is told
   * @param zone of times that name none
   * @return in order
   * @throws IllegalArgumentException with a sentence when it is no iCalendar file or holds too much
   */
  public static List<Busy> read(String text, Instant from, Instant to, ZoneId zone) {
    Calendar c;
    try {
      c = new CalendarBuilder().build(new StringReader(text));
    } catch (ParserException | IOException | RuntimeException e) {
      throw new IllegalArgumentException(
          Refused.because("not-a-calendar", "why", String.valueOf(e.getMessage())), e);
    }
    List<Busy> all = new ArrayList<>();
    for (CalendarComponent part : c.<CalendarComponent>getComponents()) {
      if (part instanceof VEvent e && takesTime(e)) {
        notEndless(e);
        e.calculateRecurrenceSet(new Period<>(from.atZone(zone), to.atZone(zone)))
            .forEach(p -> add(all, p, from, to, zone));
      } else if (part instanceof VFreeBusy) {
        part.<FreeBusy>getProperties("FREEBUSY").stream()
            .filter(f -> !FbType.FREE.equals(f.getParameter("FBTYPE").orElse(FbType.BUSY)))
            .flatMap(f -> f.getIntervals().stream())
            .filter(i -> i.getEnd().isAfter(from) && i.getStart().isBefore(to))
            .forEach(i -> all.add(new Busy(i.getStart(), i.getEnd())));
      }
      if (all.size() > MOST) {
        throw new IllegalArgumentException(Refused.because("too-many-times", "most", MOST));
      }
    }
    all.sort(Comparator.comparing(Busy::from).thenComparing(Busy::to));
    return all;
  }

  /** A rule of seconds would be unfolded into millions before anybody counted them. */
  private static void notEndless(VEvent e) {
    e.getProperties("RRULE").stream()
        .map(Property::getValue)
        .filter(r -> r.contains("FREQ=SECONDLY") || r.contains("FREQ=MINUTELY"))
        .findFirst()
        .ifPresent(
            r -> {
              throw new IllegalArgumentException(Refused.because("repeats-too-often", "rule", r));
            });
  }

  private static boolean takesTime(VEvent e) {
    return e.getProperty("TRANSP").map(p -> !"TRANSPARENT".equals(p.getValue())).orElse(true)
        && e.getProperty("STATUS").map(p -> !"CANCELLED".equals(p.getValue())).orElse(true);
  }

  private static void add(
      List<Busy> all, Period<? extends Temporal> p, Instant from, Instant to, ZoneId zone) {
    Instant start = at(p.getStart(), zone);
    Instant end = at(p.getEnd(), zone);
    if (end.isAfter(start) && end.isAfter(from) && start.isBefore(to)) {
      all.add(new Busy(start, end));
    }
  }

  private static Instant at(Temporal t, ZoneId zone) {
    if (t instanceof LocalDate d) {
      return d.atStartOfDay(zone).toInstant();
    }
    if (t instanceof LocalDateTime d) {
      return d.atZone(zone).toInstant();
    }
    return Instant.from(t);
  }
}
