package kitetail.practice;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Drills in a row, as a teacher sets them.
 *
 * @param steps 1 to 40
 */
public record Course(int version, String title, List<Step> steps) {
  public static final int VERSION = 1;

  /**
   * @param seed the head everybody gets; null for a new one each time
   * @param level 1 to {@link Drill#LEVELS}
   * @param good how often it is to be good, 1 to 20
   */
  public record Step(Drill drill, @Nullable Long seed, int level, int good) {
    public Step {
      if (level < 1 || level > Drill.LEVELS || good < 1 || good > 20) {
        throw new IllegalArgumentException(
            "level must be 1 to "
                + Drill.LEVELS
                + " and good 1 to 20, were "
                + level
                + " and "
                + good);
      }
    }

    /** Whether a try counts for it. */
    boolean counts(Drill of, long withSeed, int atLevel, boolean well) {
      return well && of == drill && atLevel >= level && (seed == null || seed == withSeed);
    }
  }

  public Course {
    if (version != VERSION) {
      throw new IllegalArgumentException("version must be " + VERSION + ", was " + version);
    }
    steps = List.copyOf(steps);
  }

  /** A try as far as a course asks. */
  public record Done(Drill drill, long seed, int level, boolean good) {}

  /** How often each step was good of as often as it is to be, at most that. */
  public List<Integer> done(List<Done> tries) {
    return steps.stream()
        .map(
            s ->
                (int)
                    Math.min(
                        s.good(),
                        tries.stream()
                            .filter(t -> s.counts(t.drill(), t.seed(), t.level(), t.good()))
                            .count()))
        .toList();
  }
}
