package kitetail.formats.card;

import static org.assertj.core.api.Assertions.assertThat;

import ezvcard.Ezvcard;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ContactsTest {
  /**
   * Written by hand: folded lines, escaped commas, an accent, a card without FN, one without a
   * name.
   */
  private static final String BY_HAND =
      """
      BEGIN:VCARD
      VERSION:3.0
      FN:Çelik\\, Aylin van der
        Meer
      N:van der Meer;Aylin;;;
      TEL;TYPE=CELL:+31 6 0000
        0001
      NOTE:Likes it short\\, not bare\\; tea\\, no milk.\\nSecond
        line
      END:VCARD
      BEGIN:VCARD
      VERSION:4.0
      N:Oost;Ødegård;;;
      TEL;VALUE=uri:tel:+31-6-0000-0002
      EMAIL:o@example.org
      END:VCARD
      BEGIN:VCARD
      VERSION:3.0
      EMAIL:nobody@example.org
      END:VCARD
      """
          .replace("\n", "\r\n");

  @Test
  void aFileWrittenByHand_isUnfoldedAndUnescaped() {
    Contacts.Cards cards = Contacts.read(BY_HAND);
    assertThat(cards.contacts()).hasSize(2);
    Contact first = cards.contacts().get(0);
    assertThat(first.name()).isEqualTo("Çelik, Aylin van der Meer");
    assertThat(first.phone()).isEqualTo("+31 6 0000 0001");
    assertThat(first.note()).isEqualTo("Likes it short, not bare; tea, no milk.\nSecond line");
    assertThat(cards.contacts().get(1).name()).isEqualTo("Ødegård Oost");
    assertThat(cards.contacts().get(1).phone()).contains("0002");
    assertThat(cards.problems()).containsExactly("card 3: no name (FN or N); it is left out");
  }

  @ParameterizedTest
  @ValueSource(ints = {3, 4})
  void whatIsWritten_readsBack_andTheLibraryFindsItValid(int major) {
    List<Contact> all =
        List.of(
            new Contact("Ansel Ruiter", "+31 6 0000 0003", "a@example.org", "a, b; c\nd"),
            new Contact("Żaneta Ø", "", "", ""));
    String text = Contacts.write(all, major);
    assertThat(text).contains("VERSION:" + major + ".0").contains("\r\n");
    assertThat(Contacts.read(text).contacts()).isEqualTo(all);
    Ezvcard.parse(text)
        .all()
        .forEach(c -> assertThat(c.validate(c.getVersion()).isEmpty()).isTrue());
  }

  @Test
  void duplicates_areFoundByAddress_number_orName() {
    Contact a = new Contact("Ansel Ruiter", "+31 6 1234 5678", "a@example.org", "");
    assertThat(a.sameAs(new Contact("A. Ruiter", "06 1234 5678", "", ""))).isTrue();
    assertThat(a.sameAs(new Contact("Other", "", "A@Example.org", ""))).isTrue();
    assertThat(a.sameAs(new Contact("ansel  ruiter", "", "", ""))).isTrue();
    assertThat(a.sameAs(new Contact("Ansel Ruiter", "06 9999 0000", "b@example.org", "")))
        .isFalse();
    assertThat(a.sameAs(new Contact("Bram Veldkamp", "", "", ""))).isFalse();
  }

  @Test
  void textThatHoldsNoCard_saysSo() {
    assertThat(Contacts.read("name,phone\nA,1").problems().get(0)).contains("BEGIN:VCARD");
  }
}
