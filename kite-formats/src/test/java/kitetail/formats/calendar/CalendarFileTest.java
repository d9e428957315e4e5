package kitetail.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.Instant;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

class CalendarFileTest {
  private static final Instant NINE = Instant.parse("2026-11-25T08:30:00Z");

  private static Booked booked(String summary) {
    return new Booked("7@shop", 2, NINE, NINE.plusSeconds(2700), summary, "Quiet Side Part");
  }

  /** Read back by the library, which also checks it against RFC 5545. */
  @Test
  void anAppointment_comesBackAsItWas() throws Exception {
    String text = CalendarFile.write(List.of(booked("Ansel Ruiter")), NINE);
    Calendar c = new CalendarBuilder().build(new StringReader(text));
    assertThat(c.validate().hasErrors()).isFalse();
    VEvent e = (VEvent) c.getComponents("VEVENT").get(0);
    assertThat(e.getSummary().getValue()).isEqualTo("Ansel Ruiter");
    assertThat(Instant.from(e.<Temporal>getDateTimeStart().getDate())).isEqualTo(NINE);
    assertThat(Instant.from(e.<Temporal>getDateTimeEnd().getDate()))
        .isEqualTo(NINE.plusSeconds(2700));
    assertThat(e.getSequence().getSequenceNo()).isEqualTo(2);
  }

  /** RFC 5545, 3.1: lines of at most 75 octets, folded with a blank; 3.3.11: commas escaped. */
  @Test
  void longWords_areFolded_andSignsEscaped() {
    String text = CalendarFile.write(List.of(booked("Ruiter, A.; ".repeat(12))), NINE);
    assertThat(text.split("\r\n")).allMatch(l -> l.getBytes().length <= 75);
    assertThat(text).contains("Ruiter\\, A.\\;");
    assertThat(text).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
  }

  @Test
  void anEndBeforeItsBeginning_isRefused() {
    assertThatThrownBy(() -> new Booked("u", 1, NINE, NINE, "x", ""))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
