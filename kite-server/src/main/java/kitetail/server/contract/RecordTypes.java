package kitetail.server.contract;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.practice.Attempt;
import kitetail.practice.Course;
import kitetail.shopday.Entry;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Describes records as they are written: every component is there unless it may be missing, choices
 * are spelt as documents spell them, and a document is what its own schema says.
 */
class RecordTypes extends ModelResolver {
  /** Documents that have a JSON Schema of their own. */
  private static final Map<Class<?>, String> DOCUMENTS =
      Map.of(
          Plan.class,
          "PlanDocument",
          SitDown.class,
          "SitDocument",
          Attempt.class,
          "TryDocument",
          Course.class,
          "CourseDocument");

  @SuppressWarnings("StaticAssignmentInConstructor")
  RecordTypes(ObjectMapper mapper) {
    super(mapper, new TypeNames());
    openapi31(true);
    enumsAsRef = true;
  }

  @Override
  public Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> next) {
    JavaType java = type.getType() == null ? null : _mapper.constructType(type.getType());
    Class<?> raw = java == null ? Object.class : java.getRawClass();
    String document = DOCUMENTS.get(raw);
    if (document != null) {
      context.defineModel(document, anything("A document; docs/formats.md has its fields."));
      return new Schema<>().$ref(document);
    }
    if (JsonNode.class.isAssignableFrom(raw)) {
      return anything("JSON of any kind.");
    }
    if (raw == Entry.class) {
      context.defineModel("ChairEntry", oneOfEach(raw, context, next));
      return new Schema<>().$ref("ChairEntry");
    }
    Schema<?> found = super.resolve(type, context, next);
    if (raw.isRecord()) {
      Schema<?> model = context.getDefinedModels().get(_typeName(java));
      if (model != null) {
        eachOnce(raw);
        model.setRequired(always(raw).toList());
      }
    }
    return found;
  }

  /** A closed choice: one of its records, told by their kind. */
  private Schema<?> oneOfEach(
      Class<?> choice, ModelConverterContext context, Iterator<ModelConverter> next) {
    Schema<?> all = new Schema<>();
    for (Class<?> c : choice.getPermittedSubclasses()) {
      if (c.isRecord()) {
        Schema<?> ref = context.resolve(new AnnotatedType(c));
        Schema<?> model = context.getDefinedModels().get(_typeName(_mapper.constructType(c)));
        StringSchema kind = new StringSchema();
        kind.setConst(java.beans.Introspector.decapitalize(c.getSimpleName()));
        model.addProperty("kind", kind);
        model.addRequiredItem("kind");
        all.addOneOfItem(ref);
      } else {
        oneOfEach(c, context, next).getOneOf().forEach(all::addOneOfItem);
      }
    }
    return all;
  }

  static Schema<?> anything(String description) {
    Schema<?> any = new Schema<>().description(description).additionalProperties(true);
    any.addType("object");
    return any;
  }

  /** What is written into another record must not be called as something of it. */
  private static void eachOnce(Class<?> of) {
    Set<String> names = new HashSet<>();
    written(of)
        .filter(n -> !names.add(n))
        .findFirst()
        .ifPresent(
            n -> {
              throw new IllegalStateException(
                  of.getSimpleName() + " writes \"" + n + "\" twice, once of a part of it");
            });
  }

  private static Stream<String> written(Class<?> of) {
    return Arrays.stream(of.getRecordComponents())
        .flatMap(c -> inside(c) ? written(c.getType()) : Stream.of(c.getName()));
  }

  /** The names of what is always there. */
  private Stream<String> always(Class<?> of) {
    return Arrays.stream(of.getRecordComponents())
        .filter(c -> !missing(c))
        .flatMap(c -> inside(c) ? always(c.getType()) : Stream.of(c.getName()));
  }

  private static boolean inside(RecordComponent c) {
    try {
      return c.getDeclaringRecord()
          .getDeclaredField(c.getName())
          .isAnnotationPresent(JsonUnwrapped.class);
    } catch (NoSuchFieldException e) {
      throw new IllegalStateException(e);
    }
  }

  private static boolean missing(RecordComponent c) {
    return c.getAnnotatedType().isAnnotationPresent(Nullable.class);
  }

  @Override
  @SuppressWarnings({"rawtypes", "unchecked", "deprecation"})
  protected void _addEnumProps(Class<?> choice, Schema schema) {
    schema.setEnum(names(choice));
  }

  @Override
  protected Schema<?> _createSchemaForEnum(Class<Enum<?>> choice) {
    StringSchema named = new StringSchema();
    named.setEnum(names(choice));
    return named;
  }

  private static List<String> names(Class<?> choice) {
    return Arrays.stream(choice.getEnumConstants()).map(e -> PlanJson.name((Enum<?>) e)).toList();
  }
}
