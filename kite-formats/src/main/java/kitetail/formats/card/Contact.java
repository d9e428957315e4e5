package kitetail.formats.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How a client is reached. Absent is empty, never null. */
public record Contact(String name, String phone, String email, String note) {
  /** Fewer digits tell nobody from another. */
  private static final int SHORTEST_NUMBER = 7;

  public Contact {
    name = clean(name);
    phone = clean(phone);
    email = clean(email);
    note = note == null ? "" : note.strip();
  }

  private static String clean(String s) {
    return s == null ? "" : s.strip();
  }

  /** True when it is very likely the same person: same address or number, or, lacking one, name. */
  public boolean sameAs(Contact o) {
    if (!email.isEmpty() && !o.email.isEmpty() && email.equalsIgnoreCase(o.email)) {
      return true;
    }
    String mine = digits(phone);
    String theirs = digits(o.phone);
    if (mine.length() >= SHORTEST_NUMBER && theirs.length() >= SHORTEST_NUMBER) {
      int n = Math.min(9, Math.min(mine.length(), theirs.length()));
      if (mine.substring(mine.length() - n).equals(theirs.substring(theirs.length() - n))) {
        return true;
      }
    }
    return plain(name).equals(plain(o.name))
        && (email.isEmpty() || o.email.isEmpty())
        && (mine.isEmpty() || theirs.isEmpty());
  }

  /** Two that are the same have one of these in common. */
  List<String> likenesses() {
    List<String> keys = new ArrayList<>(List.of("name " + plain(name)));
    if (!email.isEmpty()) {
      keys.add("email " + email.toLowerCase(Locale.ROOT));
    }
    String number = digits(phone);
    if (number.length() >= SHORTEST_NUMBER) {
      keys.add("number " + number.substring(number.length() - SHORTEST_NUMBER));
    }
    return keys;
  }

  private static String digits(String s) {
    return s.replaceAll("\\D", "");
  }

  private static String plain(String s) {
    return s.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
  }
}
