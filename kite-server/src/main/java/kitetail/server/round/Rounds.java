package kitetail.server.round;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Goes every round in its time. All servers on one database share one table of tasks, so that one
 * of them goes; when it dies on the way another takes over once its heartbeat has been missed.
 */
@Component
class Rounds {
  private static final Duration HEARTBEAT = Duration.ofSeconds(5);
  private static final int MISSED = 4;

  private final Scheduler scheduler;

  Rounds(DataSource db, List<Round> rounds) {
    Duration soonest = rounds.stream().map(Round::every).min(Duration::compareTo).orElse(HEARTBEAT);
    scheduler =
        Scheduler.create(db)
            .startTasks(rounds.stream().map(Rounds::task).toList())
            .threads(rounds.size())
            .pollingInterval(soonest.compareTo(HEARTBEAT) < 0 ? soonest : HEARTBEAT)
            .heartbeatInterval(HEARTBEAT)
            .missedHeartbeatsLimit(MISSED)
            .shutdownMaxWait(HEARTBEAT)
            .build();
  }

  private static RecurringTask<Void> task(Round round) {
    return Tasks.recurring(round.task(), FixedDelay.of(round.every()))
        .execute((instance, context) -> round.go());
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
