package kitetail.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.Stream;
import kitetail.fall.Fall;
import kitetail.fall.SkinLine;
import kitetail.formats.DemoHeads;
import kitetail.formats.json.Families;
import kitetail.geom.Vec3;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.SkinTone;
import kitetail.head.Head;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.plan.Plan;
import kitetail.planning.Planner;
import kitetail.planning.Pressed;
import kitetail.planning.Worn;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A hard line is a line of skin that can be seen (common practice), and is gone in a month. */
class HardLineSeenTest {
  private static final double PER_MM = 3;

  static Stream<HeadSpec.Measured> heads() {
    return DemoHeads.measured();
  }

  @ParameterizedTest
  @MethodSource("heads")
  void fromTheSideItIsPressedOn(HeadSpec.Measured head) {
    Plan family = Families.all().get("hard-line-sweep");
    Hair dark = family.hair().with(new HairColour(1, 0, 0)).on(new SkinTone(1, 0));
    Plan plan =
        Planner.fit(family.on(head, dark, family.start(), family.wishes(), family.cautions()))
            .plan();
    Worn.Stand stand = Worn.Stand.of(Scalp.of(Head.of(head), Fall.STRANDS));
    SkinLine line = Pressed.on(plan, stand.bench(), plan.moves().size()).get(0);
    assertThat(seen(Worn.fall(plan, stand, 0), line)).isGreaterThan(0.8);
    assertThat(seen(Worn.fall(plan, stand, 4), line)).isLessThan(0.2);
  }

  /** Share of the line along which skin is seen. */
  private static double seen(Fall fall, SkinLine line) {
    int w = (int) (224 * PER_MM);
    int h = (int) (316 * PER_MM);
    Raster raster = HairPicture.Frame.of(View.LEFT, 0).raster(w, h);
    BufferedImage image =
        new HairPicture(fall.ground().scalp()).draw(fall, HairPicture.Frame.of(View.LEFT, 0), w, h);
    List<Vec3> points = line.points();
    int all = 0;
    int seen = 0;
    float[] at = new float[3];
    for (int k = 1; k < points.size(); k++) {
      for (int i = 0; i < 10; i++) {
        Vec3 a = points.get(k - 1);
        Vec3 p = a.plus(points.get(k).minus(a).times(i / 10.0));
        raster.project(new float[] {(float) p.x(), (float) p.y(), (float) p.z()}, 0, 1, at);
        all++;
        seen += brightest(image, Math.round(at[0]), Math.round(at[1])) > 330 ? 1 : 0;
      }
    }
    return (double) seen / all;
  }

  /** The lightest sum of channels within a millimetre. */
  private static int brightest(BufferedImage image, int x, int y) {
    int best = 0;
    for (int j = -3; j <= 3; j++) {
      for (int i = -3; i <= 3; i++) {
        int c = image.getRGB(x + i, y + j);
        best = Math.max(best, (c >> 16 & 255) + (c >> 8 & 255) + (c & 255));
      }
    }
    return best;
  }
}
