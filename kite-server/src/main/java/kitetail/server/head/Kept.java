package kitetail.server.head;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;
import kitetail.work.Deadline;

/**
 * Values kept by what they were made for. Each is made once however many ask at a time, by the
 * thread that asked first and outside the cache's locks; what leaves is put out by whoever asks.
 *
 * <p>A worker of spread work never waits here: what another thread is making is itself spread over
 * the processors and may need that very worker, so the worker makes the value again for itself.
 */
public final class Kept<K, V> {
  private final Cache<K, CompletableFuture<V>> values;
  private final ToLongFunction<V> bytes;

  /** Values that weigh much the same each. */
  public Kept(Share share) {
    this(share, v -> share.oneBytes());
  }

  /**
   * @param share of the heap all of them may take together
   * @param bytes what one weighs
   */
  public Kept(Share share, ToLongFunction<V> bytes) {
    this(share.mostBytes(), bytes);
  }

  /**
   * @param most bytes of all together
   */
  Kept(long most, ToLongFunction<V> bytes) {
    this.bytes = bytes;
    values =
        Caffeine.newBuilder()
            .executor(Runnable::run)
            .maximumWeight(Math.max(1, most))
            .weigher((K k, CompletableFuture<V> f) -> weight(f))
            .build();
  }

  /** What is still being made weighs next to nothing; it is weighed again once it is there. */
  private int weight(CompletableFuture<V> f) {
    return f.isDone() && !f.isCompletedExceptionally()
        ? (int) Math.min(Integer.MAX_VALUE, Math.max(1, bytes.applyAsLong(f.join())))
        : 1;
  }

  private void weighed(K key, CompletableFuture<V> mine) {
    values.asMap().replace(key, mine, mine);
  }

  /** The value, made now if there is none; what its making throws is thrown to all who asked. */
  public V get(K key, Function<K, V> make) {
    CompletableFuture<V> mine = new CompletableFuture<>();
    CompletableFuture<V> there = values.get(key, k -> mine);
    if (there == mine) {
      try {
        mine.complete(make.apply(key));
        weighed(key, mine);
      } catch (RuntimeException | Error e) {
        failed(key, mine, e);
      }
    } else if (!there.isDone() && Thread.currentThread() instanceof ForkJoinWorkerThread) {
      return make.apply(key);
    }
    return valueOf(there, () -> get(key, make));
  }

  /** The value; where there is none, whoever {@code ask} asks makes it in its own time. */
  public V inTurn(K key, Function<K, CompletableFuture<V>> ask) {
    CompletableFuture<V> mine = new CompletableFuture<>();
    CompletableFuture<V> there = values.get(key, k -> mine);
    if (there == mine) {
      try {
        CompletableFuture<V> unused =
            ask.apply(key)
                .whenComplete(
                    (v, e) -> {
                      if (e == null) {
                        mine.complete(v);
                        weighed(key, mine);
                      } else {
                        failed(key, mine, e);
                      }
                    });
      } catch (RuntimeException | Error e) {
        failed(key, mine, e);
      }
    }
    return valueOf(there, () -> inTurn(key, ask));
  }

  private void failed(K key, CompletableFuture<V> mine, Throwable why) {
    values.asMap().remove(key, mine);
    mine.completeExceptionally(why);
  }

  /** How much all that is kept weighs, bytes. */
  long bytes() {
    values.cleanUp();
    return values.policy().eviction().orElseThrow().weightedSize().orElseThrow();
  }

  public boolean has(K key) {
    return known(key).isPresent();
  }

  /** The value if it is there already. */
  public Optional<V> known(K key) {
    CompletableFuture<V> there = values.getIfPresent(key);
    return there != null && there.isDone() && !there.isCompletedExceptionally()
        ? Optional.of(there.join())
        : Optional.empty();
  }

  /**
   * Waited for as long as who asks has time.
   *
   * @param again when who made it had less time than who waits for it
   */
  private static <V> V valueOf(CompletableFuture<V> f, Supplier<V> again) {
    Deadline until = Deadline.current();
    try {
      return f.get(until.left().toMillis(), TimeUnit.MILLISECONDS);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Deadline.Passed && !until.passed()) {
        return again.get();
      }
      throw e.getCause() instanceof RuntimeException r ? r : new CompletionException(e.getCause());
    } catch (TimeoutException e) {
      throw new Deadline.Passed();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Deadline.Passed();
    }
  }
}
