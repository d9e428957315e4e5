package kitetail.client;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.head.Place;
import org.junit.jupiter.api.Test;

class CautionsTest {
  private static Cautions with(SkinNote.Kind kind, Consent consent) {
    return new Cautions(List.of(new SkinNote(kind, Place.NAPE, "")), "", consent);
  }

  @Test
  void brokenSkin_whatLooksInfected_andLice_stopTheCut() {
    Consent yes = new Consent(false, "", false, true);
    for (SkinNote.Kind k : SkinNote.Kind.values()) {
      boolean stops =
          List.of(SkinNote.Kind.BROKEN_SKIN, SkinNote.Kind.LOOKS_INFECTED, SkinNote.Kind.LICE)
              .contains(k);
      assertThat(with(k, yes).stops()).isEqualTo(stops);
      assertThat(with(k, yes).all().get(0).id()).isEqualTo(stops ? "skin-stop" : "skin-place");
    }
  }

  @Test
  void aMinor_needsAGuardiansWord() {
    Cautions alone = new Cautions(null, null, new Consent(true, " ", false, false));
    assertThat(alone.all()).extracting(Cautions.Caution::id).containsExactly("minor-consent");
    Cautions agreed = new Cautions(null, null, new Consent(true, "Mother", false, false));
    assertThat(agreed.all()).isEmpty();
  }

  @Test
  void skinNotes_areKeptOnlyWithConsent() {
    Cautions no = with(SkinNote.Kind.MOLE, Consent.NOT_ASKED);
    assertThat(no.all()).extracting(Cautions.Caution::id).contains("notes-consent");
    assertThat(no.kept().skin()).isEmpty();
    Cautions yes = with(SkinNote.Kind.MOLE, new Consent(false, "", false, true));
    assertThat(yes.kept()).isEqualTo(yes);
  }
}
