package kitetail.practice;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What to practise next: what this hand is farthest from usual hands in, not what was practised
 * just now.
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
   */
  public static Drill of(Hand hand, Map<Drill, Double> daysSince) {
    return java.util.Arrays.stream(Drill.values())
        // It takes an hour, not minutes: whoever wants it asks for it.
        .filter(d -> d != Drill.WHOLE_CUT)
        .max(
            Comparator.comparingDouble((Drill d) -> worth(d, hand, daysSince))
                .thenComparing(Comparator.reverseOrder()))
        .orElseThrow();
  }

  private static double worth(Drill d, Hand hand, Map<Drill, Double> daysSince) {
    double worse =
        TEACHES.getOrDefault(d, List.of()).stream().mapToDouble(hand::overUsual).max().orElse(1);
    Double days = daysSince.get(d);
    double due = days == null ? 1 : 1 - Math.exp(-days / LONG_AGO_DAYS);
    return worse * due;
  }
}
