package kitetail.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import kitetail.client.Reading;
import kitetail.cut.Cut;
import kitetail.cut.Dial;
import kitetail.cut.Dialled;
import kitetail.cut.Edge;
import kitetail.look.Silhouette;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.work.Deadline;

/**
 * A plan set so that it looks the same longest: neither just cut nor due. Its lengths are let out
 * or taken in together, and of the settings that keep what the client asked for, the one is taken
 * whose outline changes least, at worst, over so many weeks.
 *
 * @param plan as it changes least
 * @param share its lengths over those of the plan as it was
 * @param changeMm how far its outline moves at worst, mean along it
 * @param wasMm how far that of the plan as it was moves
 */
public record SameLongest(Plan plan, double share, double changeMm, double wasMm) {
  /** Lengths tried, over those of the plan. */
  private static final double[] SHARES = {1, 0.88, 0.94, 1.07, 1.15, 1.24};

  /** A wish asked for is kept to so much, mm. */
  private static final double KEPT_MM = 3;

  /** A tenth less of change is seen; less is no reason to change a plan. An assumption. */
  private static final double WORTH = 0.9;

  private static final List<Dial> LENGTHS = List.of(Dial.LENGTH, Dial.FAR_LENGTH, Dial.GAP);
  private static final List<Silhouette.From> SEEN =
      List.of(Silhouette.From.FRONT, Silhouette.From.LEFT, Silhouette.From.BACK);

  /** How many settings are tried. */
  public static final int TRIED = SHARES.length;

  private record Tried(Plan plan, double share, double changeMm) {}

  /**
   * @param stand of the plan's head
   * @param weeks 1 to 26
   * @param done told how many settings have been looked at
   */
  public static SameLongest of(Plan plan, Worn.Stand stand, int weeks, IntConsumer done) {
    if (!(weeks >= 1 && weeks <= 26)) {
      throw new IllegalArgumentException("weeks must be 1 to 26, was " + weeks);
    }
    AtomicInteger count = new AtomicInteger();
    double[] wishes = off(plan, stand.bench());
    Deadline until = Deadline.current();
    List<Tried> all =
        IntStream.range(0, SHARES.length)
            .parallel()
            .mapToObj(
                k ->
                    until.during(
                        () -> {
                          Plan p = SHARES[k] == 1 ? plan : let(plan, SHARES[k]);
                          Tried t =
                              p == null || !keeps(wishes, off(p, stand.bench()))
                                  ? null
                                  : new Tried(p, SHARES[k], worstMm(p, stand, weeks));
                          synchronized (count) {
                            done.accept(count.incrementAndGet());
                          }
                          return t;
                        }))
            .toList();
    Tried was = all.get(0);
    Tried best =
        all.stream()
            .filter(t -> t != null)
            .min(Comparator.comparingDouble(Tried::changeMm))
            .orElse(was);
    Tried taken = best.changeMm < WORTH * was.changeMm ? best : was;
    return new SameLongest(taken.plan, taken.share, taken.changeMm, was.changeMm);
  }

  /** All lengths over fingers and comb by a share; null where one would leave its range. */
  private static Plan let(Plan plan, double share) {
    List<Move> moves = new ArrayList<>();
    for (Move m : plan.moves()) {
      Cut cut = m.cut();
      for (Dial d : cut instanceof Edge ? List.<Dial>of() : LENGTHS) {
        Dialled now = cut.dial(d).orElse(null);
        if (now != null) {
          double let = Math.rint(2 * now.value() * share) / 2;
          if (!now.allows(let)) {
            return null;
          }
          cut = cut.turned(d, let);
        }
      }
      moves.add(m.with(cut));
    }
    return plan.withMoves(moves);
  }

  /** How far each wish asked for is missed, mm. */
  private static double[] off(Plan plan, Workbench bench) {
    return PlanEngine.run(plan, bench).wishes().stream()
        .mapToDouble((Reading r) -> Math.abs(r.needMm() - r.haveMm()))
        .toArray();
  }

  private static boolean keeps(double[] before, double[] after) {
    for (int k = 0; k < before.length; k++) {
      if (after[k] > Math.max(KEPT_MM, before[k] + KEPT_MM)) {
        return false;
      }
    }
    return true;
  }

  /**
   * The farthest the outline moves between any two of its first day, half way and the last week.
   */
  private static double worstMm(Plan plan, Worn.Stand stand, int weeks) {
    List<Map<Silhouette.From, Silhouette>> seen = new ArrayList<>();
    for (double week : new double[] {0, weeks / 2.0, weeks}) {
      Map<Silhouette.From, Silhouette> views = new EnumMap<>(Silhouette.From.class);
      for (Silhouette s : Worn.of(plan, stand, week).look().silhouettes()) {
        views.put(s.from(), s);
      }
      seen.add(views);
    }
    double worst = 0;
    for (int a = 0; a < seen.size(); a++) {
      for (int b = a + 1; b < seen.size(); b++) {
        for (Silhouette.From f : SEEN) {
          worst = Math.max(worst, seen.get(a).get(f).shiftMm(seen.get(b).get(f)));
        }
      }
    }
    return worst;
  }
}
