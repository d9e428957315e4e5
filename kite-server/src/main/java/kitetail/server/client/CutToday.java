package kitetail.server.client;

import kitetail.client.Cautions;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.server.error.FieldException;

/** Whether anything is cut today. */
public final class CutToday {
  private CutToday() {}

  /**
   * @throws FieldException when something noted on the skin stops it
   */
  public static void check(SitDown s) {
    check(s.cautions());
  }

  /**
   * @throws FieldException when something noted on the skin stops it
   */
  public static void check(Plan p) {
    check(p.cautions());
  }

  private static void check(Cautions c) {
    if (c.stops()) {
      throw new FieldException(
          "$.cautions", "what is noted on the skin", "nothing is cut today; see the consultation");
    }
  }
}
