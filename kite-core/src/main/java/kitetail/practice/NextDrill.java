package kitetail.practice;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Comb;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.plan.Plan;

/**
 * What to practise next: what costs this hand most in the work it does, not what was practised just
 * now.
 */
public final class NextDrill {
  /** After so many days a drill counts as long ago. */
  private static final double LONG_AGO_DAYS = 7;

  /** What the drills teach, where they teach one skill. */
  private static final Map<Drill, List<Skill>> TEACHES = new EnumMap<>(Drill.class);

  static {
    TEACHES.put(Drill.READ_LENGTH, List.of(Skill.LENGTH_BY_EYE));
    TEACHES.put(Drill.FIND_LANDMARK, List.of(Skill.LANDMARK));
    TEACHES.put(Drill.ONE_CENTIMETRE, List.of(Skill.COMB_LENGTH));
    TEACHES.put(Drill.OVER_COMB, List.of(Skill.COMB_GAP, Skill.COMB_LEAN));
    TEACHES.put(Drill.HOLD, List.of(Skill.ELEVATION, Skill.FINGERS));
    TEACHES.put(Drill.WALK_GUIDE, List.of(Skill.CREEP));
  }

  private NextDrill() {}

  /**
   * @param daysSince since each drill was last tried; none when it never was
   * @param plans what this person has cut of late; may be empty
   */
  public static Drill of(Hand hand, Map<Drill, Double> daysSince, List<Plan> plans) {
    return java.util.Arrays.stream(Drill.values())
        .filter(d -> d != Drill.WHOLE_CUT)
        .max(
            Comparator.comparingDouble((Drill d) -> worth(d, hand, daysSince, plans))
                .thenComparing(Comparator.reverseOrder()))
        .orElseThrow();
  }

  private static double worth(Drill d, Hand hand, Map<Drill, Double> daysSince, List<Plan> plans) {
    double worse =
        TEACHES.getOrDefault(d, List.of()).stream().mapToDouble(hand::overUsual).max().orElse(1);
    Double days = daysSince.get(d);
    double due = days == null ? 1 : 1 - Math.exp(-days / LONG_AGO_DAYS);
    return worse * due * (0.25 + used(d, plans));
  }

  /** In what share of the moves of the work the drill's skill is needed. */
  private static double used(Drill d, List<Plan> plans) {
    long all = plans.stream().mapToLong(p -> p.moves().size()).sum();
    if (all == 0) {
      return 1;
    }
    long of =
        plans.stream()
            .flatMap(p -> p.moves().stream())
            .filter(
                m ->
                    switch (d) {
                      case ONE_CENTIMETRE, OVER_COMB -> m.cut() instanceof Comb;
                      case GUARDS -> m.cut() instanceof Fade || m.cut().guarded();
                      case HOLD, WALK_GUIDE, WHAT_LEAVES -> m.cut() instanceof Fingers;
                      default -> true;
                    })
            .count();
    return (double) of / all;
  }
}
