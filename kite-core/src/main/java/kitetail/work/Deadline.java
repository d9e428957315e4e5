package kitetail.work;

import java.time.Duration;

/**
 * Until when work may go on. Whoever asks for it sets one on the thread; long work takes it where
 * it begins, hands it to the threads it spreads over, and asks it between its steps.
 */
public final class Deadline {
  /** Whoever asked does not wait any longer; nothing came of the work. */
  public static final class Passed extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Passed() {
      super("nobody waits for this work any longer");
    }
  }

  /** For work nobody waits for. */
  public static final Deadline NEVER = new Deadline(Long.MAX_VALUE);

  private static final ThreadLocal<Deadline> OF_THREAD = ThreadLocal.withInitial(() -> NEVER);

  private final long atNanos;

  private Deadline(long atNanos) {
    this.atNanos = atNanos;
  }

  public static Deadline in(Duration d) {
    return new Deadline(System.nanoTime() + d.toNanos());
  }

  /** That of the work this thread is at; {@link #NEVER} when none was set. */
  public static Deadline current() {
    return OF_THREAD.get();
  }

  /** A piece of work. */
  public interface Work<T, E extends Exception> {
    T get() throws E;
  }

  /** Does a piece of work under this one; the thread's own is put back. */
  public <T, E extends Exception> T during(Work<T, E> work) throws E {
    Deadline before = OF_THREAD.get();
    OF_THREAD.set(this);
    try {
      check();
      return work.get();
    } finally {
      OF_THREAD.set(before);
    }
  }

  /**
   * @throws Passed when it is over
   */
  public void check() {
    if (passed()) {
      throw new Passed();
    }
  }

  public boolean passed() {
    return this != NEVER && System.nanoTime() - atNanos > 0;
  }

  /** How much time is left, 0 when it is over; at most a day. */
  public Duration left() {
    long most = Duration.ofDays(1).toNanos();
    return this == NEVER
        ? Duration.ofNanos(most)
        : Duration.ofNanos(Math.max(0, Math.min(most, atNanos - System.nanoTime())));
  }
}
