package kitetail.server.error;

/** Knows what was an erased client's. */
public interface Erased {
  String SENTENCE = "This client was erased at their wish; nothing more is kept of them.";

  /**
   * @param kind as tables are called
   * @param key its number or token
   */
  boolean was(String kind, String key);
}
