package kitetail.formats.json;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kitetail.plan.Plan;

/** The shape families that ship, each a plan document a stylist can read and change. */
public final class Families {
  private static final List<String> IDS = List.of("quiet-side-part", "gents-scissor-cut");

  private Families() {}

  public static Map<String, Plan> all() {
    Map<String, Plan> all = new LinkedHashMap<>();
    IDS.forEach(id -> all.put(id, PlanJson.read(PlanJson.resource("families/" + id + ".json"))));
    return all;
  }
}
