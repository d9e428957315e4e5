package kitetail.formats.card;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.VCardVersion;
import ezvcard.property.FormattedName;
import ezvcard.property.StructuredName;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** vCards to contacts and back, many at once. */
public final class Contacts {
  private Contacts() {}

  /**
   * @param contacts in the file's order
   * @param problems cards passed over, each with its number and reason
   */
  public record Cards(List<Contact> contacts, List<String> problems) {}

  /** Cards of a text before they are read, to be counted. */
  private static final Pattern BEGIN = Pattern.compile("(?im)^BEGIN:VCARD");

  /** How many cards a text holds, at the cost of a look over it. */
  public static long count(String text) {
    return BEGIN.matcher(text).results().count();
  }

  public static Cards read(String text) {
    List<Contact> contacts = new ArrayList<>();
    List<String> problems = new ArrayList<>();
    List<VCard> cards = Ezvcard.parse(text).all();
    for (int i = 0; i < cards.size(); i++) {
      Contact c = contact(cards.get(i));
      if (c.name().isEmpty()) {
        problems.add("card " + (i + 1) + ": no name (FN or N); it is left out");
      } else if (c.name().length() > 120) {
        problems.add(
            "card "
                + (i + 1)
                + ": a name of "
                + c.name().length()
                + " characters; allowed 1 to 120");
      } else {
        contacts.add(c);
      }
    }
    if (cards.isEmpty()) {
      problems.add("no card found; a vCard begins with BEGIN:VCARD");
    }
    return new Cards(List.copyOf(contacts), List.copyOf(problems));
  }

  private static Contact contact(VCard v) {
    return new Contact(
        name(v),
        v.getTelephoneNumbers().stream()
            .map(t -> t.getText() != null ? t.getText() : t.getUri().getNumber())
            .findFirst()
            .orElse(""),
        v.getEmails().stream().map(e -> e.getValue()).findFirst().orElse(""),
        v.getNotes().stream().map(n -> n.getValue()).collect(Collectors.joining("\n")));
  }

  private static String name(VCard v) {
    FormattedName full = v.getFormattedName();
    if (full != null && full.getValue() != null && !full.getValue().isBlank()) {
      return full.getValue();
    }
    StructuredName n = v.getStructuredName();
    return n == null
        ? ""
        : Stream.of(n.getGiven(), n.getFamily())
            .filter(s -> s != null && !s.isBlank())
            .collect(Collectors.joining(" "));
  }

  /**
   * @param major 3 or 4
   */
  public static String write(List<Contact> contacts, int major) {
    VCardVersion version = major == 3 ? VCardVersion.V3_0 : VCardVersion.V4_0;
    return Ezvcard.write(contacts.stream().map(Contacts::card).toList())
        .version(version)
        .prodId(false)
        .go();
  }

  private static VCard card(Contact c) {
    VCard v = new VCard();
    v.setFormattedName(c.name());
    StructuredName n = new StructuredName();
    int space = c.name().lastIndexOf(' ');
    n.setFamily(c.name().substring(space + 1));
    n.setGiven(space < 0 ? null : c.name().substring(0, space));
    v.setStructuredName(n);
    if (!c.phone().isEmpty()) {
      v.addTelephoneNumber(c.phone());
    }
    if (!c.email().isEmpty()) {
      v.addEmail(c.email());
    }
    if (!c.note().isEmpty()) {
      v.addNote(c.note());
    }
    return v;
  }
}
