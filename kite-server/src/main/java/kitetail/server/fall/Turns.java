package kitetail.server.fall;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import kitetail.work.Deadline;

/**
 * Falls one after another: each uses all processors by itself, so that many at once would only make
 * all of them late. Those of few strands go first; among equals the one asked first.
 */
final class Turns implements AutoCloseable {
  private final AtomicLong asked = new AtomicLong();
  private final Timer took;
  private final ThreadPoolExecutor one =
      new ThreadPoolExecutor(
          1,
          1,
          0,
          TimeUnit.SECONDS,
          new PriorityBlockingQueue<>(),
          work -> {
            Thread t = new Thread(work, "falls");
            t.setDaemon(true);
            return t;
          });

  Turns(MeterRegistry meters) {
    took = Timer.builder("kitetail.falls").publishPercentiles(0.5, 0.95).register(meters);
    Gauge.builder("kitetail.falls.waiting", this, Turns::waiting).register(meters);
  }

  private record Turn(boolean first, long number, Runnable work)
      implements Runnable, Comparable<Turn> {
    @Override
    public void run() {
      work.run();
    }

    @Override
    public int compareTo(Turn o) {
      return first == o.first ? Long.compare(number, o.number) : first ? -1 : 1;
    }
  }

  /**
   * @param first whether it is quick, and goes before those that are not
   */
  <T> CompletableFuture<T> ask(boolean first, Supplier<T> work) {
    CompletableFuture<T> done = new CompletableFuture<>();
    Deadline until = Deadline.current();
    one.execute(
        new Turn(
            first,
            asked.getAndIncrement(),
            () -> {
              try {
                done.complete(took.record(() -> until.during(work::get)));
              } catch (RuntimeException | Error e) {
                done.completeExceptionally(e);
              }
            }));
    return done;
  }

  /** How many wait for their turn. */
  int waiting() {
    return one.getQueue().size();
  }

  @Override
  public void close() {
    one.shutdownNow();
  }
}
