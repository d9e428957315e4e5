package kitetail.formats.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import kitetail.head.Head;
import kitetail.head.HeadMeasureException;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/** Plans to and from JSON. What is written reads back as the same plan. */
public final class PlanJson {
  private static final JsonMapper MAPPER = mapper();
  private static final Map<Enum<?>, String> NAMES = new ConcurrentHashMap<>();
  private static final int MAX_BYTES = 2_000_000;

  private PlanJson() {}

  private static JsonMapper mapper() {
    JsonMapper.Builder b = JsonMapper.builder();
    spell(b);
    b.disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
        // What a document may leave out reads as 0; the schema refuses a null that is written.
        .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL));
    return b.build();
  }

  /** Makes a mapper spell the core's values as documents do. */
  public static void spell(JsonMapper.Builder b) {
    PlanMixins.into(b);
  }

  /** A named choice as documents spell it. */
  public static String name(Enum<?> choice) {
    return NAMES.computeIfAbsent(choice, c -> MAPPER.convertValue(c, String.class));
  }

  /** An answer as it is written to a file or to a terminal. */
  public static String written(Object answer) {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(answer) + "\n";
  }

  /** The JSON Schema (2020-12) of the plan document, as shipped. */
  public static String schema() {
    return resource("schema/plan-4.schema.json");
  }

  /**
   * @throws PlanProblemException with every problem, when the text is not a plan
   */
  public static Plan read(String json) {
    if (json.length() > MAX_BYTES) {
      throw problem("$", json.length() + " characters", "allowed up to " + MAX_BYTES);
    }
    JsonNode tree;
    try {
      tree = MAPPER.readTree(json);
    } catch (JacksonException e) {
      throw notJson(e);
    }
    return read(tree);
  }

  static PlanProblemException notJson(JacksonException e) {
    var at = e.getLocation();
    return problem(
        "$",
        "text that is not JSON (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")",
        "allowed is one JSON object as in docs/formats.md");
  }

  /**
   * A document of any version ever written.
   *
   * @throws PlanProblemException with every problem, when the tree is not a plan
   */
  public static Plan read(JsonNode tree) {
    return checked(PlanUpgrade.toCurrent(tree), SchemaCheck.PLAN, Plan.class);
  }

  static <T> T checked(JsonNode tree, SchemaCheck schema, Class<T> type) {
    List<PlanProblem> problems = schema.problems(tree);
    if (!problems.isEmpty()) {
      throw new PlanProblemException(problems);
    }
    try {
      return MAPPER.treeToValue(tree, type);
    } catch (JacksonException e) {
      Throwable cause = e.getCause() == null ? e : e.getCause();
      throw problem(SchemaCheck.path(e), "this", cause.getMessage());
    }
  }

  /**
   * Fits the plan's head.
   *
   * @throws PlanProblemException naming the measure, its value and range, when no head has these
   *     measures
   */
  public static Head head(Plan plan) {
    return head(plan.head());
  }

  /**
   * Fits a head.
   *
   * @throws PlanProblemException as above
   */
  public static Head head(HeadSpec spec) {
    try {
      return Head.of(spec);
    } catch (HeadMeasureException e) {
      throw new PlanProblemException(List.of(problem(e)));
    }
  }

  /** What a measure that no head has is told as. */
  public static PlanProblem problem(HeadMeasureException e) {
    return new PlanProblem(
        "$.head." + e.field(),
        Double.toString(e.valueMm()),
        String.format(
            java.util.Locale.ROOT,
            "allowed %.0f to %.0f given the other measures",
            e.minMm(),
            e.maxMm()),
        e.minMm(),
        e.maxMm(),
        "mm",
        "the other measures");
  }

  public static JsonNode tree(Plan plan) {
    return MAPPER.valueToTree(plan);
  }

  public static String write(Plan plan) {
    return written(plan);
  }

  static String resource(String name) {
    try (InputStream in = PlanJson.class.getResourceAsStream("/kitetail/" + name)) {
      if (in == null) {
        throw new IllegalArgumentException("nothing is shipped as " + name);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Data shipped with the application, read as a type. */
  public static <T> T shipped(String name, Class<T> type) {
    return MAPPER.readValue(resource(name), type);
  }

  public static JsonMapper json() {
    return MAPPER;
  }

  private static PlanProblemException problem(String path, String value, String allowed) {
    return new PlanProblemException(List.of(new PlanProblem(path, value, allowed)));
  }
}
