package kitetail.server.client;

import kitetail.care.Cautions;
import kitetail.server.error.FieldException;

/** Whether anything is cut today. */
public final class CutToday {
  private CutToday() {}

  /**
   * @throws FieldException when something noted on the skin stops it
   */
  public static void check(Cautions c) {
    if (c.stops()) {
      throw new FieldException(
          "$.cautions", "what is noted on the skin", "nothing is cut today; see the sit-down");
    }
  }
}
