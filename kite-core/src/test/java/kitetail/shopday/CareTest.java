package kitetail.shopday;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Care of tools between clients; common practice. */
class CareTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Amsterdam");
  private static final Instant TEN = Instant.parse("2026-11-25T09:00:00Z");

  private static Care.Done used(long client, int minute) {
    return new Care.Done(Care.Act.USED, TEN.plusSeconds(60L * minute), client);
  }

  private static Care.Done did(Care.Act act, int minute) {
    return new Care.Done(act, TEN.plusSeconds(60L * minute), null);
  }

  private static List<Care.Need> due(Tool tool, int minute, Long client, Care.Done... log) {
    return Care.due(tool, List.of(log), TEN.plusSeconds(60L * minute), client, ZONE);
  }

  @Test
  void aNewTool_needsNothing() {
    for (Tool t : Tool.values()) {
      assertThat(due(t, 0, 1L)).isEmpty();
    }
  }

  @Test
  void aComb_isDisinfectedBetweenClients_notWithinOne() {
    assertThat(due(Tool.COMB, 5, 1L, used(1, 0))).isEmpty();
    assertThat(due(Tool.COMB, 5, 2L, used(1, 0)))
        .containsExactly(new Care.Need(Care.Act.DISINFECTED, true, null));
  }

  @Test
  void disinfection_countsAfterItsContactTime() {
    Care.Done[] log = {used(1, 0), did(Care.Act.DISINFECTED, 30)};
    assertThat(due(Tool.COMB, 35, 2L, log))
        .containsExactly(new Care.Need(Care.Act.DISINFECTED, true, TEN.plusSeconds(60 * 40)));
    assertThat(due(Tool.COMB, 40, 2L, log)).isEmpty();
    assertThat(due(Tool.COMB, 60, 3L, used(1, 0), did(Care.Act.DISINFECTED, 30), used(2, 45)))
        .extracting(Care.Need::act)
        .containsExactly(Care.Act.DISINFECTED);
  }

  @Test
  void aRazor_hasANewBladeForEveryClient() {
    assertThat(due(Tool.RAZOR, 60, 2L, used(1, 0), did(Care.Act.DISINFECTED, 30)))
        .containsExactly(new Care.Need(Care.Act.BLADE, true, null));
    assertThat(
            due(
                Tool.RAZOR,
                60,
                2L,
                used(1, 0),
                did(Care.Act.DISINFECTED, 30),
                did(Care.Act.BLADE, 41)))
        .isEmpty();
  }

  @Test
  void aClipper_isOiledOnceADay_andThatBlocksNobody() {
    Care.Done yesterday = did(Care.Act.OILED, -24 * 60);
    assertThat(due(Tool.CLIPPER, 60, 1L, used(1, 0), yesterday))
        .containsExactly(new Care.Need(Care.Act.OILED, false, null));
    assertThat(due(Tool.CLIPPER, 60, 1L, used(1, 0), did(Care.Act.OILED, 10))).isEmpty();
  }

  @Test
  void shears_goToBeSharpened_byTheNumberOfClients() {
    List<Care.Done> log = new ArrayList<>();
    for (int i = 0; i < Care.SHARP_CLIENTS; i++) {
      log.add(used(1, -10_000 + i));
    }
    assertThat(due(Tool.SHEARS, 0, 1L, log.toArray(Care.Done[]::new)))
        .containsExactly(new Care.Need(Care.Act.SHARPENED, false, null));
    log.add(did(Care.Act.SHARPENED, -10_000 + 1));
    assertThat(due(Tool.SHEARS, 0, 1L, log.toArray(Care.Done[]::new))).isEmpty();
  }
}
