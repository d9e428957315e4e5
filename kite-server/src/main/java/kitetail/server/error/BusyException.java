package kitetail.server.error;

import kitetail.formats.words.Refused;

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
    return new BusyException(Refused.because("too-much-at-once"), true);
  }

  public static BusyException all() {
    return new BusyException(Refused.because("server-busy"), false);
  }

  /** Whether it is this person's own doing. */
  public boolean isOnesOwn() {
    return onesOwn;
  }

  public int againSeconds() {
    return AGAIN_SECONDS;
  }
}
