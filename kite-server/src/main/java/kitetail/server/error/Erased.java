package kitetail.server.error;

/** Knows what was an erased client's. */
public interface Erased {
  /**
   * @param kind as tables are called
   * @param key its number or token
   */
  boolean was(String kind, String key);
}
