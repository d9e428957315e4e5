package kitetail.server.error;

/** Not for who asks. */
public final class NotAllowedException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotAllowedException(String sentence) {
    super(sentence);
  }
}
