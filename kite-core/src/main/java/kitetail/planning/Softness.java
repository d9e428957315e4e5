package kitetail.planning;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import kitetail.cut.Blade;
import kitetail.cut.Cut;
import kitetail.cut.Fingers;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/** How soft the ends of a whole plan are cut: with what its lines over the fingers are cut. */
public enum Softness {
  SOLID(Blade.BLUNT),
  SOFT(Blade.POINTS_SHALLOW),
  PIECEY(Blade.POINTS_DEEP);

  private final Blade blade;

  Softness(Blade blade) {
    this.blade = blade;
  }

  private static List<Blade> all() {
    return Arrays.stream(values()).map(s -> s.blade).toList();
  }

  private static boolean sets(Cut cut) {
    return cut instanceof Fingers f && all().contains(f.blade());
  }

  /** What most of a plan's lines are cut with; null when shears points cut none of them. */
  public static Softness of(Plan plan) {
    return Arrays.stream(values())
        .filter(s -> s.count(plan) > 0)
        .max(Comparator.comparing(s -> s.count(plan)))
        .orElse(null);
  }

  private long count(Plan plan) {
    return plan.moves().stream()
        .filter(m -> sets(m.cut()) && ((Fingers) m.cut()).blade() == blade)
        .count();
  }

  /** Every line cut with shears so soft; a razor stays a razor. */
  public Plan on(Plan plan) {
    return plan.withMoves(plan.moves().stream().map(this::on).toList());
  }

  private Move on(Move m) {
    return sets(m.cut()) ? m.with(((Fingers) m.cut()).with(blade)) : m;
  }
}
