package kitetail.server.error;

/** More is asked of the engine than can wait; nothing was done, and it may be asked again. */
public final class BusyException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private static final int AGAIN_SECONDS = 2;

  private final boolean onesOwn;

  private BusyException(String sentence, boolean onesOwn) {
    super(sentence);
    this.onesOwn = onesOwn;
  }

  public static BusyException ofOne() {
    return new BusyException(
        "You ask for more at a time than can be worked out; what was asked before comes first.",
        true);
  }

  public static BusyException all() {
    return new BusyException(
        "Much is asked of the shop's server just now. Try again in a moment.", false);
  }

  /** Whether it is this person's own doing. */
  public boolean isOnesOwn() {
    return onesOwn;
  }

  public int againSeconds() {
    return AGAIN_SECONDS;
  }
}
