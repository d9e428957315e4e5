package kitetail.formats.words;

import java.util.List;
import java.util.stream.Stream;

/** What clients are written, as a shop usually words it. */
public final class ClientWords {
  private ClientWords() {}

  /**
   * @param kind of message
   * @param names of what is put in later: each stands in the words in braces
   */
  public static String usual(String kind, List<String> names) {
    return Messages.say(
        "client." + kind, names.stream().flatMap(n -> Stream.of(n, "{" + n + "}")).toArray());
  }
}
