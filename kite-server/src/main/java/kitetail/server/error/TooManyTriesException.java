package kitetail.server.error;

/** Somebody tried too often; when they may again. */
public final class TooManyTriesException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final long waitSeconds;

  public TooManyTriesException(String message, long waitSeconds) {
    super(message);
    this.waitSeconds = waitSeconds;
  }

  public long waitSeconds() {
    return waitSeconds;
  }
}
