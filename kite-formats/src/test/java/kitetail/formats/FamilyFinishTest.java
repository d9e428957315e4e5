package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import kitetail.cut.Aside;
import kitetail.formats.json.Families;
import kitetail.hair.Damp;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes into the hair goes into hair as damp as it wants to be (common practice). */
class FamilyFinishTest {
  private static final Set<String> INTO_DAMP = Set.of("Gel", "Salt spray", "Curl cream");
  private static final Set<String> INTO_DRY = Set.of("Powder", "Dry cream", "Texture spray");

  static List<Plan> families() {
    return List.copyOf(Families.all().values());
  }

  @ParameterizedTest
  @MethodSource("families")
  void eachProductIntoHairAsItWantsIt(Plan family) {
    boolean dried = false;
    for (Move m : family.moves()) {
      dried |= m.job() == Job.DRY;
      if (m.job() != Job.PRODUCT) {
        continue;
      }
      assertThat(m.name()).as("says what it is").isNotEqualTo("Product");
      if (INTO_DAMP.contains(m.name())) {
        assertThat(m.damp()).as(m.name()).isNotEqualTo(Damp.DRY);
      }
      if (INTO_DRY.contains(m.name())) {
        assertThat(m.damp()).as(m.name()).isEqualTo(Damp.DRY);
        assertThat(dried).as(m.name() + " after drying").isTrue();
      }
    }
  }

  /** Hair called dry before it was dried was dry to begin with. */
  @ParameterizedTest
  @MethodSource("families")
  void nothingIsDryAgainBeforeItWasDried(Plan family) {
    boolean wet = false;
    for (Move m : family.moves()) {
      boolean works = !(m.cut() instanceof Aside);
      wet |= works && m.damp() != Damp.DRY;
      wet &= m.job() != Job.DRY;
      if (works && m.damp() == Damp.DRY) {
        assertThat(wet).as(m.name()).isFalse();
      }
    }
  }
}
