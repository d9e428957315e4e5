package kitetail.formats.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.SkinNote;
import kitetail.head.Place;
import kitetail.plan.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CareWordsTest {
  private static final Words WORDS = new Words(Units.CM);

  private static String said(SkinNote.Kind k, Place near) {
    Cautions c =
        new Cautions(List.of(new SkinNote(k, near, "")), "", new Consent(false, "", false, true));
    return CareWords.of(c.all().get(0), WORDS);
  }

  /** What stops a cut sends to a physician and defers to local rules; nothing is diagnosed. */
  @ParameterizedTest
  @EnumSource(SkinNote.Kind.class)
  void everyKind_isSaidWithItsPlace_andWhatToDo(SkinNote.Kind k) {
    String words = said(k, Place.BEHIND_EAR_RIGHT);
    assertThat(words).contains("near the right behind-ear corner");
    if (k.stops()) {
      assertThat(words).contains("do not cut today", "physician", "local rules");
    } else {
      assertThat(words).contains("no blade, edge or heat");
    }
    assertThat(words.toLowerCase(java.util.Locale.ROOT))
        .doesNotContain("eczema", "psoriasis", "ringworm", "fungus", "cancer", "dermatitis");
  }

  @ParameterizedTest
  @EnumSource(Place.class)
  void everyPlace_readsWellAfterTheArticle(Place p) {
    assertThat(WORDS.place(p)).doesNotStartWith("behind").doesNotContain("_");
    assertThat(said(SkinNote.Kind.SCAR, p)).startsWith("Scar near the " + WORDS.place(p) + ":");
  }

  @Test
  void minors_consent_andAllergies_areSaid() {
    Cautions c =
        new Cautions(
            List.of(new SkinNote(SkinNote.Kind.MOLE, Place.NAPE, "")),
            "henna",
            new Consent(true, "", false, false));
    List<String> said = c.all().stream().map(a -> CareWords.of(a, WORDS)).toList();
    assertThat(said).hasSize(4);
    assertThat(said).anyMatch(s -> s.contains("guardian"));
    assertThat(said).anyMatch(s -> s.contains("only with consent"));
    assertThat(said).anyMatch(s -> s.contains("patch test"));
  }

  @Test
  void findingsOfTheSitDown_areWorded() {
    for (String rule : new String[] {"leave-alone", "skin-stop", "skin-place"}) {
      String words =
          WORDS.finding(new Finding(rule, Finding.Severity.WARN, null, Place.NAPE, 12), null);
      assertThat(words).contains("nape").doesNotContain(rule);
    }
    assertThat(
            WORDS.finding(
                new Finding("leave-alone", Finding.Severity.WARN, "m", Place.NAPE, 12), null))
        .contains("1.2 cm");
  }
}
