package kitetail.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Cut;
import kitetail.cut.Texture;
import kitetail.hair.Stock;
import kitetail.section.Zone;

/**
 * The moves of one plan run again and again with other numbers in their cuts, as fitting does. What
 * stays the same is looked up once, and of a run that begins as the last one did only the rest is
 * worked out. Gives what {@link PlanEngine#states} gives, to the last bit. For one thread.
 */
public final class Course {
  private final Plan plan;
  private final Workbench bench;
  private final Zone[] zones;
  private final List<Map<Cut, double[]>> leaves = new ArrayList<>();

  /** Before the first move and after each, by the cuts that were run last. */
  private final Stock[] states;

  private final Cut[] ran;

  public Course(Plan plan, Workbench bench) {
    this.plan = plan;
    this.bench = bench;
    int n = plan.moves().size();
    this.zones =
        plan.moves().stream().map(m -> bench.zone(plan.region(m.section()))).toArray(Zone[]::new);
    this.ran = new Cut[n];
    this.states = new Stock[n + 1];
    states[0] = PlanEngine.start(plan, bench);
    for (int m = 0; m < n; m++) {
      leaves.add(new HashMap<>());
    }
  }

  /**
   * The hair after the last move.
   *
   * @param moves the plan's own with other cuts
   */
  public Stock after(List<Move> moves) {
    int same = 0;
    while (same < ran.length && moves.get(same).cut().equals(ran[same])) {
      same++;
    }
    // A cut that is refused on the way leaves nothing that looks as if it had been run.
    Arrays.fill(ran, same, ran.length, null);
    for (int m = same; m < ran.length; m++) {
      Move move = moves.get(m);
      Cut cut = PlanEngine.resolved(plan, move, states[m], bench.scalp());
      double[] left = cut instanceof Texture ? null : leaves(m, cut);
      states[m + 1] = PlanEngine.after(cut, zones[m], left, move.handRatio(plan.hair()), states[m]);
      ran[m] = move.cut();
    }
    return states[ran.length];
  }

  private double[] leaves(int move, Cut cut) {
    return leaves.get(move).computeIfAbsent(cut, c -> c.leaves(zones[move], plan.hair()));
  }
}
