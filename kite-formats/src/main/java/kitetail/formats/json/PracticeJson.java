package kitetail.formats.json;

import kitetail.practice.Attempt;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Tries of drills to and from JSON. What is written reads back as the same try. */
public final class PracticeJson {
  private PracticeJson() {}

  /** The JSON Schema (2020-12) of a try; it refers to the plan document's. */
  public static String schema() {
    return PlanJson.resource("schema/practice-1.schema.json");
  }

  /**
   * @throws PlanProblemException with every problem, when the text is not a try
   */
  public static Attempt read(String json) {
    try {
      return read(PlanJson.json().readTree(json));
    } catch (JacksonException e) {
      throw PlanJson.notJson(e);
    }
  }

  /**
   * @throws PlanProblemException with every problem, when the tree is not a try
   */
  public static Attempt read(JsonNode tree) {
    return PlanJson.checked(tree, SchemaCheck.PRACTICE, Attempt.class);
  }

  public static JsonNode tree(Attempt a) {
    return PlanJson.json().valueToTree(a);
  }
}
