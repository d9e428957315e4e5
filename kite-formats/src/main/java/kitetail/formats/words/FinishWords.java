package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Styling;
import kitetail.finish.Finishing;
import kitetail.plan.Plan;

/** Drying, styling and home care in short trade words. */
public final class FinishWords {
  private FinishWords() {}

  public static String step(Finishing.Step s, Plan plan) {
    return switch (s.what()) {
      case TOWEL -> "Press the water out with the towel; do not rub.";
      case CURL_CREAM -> "Curl cream on damp hair, brushed through, clumps twisted.";
      case GEL -> "Gel on damp hair, before drying. Hands first, then hair; little.";
      case DRY_ALONG ->
          "Dry "
              + way(plan.styling())
              + ", nozzle along the hair; vent brush against the lie where it puffs.";
      case DRY_UP -> "Dry it up from the roots, against the lie first.";
      case DRY_CURLS -> "Low heat and speed; scrunch, clip, let it air.";
      case HOLD_UNTIL_COLD -> "Heat moves, cool sets: hold it in place until it is cold.";
      case CREAM -> "Cream when fully dry. Hands first, then hair; little, in layers.";
      case POWDER -> "Powder on dry, cooled hair, at the roots.";
      case CLEAN_NECK -> "While it cools, clean the neck and look at the edge again.";
      case JOIN_BEARD ->
          "Join the sideburns to the beard, no step between; both sides alike from the front.";
      case LOOK_DRY -> "Look at everything once more, dry, before the last product goes in.";
    };
  }

  private static String way(Styling s) {
    return switch (s.way()) {
      case NATURAL -> "the way it falls";
      case BACK -> "back";
      case FORWARD -> "forward";
      case LEFT -> "over to the left";
      case RIGHT -> "over to the right";
      case UP -> "up";
    };
  }

  /** What the client does at home. */
  public static List<String> home(Plan plan) {
    List<Finishing.What> done =
        Finishing.of(plan).steps().stream().map(Finishing.Step::what).toList();
    List<String> out = new ArrayList<>();
    out.add(
        done.contains(Finishing.What.DRY_CURLS)
            ? "Wet it, press it, leave it alone until it is dry."
            : "Dry it " + way(plan.styling()) + ", as today.");
    if (done.contains(Finishing.What.GEL)) {
      out.add("A little gel while damp; a little cream when dry.");
    } else if (done.contains(Finishing.What.CREAM)) {
      out.add("A little cream, when it is fully dry.");
    } else if (done.contains(Finishing.What.POWDER)) {
      out.add("A little powder at the roots, when it is dry and cool.");
    } else if (done.contains(Finishing.What.CURL_CREAM)) {
      out.add("Curl cream while it is damp.");
    }
    out.add("A product new to the skin is tried on a small patch first.");
    return out;
  }
}
