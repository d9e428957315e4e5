package kitetail.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Relief;

/** Heads and hair as unlike as those of the demo shop's clients. */
public final class DemoHeads {
  private DemoHeads() {}

  static Map<String, HeadSpec.Measured> all() {
    Map<String, HeadSpec.Measured> all = new LinkedHashMap<>();
    all.put("usual", new HeadSpec.Measured(572, 350.0, 330.0));
    all.put("large", new HeadSpec.Measured(601, 362.0, 348.0));
    all.put("small", new HeadSpec.Measured(548, 336.0, 318.0));
    all.put("girth only", new HeadSpec.Measured(588, null, null));
    all.put(
        "low crown",
        new HeadSpec.Measured(
            541, null, 312.0, null, null, new HeadShape(0, 0, 0, -1, 0, 0, 0), null, null));
    all.put(
        "strong back, flat sides",
        new HeadSpec.Measured(
            565, 346.0, null, null, null, new HeadShape(-0.8, 1, 0, 0.5, 10, 3, 0), null, null));
    return all;
  }

  public static Stream<HeadSpec.Measured> measured() {
    return all().values().stream();
  }

  static Hair curly(double curlRatio) {
    return new Hair(75, 0.34, 250, 82, new WetDry(0.03, curlRatio), Growth.USUAL, null);
  }

  /** As a scan leaves a head: with bumps of up to 4 mm that no number holds. */
  public static HeadSpec.Measured scanned() {
    List<Double> bumps = new ArrayList<>();
    for (int i = 0; i < Relief.SIZE; i++) {
      bumps.add(4 * Math.sin(1.7 * i) * Math.cos(0.31 * i));
    }
    HeadShape shape = new HeadShape(0.3, 0.5, -0.4, 0, 0, 2, -1);
    return new HeadSpec.Measured(
        577.0, null, null, null, null, shape, null, null, new Relief(bumps));
  }
}
