package kitetail.server.document;

import com.fasterxml.jackson.annotation.Nulls;
import kitetail.formats.json.ChairJson;
import kitetail.formats.json.CourseJson;
import kitetail.formats.json.PlanJson;
import kitetail.formats.json.PracticeJson;
import kitetail.formats.json.SitDownJson;
import kitetail.plan.Plan;
import kitetail.plan.SitDown;
import kitetail.practice.Attempt;
import kitetail.practice.Course;
import kitetail.shopday.Entry;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.jsontype.TypeDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Lets doors take and give plans, sit-downs and chair entries as what they are: they are read as
 * their schemas have it, and every choice is spelt as documents spell it.
 */
@Configuration
class Documents {
  /** Reads a tree, and only then what it means, so that every fault is told with its path. */
  private static final class Read<T> extends StdDeserializer<T> {
    private final java.util.function.Function<JsonNode, T> read;

    private Read(Class<T> type, java.util.function.Function<JsonNode, T> read) {
      super(type);
      this.read = read;
    }

    @Override
    public T deserialize(JsonParser p, DeserializationContext ctx) {
      return read.apply(ctx.readTree(p));
    }

    /** A document says its kind itself. */
    @Override
    public Object deserializeWithType(
        JsonParser p, DeserializationContext ctx, TypeDeserializer kinds) {
      return deserialize(p, ctx);
    }
  }

  /** A plan, or the name of one that is known ({@code {"work": "…"}}). */
  private static Plan plan(JsonNode tree, Works works) {
    if (tree.size() == 1 && tree.path("work").isString()) {
      return works.named(tree.path("work").asString());
    }
    Plan read = PlanJson.read(tree);
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes r
        && r.getResponse() != null) {
      r.getResponse().addHeader(Works.HEADER, works.keep(tree, read));
    }
    return read;
  }

  @Bean
  JsonMapperBuilderCustomizer readAndSpelt(Works works) {
    return b -> {
      PlanJson.spell(b);
      b.disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
          // Nothing that is listed is nothing.
          .changeDefaultNullHandling(n -> n.withContentNulls(Nulls.FAIL))
          .addModule(
              new SimpleModule("documents")
                  .addDeserializer(Plan.class, new Read<>(Plan.class, t -> plan(t, works)))
                  .addDeserializer(SitDown.class, new Read<>(SitDown.class, SitDownJson::read))
                  .addDeserializer(Entry.class, new Read<>(Entry.class, ChairJson::entry))
                  .addDeserializer(Attempt.class, new Read<>(Attempt.class, PracticeJson::read))
                  .addDeserializer(Course.class, new Read<>(Course.class, CourseJson::read)));
    };
  }
}
