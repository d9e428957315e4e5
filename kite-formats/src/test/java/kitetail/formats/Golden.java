package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kitetail.plan.PlanEngine;

/**
 * Numbers written down under the version of the engine they were worked out with. They are what
 * this engine gave, not what is right; other tests ask that.
 */
final class Golden {
  /** Written with three digits. */
  private static final double ROUNDED = 0.0011;

  private Golden() {}

  /**
   * The numbers are those written down; fresh ones are put in target.
   *
   * @param kind what its file is called before the version
   */
  static void holds(String kind, Map<String, Double> now) throws IOException {
    String name = kind + "-" + PlanEngine.VERSION + ".csv";
    Path fresh = Path.of("target", name);
    Files.write(
        fresh,
        now.entrySet().stream()
            .map(e -> String.format(Locale.ROOT, "%s,%.3f", e.getKey(), e.getValue()))
            .toList());
    String mend =
        "If the engine gives other numbers on purpose, change PlanEngine.VERSION and put "
            + fresh
            + " beside this test's other golden files in place of the old one.";
    List<String> written = written(name);
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

  private static List<String> written(String name) throws IOException {
    try (InputStream in = Golden.class.getResourceAsStream("/golden/" + name)) {
      return in == null
          ? List.of()
          : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }
}
