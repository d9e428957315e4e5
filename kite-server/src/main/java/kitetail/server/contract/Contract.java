package kitetail.server.contract;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.formats.answer.RankingView;
import kitetail.server.answer.Lines;
import kitetail.server.fall.FallAnswer;
import kitetail.server.fall.InHandAnswer;
import kitetail.server.fall.Longest;
import kitetail.server.plan.PlanAnswer;
import kitetail.server.sitdown.SitFall;
import kitetail.server.sitdown.SitReading;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Makes the description whole. */
@Configuration
class Contract {
  private static final String PROBLEM = "application/problem+json";

  private static final Set<String> STREAMS = Set.of(Lines.TYPE, "text/event-stream");

  private static final String STREAMED = "StreamingResponseBody";

  /** How a stream is made is nobody's business. */
  private static final List<String> UNWANTED = List.of("SseEmitter", STREAMED);

  /** What no door's signature names. */
  private static final List<Class<?>> BESIDE =
      List.of(
          Problem.class,
          PlanAnswer.class,
          FallAnswer.class,
          InHandAnswer.class,
          SitReading.class,
          SitFall.class,
          Lines.Done.class,
          Lines.Stopped.class,
          RankingView.class,
          Longest.class);

  /**
   * First in line to be asked last: what is asked before it takes answers out of their wrapping.
   */
  @Bean
  @Order(Ordered.HIGHEST_PRECEDENCE)
  RecordTypes recordTypes(ObjectMapperProvider mappers) {
    return new RecordTypes(mappers.jsonMapper());
  }

  /**
   * What is written beside bodies the description knows by itself: problems, and the JSON that
   * stands before bytes or comes a line at a time.
   */
  @Bean
  OpenApiCustomizer whole() {
    return api -> {
      BESIDE.forEach(t -> describe(api, t));
      api.getPaths().values().stream()
          .flatMap(p -> p.readOperations().stream())
          .forEach(
              o -> {
                bytesAndLines(o);
                problems(o);
              });
      UNWANTED.forEach(api.getComponents().getSchemas()::remove);
    };
  }

  private static boolean isText(Schema<?> s) {
    return "string".equals(s.getType()) || s.getTypes() != null && s.getTypes().contains("string");
  }

  /** Files are bytes, and what comes a line at a time is text. */
  private static void bytesAndLines(Operation o) {
    o.getResponses().values().stream()
        .filter(r -> r.getContent() != null)
        .flatMap(r -> r.getContent().entrySet().stream())
        .forEach(
            c -> {
              Schema<?> s = c.getValue().getSchema();
              if (STREAMS.contains(c.getKey())) {
                c.getValue().setSchema(new StringSchema());
              } else if (s != null && s.get$ref() != null && s.get$ref().endsWith(STREAMED)) {
                c.getValue().setSchema(new StringSchema().format("binary"));
              } else if (c.getKey().endsWith("json") && s != null && isText(s)) {
                c.getValue().setSchema(RecordTypes.anything("A document as a file."));
              } else if (s != null && "byte".equals(s.getFormat())) {
                s.setFormat("binary");
              }
            });
  }

  /** What was made is answered with 201, and it too has a type. */
  @Bean
  OperationCustomizer made() {
    return (operation, method) -> {
      ApiResponse made = operation.getResponses().get("201");
      Type type = method.getMethod().getGenericReturnType();
      if (made != null && type != void.class) {
        Schema<?> schema =
            ModelConverters.getInstance(true)
                .resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(true))
                .schema;
        made.setContent(
            new Content().addMediaType("application/json", new MediaType().schema(schema)));
      }
      return operation;
    };
  }

  @SuppressWarnings("rawtypes")
  private static void describe(OpenAPI api, Class<?> type) {
    Map<String, Schema> found = ModelConverters.getInstance(true).readAll(type);
    found.forEach(api.getComponents()::addSchemas);
  }

  private static void problems(Operation o) {
    List.copyOf(o.getResponses().keySet()).stream()
        .filter(code -> !code.startsWith("2"))
        .forEach(o.getResponses()::remove);
    Schema<?> problem = new Schema<>().$ref("#/components/schemas/Problem");
    o.getResponses()
        .addApiResponse(
            "default",
            new ApiResponse()
                .description("What went wrong (RFC 9457).")
                .content(new Content().addMediaType(PROBLEM, new MediaType().schema(problem))));
  }
}
