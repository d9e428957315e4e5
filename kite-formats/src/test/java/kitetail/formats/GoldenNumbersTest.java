package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kitetail.formats.json.Families;
import kitetail.head.Place;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import org.junit.jupiter.api.Test;

/**
 * The same plan gives the same numbers as long as the engine has the same version: what every
 * family leaves, written down under the version it was worked out with. They are what this engine
 * gave, not what is right; other tests ask that.
 */
class GoldenNumbersTest {
  private static final String NAME = "engine-" + PlanEngine.VERSION + ".csv";

  /** Written with three digits. */
  private static final double ROUNDED = 0.0011;

  private static Map<String, Double> numbers() {
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
    return out;
  }

  private static List<String> written() throws IOException {
    try (InputStream in = GoldenNumbersTest.class.getResourceAsStream("/golden/" + NAME)) {
      return in == null
          ? List.of()
          : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  @Test
  void thisVersionOfTheEngine_givesTheNumbersWrittenDownForIt() throws IOException {
    Map<String, Double> now = numbers();
    Path fresh = Path.of("target", NAME);
    Files.write(
        fresh,
        now.entrySet().stream()
            .map(e -> String.format(Locale.ROOT, "%s,%.3f", e.getKey(), e.getValue()))
            .toList());
    String mend =
        "If the engine gives other numbers on purpose, change PlanEngine.VERSION and put "
            + fresh
            + " beside this test's other golden files in place of the old one.";
    List<String> written = written();
    assertThat(written)
        .as("No numbers of version " + PlanEngine.VERSION + ". " + mend)
        .isNotEmpty();
    assertThat(now).as(mend).hasSize(written.size());
    for (String line : written) {
      int comma = line.lastIndexOf(',');
      String what = line.substring(0, comma);
      assertThat(now.get(what))
          .as(what + ". " + mend)
          .isCloseTo(Double.parseDouble(line.substring(comma + 1)), within(ROUNDED));
    }
  }
}
