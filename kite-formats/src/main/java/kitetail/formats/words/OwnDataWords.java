package kitetail.formats.words;

/** What stands on a client's own record beside what is kept of them. */
public final class OwnDataWords {
  private OwnDataWords() {}

  /**
   * @param what a message of the catalogue's group {@code own-data}
   * @param named names of its arguments and their values by turns
   */
  public static String say(String what, Object... named) {
    return Messages.say("own-data." + what, named);
  }
}
