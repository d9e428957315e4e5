package kitetail.practice;

import java.util.List;
import kitetail.plan.Plan;

/**
 * One try of one drill, as it is written down.
 *
 * @param seed of its head, 0 to 999 999 999
 * @param level 1 to {@link Drill#LEVELS}
 * @param seconds it took
 * @param leftHand with which hand
 */
public record Attempt(
    int version, Drill drill, long seed, int level, double seconds, boolean leftHand, Tried tried) {
  public static final int VERSION = 1;
  public static final long SEEDS = 1_000_000_000;

  public Attempt {
    if (version != VERSION) {
      throw new IllegalArgumentException("version must be " + VERSION + ", was " + version);
    }
    if (seed < 0 || seed >= SEEDS) {
      throw new IllegalArgumentException("seed must be 0 to " + (SEEDS - 1) + ", was " + seed);
    }
    if (!(seconds >= 0 && seconds <= 36_000)) {
      throw new IllegalArgumentException("seconds must be 0 to 36000, was " + seconds);
    }
  }

  /** The drill it is a try of. */
  public Task task(List<Plan> shapes) {
    return Task.of(drill, seed, level, shapes);
  }
}
