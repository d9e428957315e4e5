package kitetail.server.error;

import kitetail.formats.words.Refused;

/** There is no such thing, or not in this shop. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String kind;
  private final String key;

  public NotFoundException(String message) {
    this(message, null, null);
  }

  private NotFoundException(String message, String kind, String key) {
    super(message);
    this.kind = kind;
    this.key = key;
  }

  /**
   * A thing of a client's, which may be missing because they were erased.
   *
   * @param kind as tables are called
   */
  public static NotFoundException of(String kind, Object key) {
    return new NotFoundException(
        Refused.because("none-in-shop", "kind", kind, "key", key.toString()), kind, key.toString());
  }

  String kind() {
    return kind;
  }

  String key() {
    return key;
  }
}
