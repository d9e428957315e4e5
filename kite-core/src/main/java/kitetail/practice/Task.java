package kitetail.practice;

import java.util.List;
import kitetail.plan.Plan;
import org.jspecify.annotations.Nullable;

/** One drill on one head: what is shown, and what a try of it comes to. */
public sealed interface Task
    permits ReadLength,
        FindLandmark,
        OneCentimetre,
        OverComb,
        WithGuards,
        HoldIt,
        WalkGuide,
        WhatLeaves,
        FindFault,
        PutInOrder,
        SaveIt,
        WholeCut {
  Drill drill();

  /** What is shown and worked on: a head, its hair, and the moves that are already done. */
  Plan plan();

  /** With the move the hand begins from: a comb that was not led yet, guards as they come. */
  default Plan begun() {
    return plan();
  }

  /** The same as it was to become; null where nothing is cut. */
  default @Nullable Plan wished() {
    return null;
  }

  /** What a try leaves; the plan as it was shown where a try cuts nothing. */
  default Plan after(Tried tried) {
    return plan();
  }

  /**
   * @throws IllegalArgumentException when the drill is not answered like that
   */
  Score score(Tried tried);

  /**
   * @param level 1 to {@link Drill#LEVELS}
   * @param shapes whole plans for drills that are about one; not empty for those
   * @throws IllegalArgumentException when the level is none
   */
  static Task of(Drill drill, long seed, int level, List<Plan> shapes) {
    if (level < 1 || level > Drill.LEVELS) {
      throw new IllegalArgumentException("level must be 1 to " + Drill.LEVELS + ", was " + level);
    }
    return switch (drill) {
      case READ_LENGTH -> ReadLength.of(seed, level);
      case FIND_LANDMARK -> FindLandmark.of(seed, level);
      case ONE_CENTIMETRE -> OneCentimetre.of(seed, level);
      case OVER_COMB -> OverComb.of(seed, level);
      case GUARDS -> WithGuards.of(seed, level);
      case HOLD -> HoldIt.of(seed, level);
      case WALK_GUIDE -> WalkGuide.of(seed, level);
      case WHAT_LEAVES -> WhatLeaves.of(seed, level);
      case FIND_FAULT -> FindFault.of(seed, level);
      case PUT_IN_ORDER -> PutInOrder.of(seed, level, shapes);
      case SAVE_IT -> SaveIt.of(seed, level, shapes);
      case WHOLE_CUT -> WholeCut.of(seed, level, shapes);
    };
  }

  /** What a try is when this drill takes it. */
  static <T extends Tried> T as(Class<T> kind, Tried tried) {
    if (!kind.isInstance(tried)) {
      throw new IllegalArgumentException(
          "this drill is answered by "
              + kind.getSimpleName()
              + ", was "
              + tried.getClass().getSimpleName());
    }
    return kind.cast(tried);
  }
}
