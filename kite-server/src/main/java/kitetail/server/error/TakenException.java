package kitetail.server.error;

/** A chair is taken at that time, or its person is elsewhere. */
public class TakenException extends RuntimeException {
  public TakenException(String message) {
    super(message);
  }
}
