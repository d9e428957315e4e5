package kitetail.server;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds answers of a running server against the OpenAPI description the page is made from: JSON
 * Schema 2020-12, by an outside validator.
 */
final class Promised {
  private static final String ID = "urn:kitetail:openapi";
  private static final JsonMapper JSON = new JsonMapper();
  private static final JsonNode API = api();
  private static final SchemaRegistry SCHEMAS =
      SchemaRegistry.withDefaultDialect(
          SpecificationVersion.DRAFT_2020_12, b -> b.schemas(Map.of(ID, API.toString())));
  private static final Map<String, Schema> KNOWN = new ConcurrentHashMap<>();

  private Promised() {}

  private static JsonNode api() {
    try {
      return JSON.readTree(Files.readString(Path.of("../kite-web/openapi.json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A part of the description, as a schema. */
  private static Schema at(String pointer) {
    return KNOWN.computeIfAbsent(pointer, p -> SCHEMAS.getSchema(SchemaLocation.of(ID + "#" + p)));
  }

  /** What is wrong with a JSON answer; nothing when it is as promised, or no JSON was. */
  static List<String> broken(String method, String path, int status, String type, String body) {
    Optional<String> operation = operation(method.toLowerCase(java.util.Locale.ROOT), path);
    if (operation.isEmpty() || body.isEmpty() || !type.contains("json")) {
      return List.of();
    }
    if (type.contains("ndjson")) {
      return List.of();
    }
    String code = status >= 400 ? "default" : Integer.toString(status);
    JsonNode said = API.at(operation.get() + "/responses/" + code);
    String pointer = operation.get() + "/responses/" + code + "/content/";
    List<String> found = new ArrayList<>();
    if (said.isMissingNode()) {
      found.add("no answer " + status + " is promised");
      return found;
    }
    for (String media : said.path("content").propertyNames()) {
      if (!type.startsWith(media) && !media.equals("*/*")) {
        found.add(type + " where " + media + " is promised");
        continue;
      }
      for (Error e :
          at(pointer + media.replace("~", "~0").replace("/", "~1") + "/schema")
              .validate(JSON.readTree(body))) {
        found.add(e.getInstanceLocation() + ": " + e.getMessage());
      }
    }
    return found;
  }

  /** JSON that stands before bytes, or is a line of a stream, by the name of its type. */
  static List<String> broken(String typeName, JsonNode json) {
    return at("/components/schemas/" + typeName).validate(json).stream()
        .map(e -> e.getInstanceLocation() + ": " + e.getMessage())
        .toList();
  }

  /** A JSON pointer to the operation that a path belongs to; one without a variable wins. */
  private static Optional<String> operation(String method, String path) {
    String plain = path.replaceAll("\\?.*", "");
    Optional<String> best = Optional.empty();
    for (String template : API.path("paths").propertyNames()) {
      String pattern = template.replaceAll("\\{[^/]*}", "[^/]+").replace(".", "\\.");
      if (plain.matches(pattern)
          && API.path("paths").path(template).has(method)
          && (best.isEmpty() || !template.contains("{"))) {
        best =
            Optional.of("/paths/" + template.replace("~", "~0").replace("/", "~1") + "/" + method);
      }
    }
    return best;
  }
}
