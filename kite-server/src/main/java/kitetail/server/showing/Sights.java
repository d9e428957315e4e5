package kitetail.server.showing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kitetail.fall.Styling;
import kitetail.plan.Plan;
import kitetail.planning.Asked;
import kitetail.server.error.FieldException;
import org.jspecify.annotations.Nullable;

/** What of a plan its client looks at. */
final class Sights {
  static final String TODAY = "today";
  static final String PLANNED = "planned";
  private static final List<Integer> WEEKS = List.of(4, 8);

  private Sights() {}

  /**
   * One thing to look at.
   *
   * @param id by which its pictures are asked for: {@code today}, {@code planned}, {@code
   *     worn-back}, or week and how many
   * @param week after the cut; null for the hair of today
   * @param way how it is worn; null as the plan has it
   */
  record Sight(String id, @Nullable Integer week, @Nullable String way) {}

  /** Today, what is planned, as it grows, and worn each way that was asked for. */
  static List<Sight> of(Plan plan) {
    List<Sight> out = new ArrayList<>();
    out.add(new Sight(TODAY, null, null));
    out.add(new Sight(PLANNED, 0, null));
    for (int week : WEEKS) {
      out.add(new Sight("week" + week, week, null));
    }
    for (Styling.Way way : Asked.ways(plan.wishes())) {
      if (way != plan.styling().way()) {
        String name = way.name().toLowerCase(Locale.ROOT);
        out.add(new Sight("worn-" + name, 0, name));
      }
    }
    return out;
  }

  /**
   * @throws FieldException when nothing of that name is shown
   */
  static Sight named(Plan plan, String id) {
    List<Sight> all = of(plan);
    return all.stream()
        .filter(s -> s.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new FieldException(
                    "what",
                    id,
                    "allowed " + String.join(", ", all.stream().map(Sight::id).toList())));
  }
}
