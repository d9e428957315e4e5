package kitetail.server.error;

/** There is no such thing in this shop. */
public class NotFoundException extends RuntimeException {
  public NotFoundException(String what) {
    super(what);
  }
}
