package kitetail.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;

class BusyFileTest {
  private static final ZoneId HOME = ZoneId.of("Europe/Amsterdam");

  private static String calendar(String... lines) {
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//test//EN\r\n"
        + String.join("\r\n", lines)
        + "\r\nEND:VCALENDAR\r\n";
  }

  private static List<BusyFile.Busy> read(String text, String from, String to) {
    return BusyFile.read(text, Instant.parse(from), Instant.parse(to), HOME);
  }

  private static BusyFile.Busy busy(String from, String to) {
    return new BusyFile.Busy(Instant.parse(from), Instant.parse(to));
  }

  /** The free/busy example of RFC 5545, 3.6.4, third of its kind (its periods, from memory). */
  @Test
  void theFreeBusyExampleOfTheStandard() {
    String text =
        calendar(
            "BEGIN:VFREEBUSY",
            "UID:19970901T115957Z-76A912@example.com",
            "DTSTAMP:19970901T120000Z",
            "ORGANIZER:mailto:jsmith@example.com",
            "DTSTART:19980313T141711Z",
            "DTEND:19980410T141711Z",
            "FREEBUSY:19980314T233000Z/19980315T003000Z",
            "FREEBUSY:19980316T153000Z/19980316T163000Z",
            "FREEBUSY:19980318T030000Z/19980318T040000Z",
            "END:VFREEBUSY");
    assertThat(read(text, "1998-03-01T00:00:00Z", "1998-05-01T00:00:00Z"))
        .containsExactly(
            busy("1998-03-14T23:30:00Z", "1998-03-15T00:30:00Z"),
            busy("1998-03-16T15:30:00Z", "1998-03-16T16:30:00Z"),
            busy("1998-03-18T03:00:00Z", "1998-03-18T04:00:00Z"));
  }

  /**
   * A zone with its own rules, as RFC 5545, 3.6.5 gives New York's: nine o'clock stays nine o'clock
   * over the end of daylight saving time (26 October 1997), so UTC moves.
   */
  @Test
  void aWeeklyEventInAZone_followsItsClock() {
    String text =
        calendar(
            "BEGIN:VTIMEZONE",
            "TZID:America/New_York",
            "BEGIN:STANDARD",
            "DTSTART:19671029T020000",
            "RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=10",
            "TZOFFSETFROM:-0400",
            "TZOFFSETTO:-0500",
            "TZNAME:EST",
            "END:STANDARD",
            "BEGIN:DAYLIGHT",
            "DTSTART:19870405T020000",
            "RRULE:FREQ=YEARLY;BYDAY=1SU;BYMONTH=4",
            "TZOFFSETFROM:-0500",
            "TZOFFSETTO:-0400",
            "TZNAME:EDT",
            "END:DAYLIGHT",
            "END:VTIMEZONE",
            "BEGIN:VEVENT",
            "UID:1@test",
            "DTSTAMP:19970901T120000Z",
            "DTSTART;TZID=America/New_York:19971014T090000",
            "DTEND;TZID=America/New_York:19971014T100000",
            "RRULE:FREQ=WEEKLY;COUNT=3",
            "SUMMARY:Not read",
            "END:VEVENT");
    assertThat(read(text, "1997-10-01T00:00:00Z", "1997-12-01T00:00:00Z"))
        .containsExactly(
            busy("1997-10-14T13:00:00Z", "1997-10-14T14:00:00Z"),
            busy("1997-10-21T13:00:00Z", "1997-10-21T14:00:00Z"),
            busy("1997-10-28T14:00:00Z", "1997-10-28T15:00:00Z"));
  }

  /** RFC 5545, 3.1: a folded line is one line. */
  @Test
  void foldedLines_transparentAndCancelledEvents() {
    String text =
        calendar(
            "BEGIN:VEVENT",
            "UID:2@test",
            "DTSTAMP:20261101T120000Z",
            "DTSTART:20261125",
            " T090000Z",
            "DURATION:PT30M",
            "END:VEVENT",
            "BEGIN:VEVENT",
            "UID:3@test",
            "DTSTAMP:20261101T120000Z",
            "DTSTART:20261125T110000Z",
            "DTEND:20261125T120000Z",
            "TRANSP:TRANSPARENT",
            "END:VEVENT",
            "BEGIN:VEVENT",
            "UID:4@test",
            "DTSTAMP:20261101T120000Z",
            "DTSTART;VALUE=DATE:20261126",
            "DTEND;VALUE=DATE:20261127",
            "END:VEVENT");
    assertThat(read(text, "2026-11-01T00:00:00Z", "2026-12-01T00:00:00Z"))
        .containsExactly(
            busy("2026-11-25T09:00:00Z", "2026-11-25T09:30:00Z"),
            busy("2026-11-25T23:00:00Z", "2026-11-26T23:00:00Z"));
  }

  @Test
  void whatIsNoCalendar_isRefusedWithASentence() {
    assertThatThrownBy(() -> read("hello", "2026-11-01T00:00:00Z", "2026-12-01T00:00:00Z"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("not an iCalendar file");
  }

  @Test
  void anEventOfEverySecond_isRefusedBeforeItIsUnfolded() {
    String text =
        calendar(
            "BEGIN:VEVENT",
            "UID:5@test",
            "DTSTAMP:20261101T120000Z",
            "DTSTART:20261101T000000Z",
            "DURATION:PT1S",
            "RRULE:FREQ=SECONDLY",
            "END:VEVENT");
    assertThatThrownBy(() -> read(text, "2026-11-01T00:00:00Z", "2027-05-01T00:00:00Z"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("hourly or rarer");
  }
}
