package kitetail.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.HairlineShape;
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

  /** Twenty heads by name: those above, one scanned, and others at random, always the same. */
  static Map<String, HeadSpec.Measured> twenty() {
    Map<String, HeadSpec.Measured> twenty = new LinkedHashMap<>(all());
    twenty.put("scanned", scanned());
    Random r = new Random(20);
    while (twenty.size() < 20) {
      twenty.put("random " + twenty.size(), random(r));
    }
    return twenty;
  }

  /** Any measures, shape and hairline a head may have. */
  static HeadSpec.Measured random(Random r) {
    return new HeadSpec.Measured(
        530 + 80 * r.nextDouble(),
        null,
        null,
        null,
        null,
        new HeadShape(
            2 * r.nextDouble() - 1,
            2 * r.nextDouble() - 1,
            2 * r.nextDouble() - 1,
            2 * r.nextDouble() - 1,
            40 * r.nextDouble() - 20,
            10 * r.nextDouble() - 5,
            10 * r.nextDouble() - 5),
        new HairlineShape(
            30 * r.nextDouble() - 10,
            30 * r.nextDouble(),
            30 * r.nextDouble(),
            30 * r.nextDouble() - 15,
            20 * r.nextDouble() - 5,
            0,
            15 * r.nextDouble(),
            0),
        null);
  }
}
