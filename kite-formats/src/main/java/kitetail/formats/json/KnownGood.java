package kitetail.formats.json;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Moves and sections found good lately. A plan is sent anew with every change of a number, and most
 * of its moves were checked a moment ago; what is known is left out before a document is checked.
 * Safe to share between threads.
 */
final class KnownGood {
  private static final List<String> LISTS = List.of("moves", "sections");
  private static final int KEPT = 600;

  /** No list is cut down that is longer than any found good: a limit on its length still counts. */
  private volatile int longest;

  private final Set<JsonNode> items =
      Collections.newSetFromMap(
          Collections.synchronizedMap(
              new LinkedHashMap<>(64, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<JsonNode, Boolean> eldest) {
                  return size() > KEPT;
                }
              }));

  /** The document without what is known; the first item of a list stays. */
  JsonNode without(JsonNode tree) {
    if (!(tree instanceof ObjectNode document)) {
      return tree;
    }
    ObjectNode out = document.objectNode().setAll(document);
    for (String list : LISTS) {
      if (document.get(list) instanceof ArrayNode all && all.size() <= longest) {
        ArrayNode fresh = out.putArray(list);
        for (JsonNode item : all) {
          if (fresh.isEmpty() || !items.contains(item)) {
            fresh.add(item);
          }
        }
      }
    }
    return out;
  }

  /** Remembers the parts of a document that is good. Changed afterwards, they must be copies. */
  void add(JsonNode tree) {
    for (String list : LISTS) {
      if (tree.get(list) instanceof ArrayNode all) {
        longest = Math.max(longest, all.size());
        for (JsonNode item : all) {
          if (!items.contains(item)) {
            items.add(item.deepCopy());
          }
        }
      }
    }
  }
}
