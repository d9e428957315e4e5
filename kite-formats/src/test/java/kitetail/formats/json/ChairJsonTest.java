package kitetail.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.UUID;
import java.util.stream.Stream;
import kitetail.head.Place;
import kitetail.shopday.Entry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChairJsonTest {
  static Stream<Entry> entries() {
    return Stream.of(
        new Entry.Bite("top"),
        new Entry.Done("top"),
        new Entry.Reopened("top"),
        new Entry.Skipped("top", "no time"),
        new Entry.Approved("fringe"),
        new Entry.Dosed("thin", 3),
        new Entry.Measured(Place.BEHIND_EAR_LEFT, 12.5),
        new Entry.TookMore("top", Place.CROWN, 6),
        new Entry.Replanned(Families.all().get("quiet-side-part")),
        new Entry.Undone(UUID.fromString("5f1d1a52-7f3c-4c4f-8f3e-0a5f4e0c9a11"), 7),
        new Entry.Paused(),
        new Entry.Resumed(),
        new Entry.ForDry("left corner"),
        new Entry.DrySeen("left corner"),
        new Entry.Checked(4, 3));
  }

  @ParameterizedTest
  @MethodSource("entries")
  void whatIsWritten_readsBackTheSame(Entry e) {
    assertThat(ChairJson.entry(PlanJson.json().readTree(ChairJson.tree(e).toString())))
        .isEqualTo(e);
  }

  @Test
  void everyKindOfEntry_isAmongThem() {
    assertThat(entries().map(e -> ChairJson.tree(e).path("kind").asString()).distinct())
        .hasSize((int) Stream.of(Entry.class.getDeclaredClasses()).filter(Class::isRecord).count());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{}",
        "[]",
        "null",
        "{\"kind\":\"dance\"}",
        "{\"kind\":\"bite\"}",
        "{\"kind\":\"bite\",\"move\":\"top\",\"more\":1}",
        "{\"kind\":\"measured\",\"mm\":12}",
        "{\"kind\":\"measured\",\"place\":\"crown\",\"mm\":-1}",
        "{\"kind\":\"measured\",\"place\":\"elbow\",\"mm\":1}",
        "{\"kind\":\"replanned\",\"plan\":{}}"
      })
  void whatIsNoEntry_isRefusedWithASentence(String text) {
    assertThatThrownBy(() -> ChairJson.entry(PlanJson.json().readTree(text)))
        .isInstanceOf(PlanProblemException.class)
        .message()
        .isNotBlank();
  }
}
