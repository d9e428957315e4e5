package kitetail.formats.calendar;

import java.time.Instant;

/**
 * An appointment as others' calendars see it.
 *
 * @param uid the same for the same appointment for good
 * @param version rises with every change
 */
public record Booked(
    String uid, long version, Instant from, Instant to, String summary, String description) {
  public Booked {
    if (!to.isAfter(from)) {
      throw new IllegalArgumentException("to must be after from, was " + from + " to " + to);
    }
  }
}
