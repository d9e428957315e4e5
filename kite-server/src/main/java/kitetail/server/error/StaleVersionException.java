package kitetail.server.error;

import kitetail.formats.words.Refused;

/** Somebody else changed it in between. Carries the version that stands now. */
public class StaleVersionException extends RuntimeException {
  private final long current;

  /**
   * @param what it was, as in "this plan"
   */
  public StaleVersionException(String what, long sent, long current) {
    super(
        Refused.because(
            "changed-elsewhere",
            "what",
            what,
            "sent",
            String.valueOf(sent),
            "current",
            String.valueOf(current)));
    this.current = current;
  }

  public long current() {
    return current;
  }
}
