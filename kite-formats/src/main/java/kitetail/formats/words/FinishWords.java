package kitetail.formats.words;

import java.util.ArrayList;
import java.util.List;
import kitetail.fall.Styling;
import kitetail.plan.Plan;
import kitetail.shopday.Finishing;

/** Drying, styling and home care in short trade words. */
public final class FinishWords {
  private FinishWords() {}

  public static String step(Finishing.Step s, Plan plan) {
    return switch (s.what()) {
      case TOWEL -> "Press the water out with the towel; do not rub.";
      case BRUSH_OUT -> "Brush the cut hair out, then cool air along it.";
      case MIST -> "Mist it again, damp and not dripping.";
      case CURL_CREAM -> "Curl cream on damp hair, brushed through, clumps twisted.";
      case GEL -> "Gel on damp hair, before drying. Hands first, then hair; little.";
      case AIR_DRY -> "Lay it " + way(plan.styling()) + " and leave it alone until it is dry.";
      case CLOTH_DRY -> "Dry it with the cloth, pressed " + way(plan.styling()) + ".";
      case DRY_ALONG -> "Dry " + way(plan.styling()) + ", nozzle along the hair.";
      case DRY_VENT ->
          "Dry "
              + way(plan.styling())
              + " with a vent brush: lift, draw the wave out, against the lie where it puffs.";
      case DRY_FLAT ->
          "Dry " + way(plan.styling()) + " under a flat brush, close to the head, nozzle along it.";
      case DRY_ROUND ->
          "Dry "
              + way(plan.styling())
              + " with a round brush: roots up, ends turned, rolled out cold.";
      case DRY_UP -> "Dry it up from the roots, against the lie first.";
      case DRY_CURLS -> "Low heat and speed; scrunch, clip, let it air.";
      case IRON -> "Iron when wholly dry, thin pieces, off the skin and the ears.";
      case HOLD_UNTIL_COLD -> "Heat moves, cool sets: hold it in place until it is cold.";
      case CREAM -> "Cream when fully dry. Hands first, then hair; little, in layers.";
      case POWDER -> "Powder on dry, cooled hair, at the roots.";
      case CLEAN_NECK ->
          (cools(plan) ? "While it cools, clean the neck" : "Clean the neck")
              + " and look at the edge again.";
      case JOIN_BEARD ->
          "Join the sideburns to the beard, no step between; both sides alike from the front.";
      case LOOK_DRY -> "Look at everything once more, dry, before the last product goes in.";
    };
  }

  private static boolean cools(Plan plan) {
    return Finishing.of(plan).steps().stream()
        .anyMatch(s -> s.what() == Finishing.What.HOLD_UNTIL_COLD);
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
        plan.styling().dried() == Styling.Dried.AIR
                || plan.styling().dried() == Styling.Dried.DIFFUSER
            ? "Wet it, lay it " + way(plan.styling()) + ", leave it alone until it is dry."
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
