package kitetail.formats.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Recurrence rules against the worked examples of RFC 5545, 3.8.5.3 (their dates, from memory). */
class HoursTest {
  private static final LocalDate SEPTEMBER_2 = LocalDate.of(1997, 9, 2);

  private static List<LocalDate> days(String rule, LocalDate since, LocalDate last) {
    return new Hours(rule, since, LocalTime.of(9, 0), LocalTime.of(18, 0)).days(since, last);
  }

  private static List<LocalDate> in1997(int month, int... days) {
    return IntStream.of(days).mapToObj(d -> LocalDate.of(1997, month, d)).toList();
  }

  @Test
  void dailyForTenOccurrences() {
    assertThat(days("FREQ=DAILY;COUNT=10", SEPTEMBER_2, LocalDate.of(1997, 12, 31)))
        .isEqualTo(in1997(9, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11));
  }

  @Test
  void weeklyOnTuesdayAndThursdayForFiveWeeks() {
    assertThat(
            days(
                "FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH",
                SEPTEMBER_2,
                LocalDate.of(1997, 12, 31)))
        .containsExactlyElementsOf(
            java.util.stream.Stream.concat(
                    in1997(9, 2, 4, 9, 11, 16, 18, 23, 25, 30).stream(), in1997(10, 2).stream())
                .toList());
  }

  /** "An example where the days generated makes a difference because of WKST". */
  @Test
  void everyOtherWeek_dependsOnWhereTheWeekBegins() {
    LocalDate fifth = LocalDate.of(1997, 8, 5);
    LocalDate end = LocalDate.of(1997, 12, 31);
    assertThat(days("FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO", fifth, end))
        .isEqualTo(in1997(8, 5, 10, 19, 24));
    assertThat(days("FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU", fifth, end))
        .isEqualTo(in1997(8, 5, 17, 19, 31));
  }

  @Test
  void monthlyOnTheFirstFriday() {
    assertThat(
            days(
                "FREQ=MONTHLY;COUNT=4;BYDAY=1FR",
                LocalDate.of(1997, 9, 5),
                LocalDate.of(1998, 1, 1)))
        .containsExactly(
            LocalDate.of(1997, 9, 5),
            LocalDate.of(1997, 10, 3),
            LocalDate.of(1997, 11, 7),
            LocalDate.of(1997, 12, 5));
  }

  @Test
  void aDayBeforeTheFirst_isNotOpen() {
    Hours h =
        new Hours("FREQ=WEEKLY;BYDAY=TU", SEPTEMBER_2, LocalTime.of(9, 0), LocalTime.of(18, 0));
    assertThat(h.on(LocalDate.of(1997, 8, 26))).isFalse();
    assertThat(h.on(LocalDate.of(2026, 11, 24))).isTrue();
    assertThat(h.on(LocalDate.of(2026, 11, 25))).isFalse();
  }

  @Test
  void noRule_andNoTime_areRefusedWithASentence() {
    assertThatThrownBy(() -> days("EVERY=DAY", SEPTEMBER_2, SEPTEMBER_2))
        .hasMessageContaining("FREQ=WEEKLY");
    assertThatThrownBy(() -> days("FREQ=SECONDLY", SEPTEMBER_2, SEPTEMBER_2))
        .hasMessageContaining("FREQ=WEEKLY");
    assertThatThrownBy(
            () -> new Hours("FREQ=DAILY", SEPTEMBER_2, LocalTime.NOON, LocalTime.of(9, 0)))
        .hasMessageContaining("after");
  }
}
