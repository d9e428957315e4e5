package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunningLateTest {
  private static Instant at(String time) {
    return Instant.parse("2026-11-25T" + time + ":00Z");
  }

  private static RunningLate.Slot slot(long id, String from, String to) {
    return new RunningLate.Slot(id, at(from), at(to));
  }

  @Test
  void theNextBegins_whenTheChairIsFree_andAGapTakesUpTheRest() {
    List<RunningLate.Slot> after =
        List.of(slot(3, "11:30", "12:00"), slot(1, "10:00", "10:45"), slot(2, "10:45", "11:15"));
    assertThat(RunningLate.pushed(at("10:10"), after))
        .containsExactly(slot(1, "10:10", "10:55"), slot(2, "10:55", "11:25"));
    assertThat(RunningLate.pushed(at("10:25"), after))
        .containsExactly(
            slot(1, "10:25", "11:10"), slot(2, "11:10", "11:40"), slot(3, "11:40", "12:10"));
  }

  @Test
  void onTime_nothingMoves() {
    assertThat(RunningLate.pushed(at("10:00"), List.of(slot(1, "10:00", "10:45")))).isEmpty();
    assertThat(RunningLate.pushed(at("10:00"), List.of())).isEmpty();
  }
}
