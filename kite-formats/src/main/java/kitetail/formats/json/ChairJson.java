package kitetail.formats.json;

import java.util.List;
import kitetail.plan.Plan;
import kitetail.shopday.Entry;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is written down at the chair, to and from JSON: {@code {"kind": "bite", "move": "top"}}; a
 * plan made anew carries the whole plan document as {@code plan}.
 */
public final class ChairJson {
  private static final ObjectReader READER =
      PlanJson.json().reader().with(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);

  private ChairJson() {}

  /**
   * @throws PlanProblemException when it is no entry, or one that cannot be
   */
  public static Entry entry(JsonNode tree) {
    if (tree instanceof ObjectNode && tree.path("kind").asString("").equals("replanned")) {
      Plan plan = PlanJson.read(tree.path("plan"));
      return new Entry.Replanned(plan);
    }
    try {
      Entry e = READER.treeToValue(tree, Entry.class);
      if (e == null) {
        throw problem("$", "null", "allowed is one JSON object with a kind");
      }
      if (e instanceof Entry.OfMove m && (m.move() == null || m.move().isEmpty())) {
        throw problem("$.move", "", "it must be given");
      }
      if (e instanceof Entry.Measured m && m.place() == null
          || e instanceof Entry.TookMore t && t.place() == null) {
        throw problem("$.place", "", "it must be given");
      }
      return e;
    } catch (JacksonException e) {
      Throwable cause = e.getCause() == null ? e : e.getCause();
      throw problem(SchemaCheck.path(e), "this", cause.getMessage());
    }
  }

  /** The same from text. */
  public static Entry entry(String json) {
    return entry(PlanJson.json().readTree(json));
  }

  public static JsonNode tree(Entry e) {
    return PlanJson.json().valueToTree(e);
  }

  private static PlanProblemException problem(String path, String value, String allowed) {
    return new PlanProblemException(List.of(new PlanProblem(path, value, allowed)));
  }
}
