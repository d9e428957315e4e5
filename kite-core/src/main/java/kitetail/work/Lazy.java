package kitetail.work;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A value made when it is first asked for, and outside any lock: making it may be spread over the
 * processors, and a worker that waited for a lock (a class being initialised is one) would be
 * missing to who makes it. Who asks meanwhile makes it too; the first one made is kept.
 */
public final class Lazy<T> implements Supplier<T> {
  private final Supplier<T> make;
  private volatile @Nullable T value;

  public Lazy(Supplier<T> make) {
    this.make = make;
  }

  @Override
  public T get() {
    T known = value;
    return known != null ? known : keep(make.get());
  }

  private synchronized T keep(T made) {
    T first = value == null ? made : value;
    value = first;
    return first;
  }
}
