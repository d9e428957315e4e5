package kitetail.server.records;

import java.time.LocalDate;
import kitetail.server.error.FieldException;

/**
 * Whole days of the shop.
 *
 * @param to the last of them
 */
record Span(LocalDate from, LocalDate to) {
  private static final int FIRST_YEAR = 2000;
  private static final int LAST_YEAR = 2100;

  Span {
    checked("from", from.getYear());
    checked("to", to.getYear());
    if (to.isBefore(from)) {
      throw new FieldException("to", to.toString(), "allowed from " + from + " on");
    }
  }

  static Span ofYear(int year) {
    checked("year", year);
    return new Span(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
  }

  private static void checked(String field, int year) {
    if (year < FIRST_YEAR || year > LAST_YEAR) {
      throw new FieldException(
          field, Integer.toString(year), "allowed " + FIRST_YEAR + " to " + LAST_YEAR);
    }
  }

  /** As files are named after it. */
  String name() {
    boolean year = from.getDayOfYear() == 1 && to.equals(LocalDate.of(from.getYear(), 12, 31));
    return year ? Integer.toString(from.getYear()) : from + "-to-" + to;
  }
}
