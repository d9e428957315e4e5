package kitetail.practice;

import java.util.Locale;

/** What can be practised. */
public enum Drill {
  READ_LENGTH,
  FIND_LANDMARK,
  ONE_CENTIMETRE,
  OVER_COMB,
  GUARDS,
  HOLD,
  WALK_GUIDE,
  WHAT_LEAVES,
  FIND_FAULT,
  PUT_IN_ORDER,
  SAVE_IT,
  WHOLE_CUT;

  /** Levels of difficulty, from 1. */
  public static final int LEVELS = 5;

  /** Stable; documents and addresses name it. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
