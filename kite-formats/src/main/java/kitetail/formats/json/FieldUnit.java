package kitetail.formats.json;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The unit a field's name ends with, as all names of numbers with a unit do. */
final class FieldUnit {
  private static final Map<String, String> BY_ENDING = new LinkedHashMap<>();

  static {
    BY_ENDING.put("MmPerDay", "mm/day");
    BY_ENDING.put("PerCm2", "1/cm²");
    BY_ENDING.put("PerDm2", "g/dm²");
    BY_ENDING.put("Mm2", "mm²");
    BY_ENDING.put("Mm", "mm");
    BY_ENDING.put("Um", "µm");
    BY_ENDING.put("Deg", "°");
    BY_ENDING.put("Share", "share of 1");
    BY_ENDING.put("Sec", "s");
    BY_ENDING.put("Weeks", "weeks");
    BY_ENDING.put("Fingers", "fingers");
  }

  private FieldUnit() {}

  /** Null where it has none. */
  static @Nullable String of(String path) {
    String name = path.substring(path.lastIndexOf('.') + 1).replaceAll("\\[.*", "");
    return BY_ENDING.entrySet().stream()
        .filter(e -> name.endsWith(e.getKey()) || name.equalsIgnoreCase(e.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(null);
  }
}
