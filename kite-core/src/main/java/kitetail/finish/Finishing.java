package kitetail.finish;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Styling;
import kitetail.hair.Beard;
import kitetail.hair.Damp;
import kitetail.hair.NeckHair;
import kitetail.plan.Plan;

/**
 * Drying and styling in order, each step at the dampness it wants; common practice: heat moves hair
 * and cool sets it, so what is set is held until cold; gel goes in before drying, cream when it is
 * dry, powder on dry and cooled hair; curls are dried with low heat and little air.
 *
 * @param steps in order
 */
public record Finishing(List<Step> steps) {
  /** Curled hair is shorter than so much of its length; an assumption. */
  private static final double CURLED = 0.85;

  /** A set that is to stay where it was put; an assumption. */
  private static final double FIRM = 0.5;

  /** What is done. */
  public enum What {
    /** Towel, pressed and not rubbed. */
    TOWEL,
    CURL_CREAM,
    GEL,
    /** Nozzle along the hair, the way it is worn. */
    DRY_ALONG,
    /** Against the lie first, for height. */
    DRY_UP,
    /** Low heat and speed, scrunched and left alone. */
    DRY_CURLS,
    HOLD_UNTIL_COLD,
    CREAM,
    POWDER,
    /** While it cools: neck brushed, edges looked at again. */
    CLEAN_NECK,
    /** Sideburns into the beard. */
    JOIN_BEARD,
    /** What was put on the dry list, and everything once more. */
    LOOK_DRY
  }

  /**
   * @param damp how the hair should be when the step begins
   */
  public record Step(What what, Damp damp) {}

  public static Finishing of(Plan plan) {
    Styling s = plan.styling();
    boolean curls = plan.hair().wetDry().curlRatio() < CURLED;
    boolean product = s.productShare() > 0;
    boolean firm = s.hold() >= FIRM;
    boolean up = s.way() == Styling.Way.UP;
    List<Step> steps = new ArrayList<>();
    steps.add(new Step(What.TOWEL, Damp.WET));
    if (curls) {
      if (product) {
        steps.add(new Step(What.CURL_CREAM, Damp.DAMP));
      }
      steps.add(new Step(What.DRY_CURLS, Damp.DAMP));
    } else {
      if (product && firm && !up) {
        steps.add(new Step(What.GEL, Damp.DAMP));
      }
      steps.add(new Step(up ? What.DRY_UP : What.DRY_ALONG, Damp.DAMP));
      if (s.hold() > 0) {
        steps.add(new Step(What.HOLD_UNTIL_COLD, Damp.DRY));
      }
    }
    if (plan.hair().neck() == NeckHair.CLEANED) {
      steps.add(new Step(What.CLEAN_NECK, Damp.DRY));
    }
    if (plan.hair().beard() != Beard.NONE) {
      steps.add(new Step(What.JOIN_BEARD, Damp.DRY));
    }
    steps.add(new Step(What.LOOK_DRY, Damp.DRY));
    if (product && !curls) {
      steps.add(new Step(up ? What.POWDER : What.CREAM, Damp.DRY));
    }
    return new Finishing(List.copyOf(steps));
  }
}
