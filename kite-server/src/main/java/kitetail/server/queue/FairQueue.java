package kitetail.server.queue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import kitetail.server.error.BusyException;

/**
 * Turns for work of which only so much is done at once. Who has least of it running goes first, and
 * among those whose shop has least; then who asked first. So one person who asks for much is late
 * with it, and nobody else is.
 */
final class FairQueue {
  /** Who asks. */
  record Asker(long shop, long person) {}

  /**
   * @param atOnce pieces of work that run at once
   * @param waiting how many may wait in all
   * @param waitingOfOne how many of one person may
   * @param longest how long anybody waits
   */
  record Limits(int atOnce, int waiting, int waitingOfOne, Duration longest) {}

  private record Waiter(Asker asker, long number, CompletableFuture<Void> go) {}

  private final Limits limits;
  private final List<Waiter> waiting = new ArrayList<>();
  private final Map<Asker, Integer> running = new HashMap<>();
  private int runningInAll;
  private long asked;

  FairQueue(Limits limits) {
    this.limits = limits;
  }

  /**
   * Waits for a turn.
   *
   * @return to be run once the work is done; more than once does no harm
   * @throws BusyException when too many wait, or the turn did not come in time
   */
  Runnable enter(Asker asker) {
    Waiter w = line(asker);
    try {
      w.go.get(limits.longest.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      if (leave(w)) {
        throw BusyException.all();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      if (leave(w)) {
        throw BusyException.all();
      }
    } catch (ExecutionException e) {
      throw new IllegalStateException(e);
    }
    AtomicBoolean over = new AtomicBoolean();
    return () -> {
      if (over.compareAndSet(false, true)) {
        done(asker);
      }
    };
  }

  private synchronized Waiter line(Asker asker) {
    if (waiting.stream().filter(w -> w.asker.equals(asker)).count() >= limits.waitingOfOne) {
      throw BusyException.ofOne();
    }
    if (waiting.size() >= limits.waiting) {
      throw BusyException.all();
    }
    Waiter w = new Waiter(asker, asked++, new CompletableFuture<>());
    waiting.add(w);
    next();
    return w;
  }

  /** Whether it was still waiting; else its turn came in the same moment and is taken. */
  private synchronized boolean leave(Waiter w) {
    return waiting.remove(w);
  }

  private synchronized void done(Asker asker) {
    running.merge(asker, -1, (a, b) -> a + b == 0 ? null : a + b);
    runningInAll--;
    next();
  }

  private void next() {
    while (runningInAll < limits.atOnce && !waiting.isEmpty()) {
      Waiter w =
          waiting.stream()
              .min(
                  Comparator.<Waiter>comparingInt(o -> running.getOrDefault(o.asker, 0))
                      .thenComparingInt(o -> ofShop(o.asker.shop))
                      .thenComparingLong(Waiter::number))
              .orElseThrow();
      waiting.remove(w);
      running.merge(w.asker, 1, Integer::sum);
      runningInAll++;
      w.go.complete(null);
    }
  }

  private int ofShop(long shop) {
    return running.entrySet().stream()
        .filter(e -> e.getKey().shop == shop)
        .mapToInt(Map.Entry::getValue)
        .sum();
  }

  synchronized int waiting() {
    return waiting.size();
  }

  synchronized int running() {
    return runningInAll;
  }
}
