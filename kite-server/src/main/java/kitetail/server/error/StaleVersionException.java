package kitetail.server.error;

/** Somebody else changed it in between. Carries the version that stands now. */
public class StaleVersionException extends RuntimeException {
  private final long current;

  /**
   * @param what it was, as in "this plan"
   */
  public StaleVersionException(String what, long sent, long current) {
    super(
        "This "
            + what
            + " was changed elsewhere: you worked on version "
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
