package kitetail.server.error;

/** Somebody else changed it in between. Carries the version that stands now. */
public class StaleVersionException extends RuntimeException {
  private final long current;

  public StaleVersionException(long sent, long current) {
    super(
        "This plan was changed elsewhere: you worked on version "
            + sent
            + ", now it is version "
            + current
            + ".");
    this.current = current;
  }

  public long current() {
    return current;
  }
}
