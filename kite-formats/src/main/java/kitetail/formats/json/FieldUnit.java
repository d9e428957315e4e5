package kitetail.formats.json;

import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * The unit a field's name ends with, as all names of numbers with a unit do. The page has the same
 * list ({@code kitetail/units.json}).
 */
final class FieldUnit {
  private static final JsonNode BY_ENDING = PlanJson.shipped("units.json", JsonNode.class);

  private FieldUnit() {}

  /** Null where it has none. */
  static @Nullable String of(String path) {
    String name = path.substring(path.lastIndexOf('.') + 1).replaceAll("\\[.*", "");
    return BY_ENDING.properties().stream()
        .filter(e -> name.endsWith(e.getKey()) || name.equalsIgnoreCase(e.getKey()))
        .map(e -> e.getValue().asString())
        .findFirst()
        .orElse(null);
  }
}
