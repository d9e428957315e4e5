package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.look.Silhouette;
import kitetail.plan.Plan;
import kitetail.planning.Worn;
import org.junit.jupiter.api.Test;

/**
 * Neither just cut nor due: between the first week and the seventh the quiet side part changes its
 * look least of all the shapes. The look is its outline from front, side and back, for that is what
 * is seen across a room.
 */
class LooksTheSameTest {
  private static final int STRANDS = 1500;

  /** What the outline of so many strands is sure to. */
  private static final double SURE_MM = 0.1;

  private static final List<Silhouette.From> SEEN =
      List.of(Silhouette.From.FRONT, Silhouette.From.LEFT, Silhouette.From.BACK);

  private static Map<Silhouette.From, Silhouette> look(Plan p, Worn.Stand stand, double week) {
    return Worn.of(p, stand, week).look().silhouettes().stream()
        .collect(
            Collectors.toMap(
                Silhouette::from,
                Function.identity(),
                (a, b) -> a,
                () -> new EnumMap<>(Silhouette.From.class)));
  }

  private static double changeMm(Plan p) {
    Worn.Stand stand = Worn.Stand.of(Scalp.of(Head.of(p.head()), STRANDS));
    Map<Silhouette.From, Silhouette> first = look(p, stand, 1);
    Map<Silhouette.From, Silhouette> seventh = look(p, stand, 7);
    return SEEN.stream()
        .mapToDouble(f -> first.get(f).shiftMm(seventh.get(f)))
        .average()
        .orElseThrow();
  }

  @Test
  void theQuietSidePart_changesLeast_betweenTheFirstWeekAndTheSeventh() {
    Map<String, Double> change =
        Families.all().values().stream()
            .collect(Collectors.toMap(p -> p.family().id(), LooksTheSameTest::changeMm));
    double quiet = change.remove("quiet-side-part");
    assertThat(change).hasSize(19);
    assertThat(change).allSatisfy((id, mm) -> assertThat(quiet).as(id).isLessThan(mm + SURE_MM));
    double middle = change.values().stream().sorted().skip(9).findFirst().orElseThrow();
    assertThat(quiet).as("well below the middle one").isLessThan(0.75 * middle);
  }
}
