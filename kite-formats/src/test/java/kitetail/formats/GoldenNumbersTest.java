package kitetail.formats;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import kitetail.formats.json.Families;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import org.junit.jupiter.api.Test;

/**
 * The same plan gives the same numbers as long as the engine has the same version: what every
 * family leaves.
 */
class GoldenNumbersTest {
  private static final int SITES = 500;

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

  /** What no number shows stays, too: every length of every family on twenty heads. */
  @Test
  void everyLengthOnTwentyHeads_staysToTheLastBit() throws IOException {
    Map<String, String> out = new TreeMap<>();
    DemoHeads.twenty().entrySet().parallelStream()
        .forEach(
            head -> {
              Scalp s = Scalp.of(Head.of(head.getValue()), SITES);
              for (Plan f : Families.all().values()) {
                String bits = bits(PlanEngine.run(on(f, head.getValue()), s));
                synchronized (out) {
                  out.put(f.family().id() + "," + head.getKey(), bits);
                }
              }
            });
    Golden.holdsToTheBit("engine-bits", out);
  }

  private static Plan on(Plan family, HeadSpec head) {
    return family.on(head, family.hair(), family.start(), family.wishes(), family.cautions());
  }

  private static String bits(Outcome o) {
    double[] all =
        DoubleStream.concat(
                DoubleStream.concat(Arrays.stream(o.afterMm()), Arrays.stream(o.after().meansMm())),
                DoubleStream.of(o.minutes()))
            .toArray();
    ByteBuffer bytes = ByteBuffer.allocate(8 * all.length);
    Arrays.stream(all).forEach(bytes::putDouble);
    return HexFormat.of().formatHex(Golden.digest(bytes.array()), 0, 8);
  }
}
