package kitetail.server.warm;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Has every slow part answer itself, one after another beside the first requests, so that whoever
 * comes first does not wait.
 */
@Component
@ConditionalOnProperty(name = "kitetail.warm-up", matchIfMissing = true)
class WarmUp {
  private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);

  private final List<Warms> parts;

  WarmUp(List<Warms> parts) {
    this.parts = List.copyOf(parts);
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    Thread t = new Thread(this::all, "warm-up");
    t.setDaemon(true);
    t.start();
  }

  private void all() {
    for (Warms part : parts) {
      long from = System.nanoTime();
      try {
        part.warm();
      } catch (RuntimeException e) {
        LOG.warn("{} is not warm: {}", part.getClass().getSimpleName(), e.getMessage());
      }
      LOG.debug(
          "{} warm after {} ms",
          part.getClass().getSimpleName(),
          (System.nanoTime() - from) / 1_000_000);
    }
  }
}
