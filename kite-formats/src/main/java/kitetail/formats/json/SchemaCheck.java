package kitetail.formats.json;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;

/**
 * Checks a document against a shipped schema and says each fault with its path, value and allowed
 * range.
 */
final class SchemaCheck {
  static final SchemaCheck PLAN = new SchemaCheck("urn:kitetail:plan:4");
  static final SchemaCheck SIT_DOWN = new SchemaCheck("urn:kitetail:sitdown:1");
  static final SchemaCheck PRACTICE = new SchemaCheck("urn:kitetail:practice:1");
  static final SchemaCheck COURSE = new SchemaCheck("urn:kitetail:course:1");

  private final Schema schema;
  private final KnownGood good = new KnownGood();

  private SchemaCheck(String id) {
    schema = Shipped.REGISTRY.getSchema(SchemaLocation.of(id));
  }

  /** The schemas by their ids; one may refer to another. */
  private static final class Shipped {
    static final Map<String, JsonNode> TREES = new HashMap<>();
    static final SchemaRegistry REGISTRY;
    static final Extents EXTENTS;

    static {
      Map<String, String> texts = new HashMap<>();
      for (String text :
          List.of(
              PlanJson.schema(),
              SitDownJson.schema(),
              PracticeJson.schema(),
              CourseJson.schema())) {
        JsonNode tree = PlanJson.json().readTree(text);
        texts.put(tree.path("$id").asString(), text);
        TREES.put(tree.path("$id").asString(), tree);
      }
      REGISTRY =
          SchemaRegistry.withDefaultDialect(
              SpecificationVersion.DRAFT_2020_12, b -> b.schemas(texts));
      EXTENTS = new Extents(TREES.values());
    }
  }

  /** The first faults, {@link Extents#MOST_TOLD} at most; none when it is good. */
  List<PlanProblem> problems(JsonNode tree) {
    List<PlanProblem> over = Shipped.EXTENTS.over(tree);
    if (!over.isEmpty()) {
      return over;
    }
    if (schema.validate(good.without(tree)).isEmpty()) {
      good.add(tree);
      return List.of();
    }
    Set<PlanProblem> problems = new LinkedHashSet<>();
    for (Error e : schema.validate(tree)) {
      problems.add(problem(e));
      if (problems.size() == Extents.MOST_TOLD) {
        break;
      }
    }
    return List.copyOf(problems);
  }

  private static PlanProblem problem(Error e) {
    String path = path(e.getInstanceLocation().toString());
    JsonNode around = around(e);
    String value = shown(e.getInstanceNode());
    return switch (e.getKeyword()) {
      case "required" -> new PlanProblem(path + "." + e.getProperty(), "", "it must be given");
      case "additionalProperties", "unevaluatedProperties" ->
          new PlanProblem(
              path + "." + e.getProperty(),
              "this name",
              "allowed " + names(around.path("properties")));
      case "minimum", "maximum" ->
          PlanProblem.range(
              path, value, around.path("minimum").asDouble(), around.path("maximum").asDouble());
      case "enum" -> new PlanProblem(path, value, "allowed " + list(around.path("enum")));
      case "const" -> new PlanProblem(path, value, "allowed " + text(around.path("const")));
      case "type" ->
          new PlanProblem(
              path,
              value,
              "allowed is a value of type " + text(around.path("type")) + range(around));
      case "minLength", "maxLength" ->
          new PlanProblem(
              path,
              value,
              "allowed "
                  + around.path("minLength").asInt(0)
                  + " to "
                  + around.path("maxLength").asInt()
                  + " characters");
      case "minItems", "maxItems" ->
          new PlanProblem(
              path,
              "a list of " + e.getInstanceNode().size(),
              "allowed "
                  + around.path("minItems").asInt(0)
                  + " to "
                  + around.path("maxItems").asInt()
                  + " entries");
      default -> new PlanProblem(path, value, e.getMessage());
    };
  }

  private static String range(JsonNode around) {
    return around.has("minimum")
        ? ", " + text(around.path("minimum")) + " to " + text(around.path("maximum"))
        : "";
  }

  /** The part of the schema that holds the broken keyword. */
  private static JsonNode around(Error e) {
    String location = e.getSchemaLocation().toString();
    int hash = location.indexOf('#');
    String pointer = location.substring(hash + 1);
    int cut = pointer.lastIndexOf('/');
    return Shipped.TREES
        .get(location.substring(0, hash))
        .at(cut <= 0 ? "" : pointer.substring(0, cut));
  }

  private static String names(JsonNode properties) {
    return String.join(", ", properties.propertyNames());
  }

  private static String list(JsonNode values) {
    List<String> all = new ArrayList<>();
    values.forEach(v -> all.add(text(v)));
    return String.join(", ", all);
  }

  private static String text(JsonNode n) {
    return n.isString() ? n.asString() : n.toString();
  }

  private static String shown(JsonNode n) {
    String s = n == null ? "nothing" : n.toString();
    return s.length() > 60 ? s.substring(0, 57) + "..." : s;
  }

  /** JSON pointer to JSON path. */
  private static String path(String pointer) {
    if (pointer.startsWith("$")) {
      return pointer;
    }
    StringBuilder out = new StringBuilder("$");
    for (String part : pointer.split("/")) {
      if (!part.isEmpty()) {
        out.append(part.matches("\\d+") ? "[" + part + "]" : "." + part);
      }
    }
    return out.toString();
  }

  static String path(JacksonException e) {
    StringBuilder out = new StringBuilder("$");
    if (e instanceof DatabindException d) {
      d.getPath()
          .forEach(
              r ->
                  out.append(
                      r.getPropertyName() == null
                          ? "[" + r.getIndex() + "]"
                          : "." + r.getPropertyName()));
    }
    return out.toString();
  }
}
