package kitetail.server.trail;

import java.util.Optional;

/**
 * Who a request is from, while it is worked on.
 *
 * @param device as it names itself; empty when it does not
 */
record Doer(long personId, String device) {
  private static final ThreadLocal<Doer> OF_THREAD = new ThreadLocal<>();

  static Optional<Doer> current() {
    return Optional.ofNullable(OF_THREAD.get());
  }

  static void begin(Doer d) {
    OF_THREAD.set(d);
  }

  static void end() {
    OF_THREAD.remove();
  }
}
