package kitetail.shopday;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a chair that runs late does to the appointments after it. */
public final class RunningLate {
  /** An appointment's id and its time. */
  public record Slot(long id, Instant from, Instant to) {}

  private RunningLate() {}

  /**
   * Appointments pushed on, each only as far as the one before needs; gaps take up what they can.
   *
   * @param freeAt when the chair will be free
   * @param after what is still to come in this chair, in any order
   * @return those that move, with their new times, in order
   */
  public static List<Slot> pushed(Instant freeAt, List<Slot> after) {
    List<Slot> moved = new ArrayList<>();
    Instant free = freeAt;
    for (Slot s : after.stream().sorted(Comparator.comparing(Slot::from)).toList()) {
      if (!s.from().isBefore(free)) {
        break;
      }
      Instant to = free.plus(Duration.between(s.from(), s.to()));
      moved.add(new Slot(s.id(), free, to));
      free = to;
    }
    return moved;
  }
}
