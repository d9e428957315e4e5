package kitetail.server.message;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kitetail.formats.words.ClientWords;
import kitetail.server.error.FieldException;

/** What a client is written about, as a shop usually words it. */
enum Kind {
  /** A day before. */
  REMINDER(List.of("shop", "when", "stylist")),
  /** As a cut grows out. */
  RETURN(List.of("shop")),
  /** An appointment was moved. */
  MOVED(List.of("shop", "when", "stylist"));

  private static final Pattern NAMED = Pattern.compile("\\{([^{}]*)}");
  private static final int MOST = 400;

  private final List<String> names;

  Kind(List<String> names) {
    this.names = names;
  }

  String usual() {
    return ClientWords.usual(name(), names);
  }

  /** What can be named in its words, in braces. */
  List<String> names() {
    return names;
  }

  /**
   * @throws FieldException when these words name what nobody knows, or leave out what they are for
   */
  String checked(String words) {
    String w = words.strip();
    if (w.isEmpty() || w.length() > MOST) {
      throw new FieldException("$.words", w, "allowed 1 to " + MOST + " characters");
    }
    Matcher m = NAMED.matcher(w);
    while (m.find()) {
      if (!names.contains(m.group(1))) {
        throw new FieldException("$.words", m.group(), "allowed in braces: " + inBraces());
      }
    }
    if (names.contains("when") && !w.contains("{when}")) {
      throw new FieldException(
          "$.words", w, "allowed with {when} in it: a client has to know when");
    }
    return w;
  }

  private String inBraces() {
    return String.join(", ", names.stream().map(n -> "{" + n + "}").toList());
  }

  /** Words with what they name put in. */
  static String said(String words, Map<String, String> named) {
    return NAMED
        .matcher(words)
        .replaceAll(r -> Matcher.quoteReplacement(named.getOrDefault(r.group(1), r.group())));
  }
}
