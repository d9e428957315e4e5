package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stretch of a sentence.
 *
 * @param text the words
 * @param path where in the cut the number or choice stands that they say, such as {@code
 *     line.lengthMm}; missing for plain words
 */
public record SaidPart(String text, @Nullable String path) {
  // Private-use characters: no word of the product and nothing typed by a stylist holds them.
  private static final char OPEN = '\uE000';
  private static final char SAYS = '\uE001';
  private static final char SHUT = '\uE002';

  static String marked(String path, String text) {
    return OPEN + path + SAYS + text + SHUT;
  }

  static List<SaidPart> of(String marked) {
    List<SaidPart> out = new ArrayList<>();
    int from = 0;
    for (int open = marked.indexOf(OPEN); open >= 0; open = marked.indexOf(OPEN, from)) {
      int says = marked.indexOf(SAYS, open);
      int shut = marked.indexOf(SHUT, says);
      plain(marked.substring(from, open), out);
      out.add(new SaidPart(marked.substring(says + 1, shut), marked.substring(open + 1, says)));
      from = shut + 1;
    }
    plain(marked.substring(from), out);
    return List.copyOf(out);
  }

  private static void plain(String text, List<SaidPart> out) {
    if (!text.isEmpty()) {
      out.add(new SaidPart(text, null));
    }
  }
}
