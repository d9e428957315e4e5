package kitetail.formats.json;

import kitetail.plan.Plan;

/** The plan that follows the hair as it is, before it is set to anybody. */
public final class Todays {
  /** By which it is asked for, beside the families. */
  public static final String ID = "todays-cut";

  private Todays() {}

  /** Loaded once. */
  private static final class Shipped {
    static final Plan SHAPE = PlanJson.read(PlanJson.resource("today/" + ID + ".json"));
  }

  public static Plan shape() {
    return Shipped.SHAPE;
  }
}
