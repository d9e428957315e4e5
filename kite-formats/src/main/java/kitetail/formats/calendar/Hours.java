package kitetail.formats.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.regex.Pattern;
import net.fortuna.ical4j.model.Recur;

/**
 * Recurring hours: from one time of day to another on the days of a recurrence rule (RFC 5545,
 * 3.3.10), counted from a first day on.
 */
public record Hours(String rule, LocalDate since, LocalTime from, LocalTime to) {
  private static final Pattern OF_DAYS =
      Pattern.compile("(^|;)FREQ=(DAILY|WEEKLY|MONTHLY|YEARLY)(;|$)");

  /**
   * @throws IllegalArgumentException when the rule is none, or the end is not after the beginning
   */
  public Hours {
    if (!to.isAfter(from)) {
      throw new IllegalArgumentException("to must be after from, was " + from + " to " + to);
    }
    recur(rule);
  }

  /** Whether these hours are kept on a day. */
  public boolean on(LocalDate day) {
    return !days(day, day).isEmpty();
  }

  /** The days from the first to the last on which they are kept. */
  public List<LocalDate> days(LocalDate first, LocalDate last) {
    return recur(rule).getDates(since, first, last);
  }

  private static Recur<LocalDate> recur(String rule) {
    try {
      if (!OF_DAYS.matcher(rule).find()) {
        throw new IllegalArgumentException(rule);
      }
      return new Recur<>(rule);
    } catch (RuntimeException e) {
      throw new IllegalArgumentException(
          "rule must be a recurrence rule as FREQ=WEEKLY;BYDAY=MO,TU, was " + rule, e);
    }
  }
}
