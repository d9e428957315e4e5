package kitetail.formats.json;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * How much a document may hold, told before it is checked in full: the longest list of each name in
 * a schema, and how deep and how wide it may be at all. Takes time in proportion to the document,
 * whatever it holds.
 */
final class Extents {
  /** Lists the schema does not name are no longer than the longest it does; an assumption. */
  private static final int LONGEST = 6000;

  private static final int WIDEST = 300;
  private static final int DEEPEST = 40;

  /** So many are told; who sees them mends these first. */
  static final int MOST_TOLD = 50;

  private final Map<String, Integer> longest = new HashMap<>();

  /**
   * @param schemas whose limits hold
   */
  Extents(Iterable<JsonNode> schemas) {
    schemas.forEach(this::learn);
  }

  private void learn(JsonNode schema) {
    JsonNode properties = schema.path("properties");
    for (String name : properties.propertyNames()) {
      int most = properties.path(name).path("maxItems").asInt(0);
      if (most > 0) {
        longest.merge(name, most, Math::max);
      }
    }
    schema.forEach(this::learn);
  }

  /** What is too much; empty when the document may be checked in full. */
  List<PlanProblem> over(JsonNode document) {
    List<PlanProblem> out = new ArrayList<>();
    walk("$", "", document, 0, out);
    return out;
  }

  private void walk(String path, String name, JsonNode at, int depth, List<PlanProblem> out) {
    if (out.size() >= MOST_TOLD || !at.isContainer()) {
      return;
    }
    if (depth > DEEPEST) {
      out.add(new PlanProblem(path, "nested so deep", "allowed up to " + DEEPEST + " levels"));
      return;
    }
    int most = at.isArray() ? longest.getOrDefault(name, LONGEST) : WIDEST;
    if (at.size() > most) {
      String what = at.isArray() ? "a list of " + at.size() : at.size() + " names";
      String allowed = at.isArray() ? " entries" : " names";
      out.add(new PlanProblem(path, what, "allowed up to " + most + allowed));
      return;
    }
    if (at.isArray()) {
      for (int i = 0; i < at.size(); i++) {
        walk(path + "[" + i + "]", "", at.get(i), depth + 1, out);
      }
    } else {
      for (Map.Entry<String, JsonNode> e : at.properties()) {
        walk(path + "." + e.getKey(), e.getKey(), e.getValue(), depth + 1, out);
      }
    }
  }
}
