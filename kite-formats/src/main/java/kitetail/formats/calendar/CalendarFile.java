package kitetail.formats.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Appointments to an iCalendar file; times in UTC, so that no zone has to be sent along. */
public final class CalendarFile {
  private CalendarFile() {}

  /**
   * @param stamp when it is written
   */
  public static String write(List<Booked> all, Instant stamp) {
    Calendar c = new Calendar();
    c.add(new ProdId("-//Kite Tail//Diary//EN"));
    c.add(ImmutableVersion.VERSION_2_0);
    c.add(ImmutableCalScale.GREGORIAN);
    for (Booked b : all) {
      VEvent e = new VEvent(b.from(), b.to(), b.summary());
      e.getProperty("DTSTAMP").ifPresent(p -> e.remove(p));
      e.add(new DtStamp(stamp));
      e.add(new Uid(b.uid()));
      e.add(new Sequence(Math.toIntExact(b.version())));
      if (!b.description().isEmpty()) {
        e.add(new Description(b.description()));
      }
      c.add(e);
    }
    try {
      StringWriter out = new StringWriter();
      new CalendarOutputter().output(c, out);
      return out.toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
