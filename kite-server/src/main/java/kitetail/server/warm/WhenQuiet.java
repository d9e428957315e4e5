package kitetail.server.warm;

import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Work that may be done beforehand, one piece at a time: the last that was named for a key, once
 * nothing new was named for it so long.
 */
public final class WhenQuiet<K> implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(WhenQuiet.class);

  private final Map<K, Future<?>> waiting = new ConcurrentHashMap<>();
  private final Duration quiet;
  private final ScheduledThreadPoolExecutor one;

  public WhenQuiet(String name, Duration quiet) {
    this.quiet = quiet;
    one =
        new ScheduledThreadPoolExecutor(
            1,
            work -> {
              Thread t = new Thread(work, name);
              t.setDaemon(true);
              return t;
            });
    one.setRemoveOnCancelPolicy(true);
    one.setRejectedExecutionHandler(new ThreadPoolExecutor.DiscardPolicy());
  }

  /** Takes the place of what was named for the key and has not begun. */
  public void then(K key, Runnable work) {
    waiting.compute(
        key,
        (k, before) -> {
          if (before != null) {
            before.cancel(false);
          }
          return one.schedule(() -> run(key, work), quiet.toMillis(), TimeUnit.MILLISECONDS);
        });
  }

  /** What has not begun is not done any more. */
  @Override
  public void close() {
    one.shutdownNow();
  }

  private void run(K key, Runnable work) {
    waiting.remove(key);
    try {
      work.run();
    } catch (RuntimeException e) {
      LOG.warn("{} was not prepared: {}", key, e.getMessage());
    }
  }
}
