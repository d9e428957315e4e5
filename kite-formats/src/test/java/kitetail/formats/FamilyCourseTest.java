package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import kitetail.formats.json.Families;
import kitetail.hair.Stock;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Course;
import kitetail.plan.Knob;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A family run again and again with other numbers leaves what the engine leaves when asked once.
 */
class FamilyCourseTest {
  static Stream<Plan> families() {
    return Families.all().values().stream();
  }

  @ParameterizedTest
  @MethodSource("families")
  void numbersTurnedOneAfterAnother_leaveWhatAPlanWithThemLeaves(Plan family) {
    Workbench places = new Workbench(Scalp.ofPlaces(Head.of(family.head())));
    Course course = new Course(family, places);
    Random random = new Random(7);
    List<Move> moves = family.moves();
    for (Knob k : family.family().knobs()) {
      moves = k.set(moves, k.min() + random.nextDouble() * (k.max() - k.min()));
      assertThat(course.after(moves)).as(k.id()).isEqualTo(asked(family.withMoves(moves), places));
    }
    // Back to where it began, after other numbers.
    assertThat(course.after(family.moves())).isEqualTo(asked(family, places));
  }

  private static Stock asked(Plan plan, Workbench places) {
    List<Stock> states = PlanEngine.states(plan, places);
    return states.get(states.size() - 1);
  }
}
