package kitetail.formats;

import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import kitetail.formats.json.Families;
import kitetail.head.Place;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import org.junit.jupiter.api.Test;

/**
 * The same plan gives the same numbers as long as the engine has the same version: what every
 * family leaves.
 */
class GoldenNumbersTest {
  @Test
  void thisVersionOfTheEngine_givesTheNumbersWrittenDownForIt() throws IOException {
    Map<String, Double> out = new LinkedHashMap<>();
    for (Plan plan : Families.all().values()) {
      Outcome o = PlanEngine.run(plan);
      String id = plan.family().id();
      for (Place p : Place.values()) {
        out.put(id + "," + p, o.afterMm()[o.scalp().root(p)]);
      }
      out.put(id + ",MEAN", Arrays.stream(o.afterMm()).average().orElseThrow());
      out.put(id + ",WEIGHT", Arrays.stream(o.after().meansMm()).average().orElseThrow());
      out.put(id + ",MINUTES", o.minutes());
    }
    Golden.holds("engine", out);
  }
}
