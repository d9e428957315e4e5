package kitetail.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents of earlier versions to the present one, step by step. */
final class PlanUpgrade {
  private PlanUpgrade() {}

  static JsonNode toCurrent(JsonNode tree) {
    return tree.path("version").asInt(0) == 1 ? fromOne((ObjectNode) tree.deepCopy()) : tree;
  }

  /** Six named lengths became a length for each place taped; wishes became one answer of many. */
  private static JsonNode fromOne(ObjectNode plan) {
    plan.put("version", 2);
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
    return plan;
  }

  private static void move(ObjectNode from, String name, ObjectNode to, String place) {
    if (from.has(name)) {
      to.set(place, from.get(name));
    }
  }
}
