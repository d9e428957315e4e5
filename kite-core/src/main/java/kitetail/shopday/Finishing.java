package kitetail.shopday;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kitetail.fall.Styling;
import kitetail.hair.Beard;
import kitetail.hair.Damp;
import kitetail.hair.NeckHair;
import kitetail.plan.Job;
import kitetail.plan.Move;
import kitetail.plan.Plan;

/**
 * Drying and styling in order, each step at the dampness it wants, with what the plan is dried
 * with; common practice: heat moves hair and cool sets it, so what is set is held until cold; gel
 * goes in before drying, cream when it is dry, powder on dry and cooled hair; curls are dried with
 * low heat and little air. Hair that was cut dry at the end is not towelled again.
 *
 * @param steps in order
 */
public record Finishing(List<Step> steps) {
  /** Curled hair is shorter than so much of its length; an assumption. */
  private static final double CURLED = 0.85;

  /** A set that is to stay where it was put; an assumption. */
  private static final double FIRM = 0.5;

  private static final Set<Job> BESIDE_CUTTING =
      EnumSet.of(Job.MIST, Job.DRY, Job.APPROVE, Job.CHECK, Job.NECK, Job.PRODUCT);

  /** What is done. */
  public enum What {
    /** Towel, pressed and not rubbed. */
    TOWEL,
    /** What was cut dry is brushed out. */
    BRUSH_OUT,
    /** Cut dry, it is wetted again for what goes in damp. */
    MIST,
    CURL_CREAM,
    GEL,
    /** Combed the way it is worn and left alone. */
    AIR_DRY,
    CLOTH_DRY,
    /** Nozzle along the hair, the way it is worn. */
    DRY_ALONG,
    /** A vent brush lifts and draws a wave out. */
    DRY_VENT,
    /** A flat brush keeps it close. */
    DRY_FLAT,
    /** A round brush turns ends and lifts roots. */
    DRY_ROUND,
    /** Against the lie first, for height. */
    DRY_UP,
    /** Low heat and speed, scrunched and left alone. */
    DRY_CURLS,
    /** On wholly dry hair. */
    IRON,
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
    boolean up = s.way() == Styling.Way.UP;
    boolean gel = product && !curls && !up && s.hold() >= FIRM;
    boolean cutDry = lastCutDry(plan);
    List<Step> steps = new ArrayList<>();
    steps.add(cutDry ? new Step(What.BRUSH_OUT, Damp.DRY) : new Step(What.TOWEL, Damp.WET));
    // Hair cut dry was dried before; it is wetted again only for what goes in damp.
    boolean damp = !cutDry || gel || product && curls;
    if (cutDry && damp) {
      steps.add(new Step(What.MIST, Damp.DRY));
    }
    if (product && curls) {
      steps.add(new Step(What.CURL_CREAM, Damp.DAMP));
    }
    if (gel) {
      steps.add(new Step(What.GEL, Damp.DAMP));
    }
    if (damp || up) {
      steps.add(new Step(drying(s), damp ? Damp.DAMP : Damp.DRY));
      if (s.dried() == Styling.Dried.IRON) {
        steps.add(new Step(What.IRON, Damp.DRY));
      }
      if (!curls && s.hold() > 0 && hot(s)) {
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

  private static boolean lastCutDry(Plan plan) {
    boolean dry = false;
    for (Move m : plan.moves()) {
      dry = BESIDE_CUTTING.contains(m.job()) ? dry : m.damp() == Damp.DRY;
    }
    return dry;
  }

  /** What stands up is dried up, whatever with. */
  private static What drying(Styling s) {
    if (s.way() == Styling.Way.UP) {
      return What.DRY_UP;
    }
    return switch (s.dried()) {
      case AIR -> What.AIR_DRY;
      case CLOTH -> What.CLOTH_DRY;
      case NOZZLE, IRON -> What.DRY_ALONG;
      case DIFFUSER -> What.DRY_CURLS;
      case VENT_BRUSH -> What.DRY_VENT;
      case FLAT_BRUSH -> What.DRY_FLAT;
      case ROUND_BRUSH -> What.DRY_ROUND;
    };
  }

  private static boolean hot(Styling s) {
    return s.way() == Styling.Way.UP
        || s.dried() != Styling.Dried.AIR && s.dried() != Styling.Dried.CLOTH;
  }
}
