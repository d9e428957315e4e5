package kitetail.server.error;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;

/** The one rule for times that are sent: none before there was a shop, none that cannot be yet. */
public final class Times {
  private static final OffsetDateTime FIRST =
      OffsetDateTime.of(2000, 1, 1, 0, 0, 0, 0, ZoneOffset.UTC);

  /** Clocks of devices and time zones are off by less. */
  private static final Duration SLACK = Duration.ofDays(1);

  private static final int YEARS_AHEAD = 10;

  private Times() {}

  /**
   * Something that was done.
   *
   * @throws FieldException when it lies before 2000 or more than a day ahead
   */
  public static void done(String field, OffsetDateTime at, OffsetDateTime now) {
    within(field, at, now.plus(SLACK), "from 2000 until now");
  }

  /**
   * Something that is planned.
   *
   * @throws FieldException when it lies before 2000 or more than ten years ahead
   */
  public static void planned(String field, OffsetDateTime at, OffsetDateTime now) {
    within(field, at, now.plusYears(YEARS_AHEAD), "from 2000 until ten years from now");
  }

  private static void within(String field, OffsetDateTime at, OffsetDateTime last, String allowed) {
    if (at.isBefore(FIRST) || at.isAfter(last)) {
      throw new FieldException(field, at.toString(), "allowed " + allowed);
    }
  }
}
