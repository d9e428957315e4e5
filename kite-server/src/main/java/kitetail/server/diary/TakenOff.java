package kitetail.server.diary;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import kitetail.server.error.NotFoundException;
import org.springframework.stereotype.Component;

/**
 * Appointments taken off the diary, the last ones kept for as long as the server runs: one that is
 * put back is the one it was, and who was told of it is not told again.
 */
@Component
class TakenOff {
  private static final int KEPT = 200;

  /**
   * @param row all of it, as the database tells it
   */
  private record Gone(long shopId, String row) {}

  private final Map<Long, Gone> kept =
      Collections.synchronizedMap(
          new LinkedHashMap<>() {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Long, Gone> eldest) {
              return size() > KEPT;
            }
          });

  private final AppointmentRepository appointments;

  TakenOff(AppointmentRepository appointments) {
    this.appointments = appointments;
  }

  void take(long shopId, long id) {
    kept.put(id, new Gone(shopId, appointments.takeOff(shopId, id)));
  }

  /**
   * @throws NotFoundException when it was not taken off, or too long ago
   */
  void putBack(long shopId, long id) {
    Gone gone = kept.get(id);
    // Of two who ask at once one puts it back, and for the other it is no longer gone.
    if (gone == null || gone.shopId() != shopId || !kept.remove(id, gone)) {
      throw NotFoundException.of("appointment", id);
    }
    try {
      appointments.putBack(gone.row());
    } catch (RuntimeException e) {
      kept.putIfAbsent(id, gone);
      throw e;
    }
  }
}
