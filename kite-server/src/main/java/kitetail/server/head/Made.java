package kitetail.server.head;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.function.Function;

/**
 * A kept value, or a new one made outside the cache's lock. For what parts of spread work ask for:
 * what is made is itself spread over the processors, and a worker that waited for the lock would
 * keep from its maker the very hands it needs. Two threads may make the same value once each. For
 * the same reason these caches tidy up on the thread that asks, not on a worker: one that put
 * something out of a cache would wait for whoever is making something beside it.
 */
public final class Made {
  private Made() {}

  public static <K, V> V once(Cache<K, V> kept, K key, Function<K, V> make) {
    V v = kept.getIfPresent(key);
    if (v == null) {
      v = make.apply(key);
      kept.put(key, v);
    }
    return v;
  }
}
