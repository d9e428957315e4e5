package kitetail.server.message;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Sends the post every so often. All servers on one database share one table of tasks, so that one
 * of them goes the round; when it dies on the way another takes over once its heartbeat has been
 * missed.
 */
@Component
class Postman {
  private static final Duration HEARTBEAT = Duration.ofSeconds(5);
  private static final int MISSED = 4;

  private final Scheduler scheduler;

  Postman(DataSource db, Post post, @Value("${kitetail.messages-every:20s}") Duration every) {
    RecurringTask<Void> round =
        Tasks.recurring("messages", FixedDelay.of(every))
            .execute((instance, context) -> post.round());
    scheduler =
        Scheduler.create(db)
            .startTasks(round)
            .threads(1)
            .pollingInterval(every.compareTo(HEARTBEAT) < 0 ? every : HEARTBEAT)
            .heartbeatInterval(HEARTBEAT)
            .missedHeartbeatsLimit(MISSED)
            .shutdownMaxWait(HEARTBEAT)
            .build();
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    scheduler.start();
  }

  @PreDestroy
  void stop() {
    scheduler.stop();
  }
}
