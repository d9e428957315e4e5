package kitetail.formats.json;

import kitetail.plan.SitDown;
import tools.jackson.databind.JsonNode;

/** Sit-downs to and from JSON. What is written reads back as the same sit-down. */
public final class SitDownJson {
  private SitDownJson() {}

  /** The JSON Schema (2020-12) of the sit-down document; it refers to the plan document's. */
  public static String schema() {
    return PlanJson.resource("schema/sitdown-1.schema.json");
  }

  /**
   * @throws PlanProblemException with every problem, when the text is not a sit-down
   */
  public static SitDown read(String json) {
    return read(PlanJson.json().readTree(json));
  }

  /**
   * @throws PlanProblemException with every problem, when the tree is not a sit-down
   */
  public static SitDown read(JsonNode tree) {
    return PlanJson.checked(tree, SchemaCheck.SIT_DOWN, SitDown.class);
  }

  public static JsonNode tree(SitDown s) {
    return PlanJson.json().valueToTree(s);
  }

  public static String write(SitDown s) {
    return PlanJson.json().writeValueAsString(s);
  }
}
