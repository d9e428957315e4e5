package kitetail.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents of earlier versions to the present one, step by step. */
final class PlanUpgrade {
  private PlanUpgrade() {}

  static JsonNode toCurrent(JsonNode tree) {
    int version = tree.path("version").asInt(0);
    if (version < 1 || version > 3 || !(tree instanceof ObjectNode)) {
      return tree;
    }
    ObjectNode plan = (ObjectNode) tree.deepCopy();
    if (version == 1) {
      fromOne(plan);
    }
    if (version <= 2) {
      fromTwo(plan);
    }
    for (JsonNode m : plan.path("meant")) {
      if (m instanceof ObjectNode meant && "jump".equals(meant.path("rule").asString(""))) {
        meant.put("rule", "ledge");
      }
    }
    // Blades, slopes of each side and layers came; left out, each reads as it was before.
    return plan.put("version", 4);
  }

  /** Six named lengths became a length for each place taped; wishes became one answer of many. */
  private static void fromOne(ObjectNode plan) {
    if (plan.path("start") instanceof ObjectNode six && six.has("topMm")) {
      ObjectNode start = PlanJson.json().createObjectNode();
      start.put("kind", "taped");
      ObjectNode taped = start.putObject("tapedMm");
      move(six, "frontMm", taped, "front");
      move(six, "sideMm", taped, "earTopLeft");
      move(six, "sideMm", taped, "earTopRight");
      move(six, "napeMm", taped, "nape");
      move(six, "topMm", taped, "apex");
      move(six, "crownMm", taped, "crown");
      move(six, "occipitalMm", taped, "occipital");
      plan.set("start", start);
    }
    if (plan.path("wishes").isArray()) {
      JsonNode points = plan.get("wishes");
      plan.putObject("wishes").set("points", points);
    }
  }

  /** Limits became one of three kinds; the way the work goes became one kind of parting. */
  private static void fromTwo(ObjectNode plan) {
    for (JsonNode section : plan.path("sections")) {
      for (JsonNode limit : section.path("limits")) {
        if (limit instanceof ObjectNode l && !l.has("kind")) {
          l.put("kind", "between");
        }
      }
    }
    for (JsonNode move : plan.path("moves")) {
      if (move.path("cut") instanceof ObjectNode cut && cut.has("progress")) {
        JsonNode toward = cut.remove("progress");
        ObjectNode parting = cut.putObject("parting");
        parting.put("kind", "across");
        parting.set("toward", toward);
      }
    }
  }

  private static void move(ObjectNode from, String name, ObjectNode to, String place) {
    if (from.has(name)) {
      to.set(place, from.get(name));
    }
  }
}
