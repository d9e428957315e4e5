package kitetail.formats.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** JSON Merge Patch (RFC 7396). */
public final class MergePatch {
  private MergePatch() {}

  /** The target with the patch laid over it; neither is changed. */
  public static JsonNode apply(JsonNode target, JsonNode patch) {
    if (!(patch instanceof ObjectNode changes)) {
      return patch;
    }
    ObjectNode out =
        target instanceof ObjectNode t ? t.deepCopy() : PlanJson.json().createObjectNode();
    changes.forEachEntry(
        (name, value) -> {
          if (value.isNull()) {
            out.remove(name);
          } else {
            out.set(name, apply(out.path(name), value));
          }
        });
    return out;
  }
}
