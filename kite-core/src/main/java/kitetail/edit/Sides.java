package kitetail.edit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Names with left and right changed over. */
final class Sides {
  private static final Pattern SIDE = Pattern.compile("\\b([Ll]eft|[Rr]ight)\\b");

  private Sides() {}

  /** Where the name tells no side, it is said to be the other one. */
  static String swapped(String name) {
    Matcher m = SIDE.matcher(name);
    if (!m.find()) {
      return name + ", other side";
    }
    return m.replaceAll(
        r ->
            switch (r.group()) {
              case "left" -> "right";
              case "Left" -> "Right";
              case "right" -> "left";
              default -> "Left";
            });
  }
}
