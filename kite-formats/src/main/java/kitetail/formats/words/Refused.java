package kitetail.formats.words;

/** Why what was asked is not done, in words. */
public final class Refused {
  private Refused() {}

  /**
   * @param why a message of the catalogue's group {@code refused}
   * @param named names of its arguments and their values by turns
   * @throws IllegalStateException when the catalogue has no such message, or one with other
   *     arguments
   */
  public static String because(String why, Object... named) {
    return Messages.say("refused." + why, named);
  }
}
