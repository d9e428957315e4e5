package kitetail.formats.words;

import java.util.Map;
import kitetail.formats.json.PlanJson;
import tools.jackson.databind.JsonNode;

/**
 * What things are called, read from the one list that the page is given too ({@code
 * kitetail/words/names.json}).
 */
record Names(Map<String, String> called) {
  private static final JsonNode ALL = PlanJson.shipped("words/names.json", JsonNode.class);

  static final Names PLACES = list("places");
  static final Names FACE_PLACES = list("facePlaces");
  static final Names LANDINGS = list("landings");

  private static Names list(String which) {
    Map<String, String> called = new java.util.HashMap<>();
    ALL.path(which).properties().forEach(e -> called.put(e.getKey(), e.getValue().asString()));
    return new Names(Map.copyOf(called));
  }

  /**
   * @throws IllegalStateException when it has no name
   */
  String of(Enum<?> what) {
    String name = called.get(PlanJson.name(what));
    if (name == null) {
      throw new IllegalStateException("names.json has no name for " + what);
    }
    return name;
  }
}
