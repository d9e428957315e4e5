package kitetail.server.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.formats.picture.LengthRamp;
import kitetail.hair.HairColour;
import kitetail.hair.SkinTone;

/** What lengths, hair levels and skin depths are painted in. */
record Ramp(
    double[] levelsMm, List<String> colours, List<String> hairLevels, List<String> skinDepths) {
  static final Ramp USED =
      new Ramp(
          LengthRamp.levelsMm(),
          LengthRamp.hex(),
          Arrays.stream(HairColour.levels()).mapToObj(Ramp::hex).toList(),
          IntStream.rangeClosed(1, 10).mapToObj(d -> hex(new SkinTone(d, 0).rgb())).toList());

  private static String hex(int rgb) {
    return String.format("#%06x", rgb);
  }
}
