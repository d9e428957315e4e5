package kitetail.formats.json;

import kitetail.practice.Course;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Courses to and from JSON. What is written reads back as the same course. */
public final class CourseJson {
  private CourseJson() {}

  /** The JSON Schema (2020-12) of a course. */
  public static String schema() {
    return PlanJson.resource("schema/course-1.schema.json");
  }

  /**
   * @throws PlanProblemException with every problem, when the text is not a course
   */
  public static Course read(String json) {
    try {
      return read(PlanJson.json().readTree(json));
    } catch (JacksonException e) {
      throw PlanJson.notJson(e);
    }
  }

  /**
   * @throws PlanProblemException with every problem, when the tree is not a course
   */
  public static Course read(JsonNode tree) {
    return PlanJson.checked(tree, SchemaCheck.COURSE, Course.class);
  }

  public static String write(Course c) {
    return PlanJson.written(c);
  }
}
