package kitetail.formats.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.geom.UnitVec;
import kitetail.geom.Vec3;
import kitetail.hair.GrowthField;
import kitetail.hair.Hair;
import kitetail.head.Head;

/** Fine combed strokes that show how hair grows: more where it is dense, waved where it curls. */
public final class Strokes {
  private static final int STEPS = 5;
  private static final double LENGTH_MM = 15;
  private static final double GOLDEN = Math.PI * (3 - Math.sqrt(5));
  private static final double OVER_SKIN_MM = 1.4;

  private Strokes() {}

  /** A stroke: its points, a little over the skin, and its tone, −1 to 1. */
  public record Stroke(List<Vec3> points, double tone) {}

  /**
   * @param wanted how many on hair of usual density
   */
  public static List<Stroke> of(Head head, Hair hair, int wanted) {
    GrowthField field = new GrowthField(head, hair);
    int n = (int) Math.round(wanted * hair.densityPerCm2() / Hair.USUAL_DENSITY);
    double curl = 1 - hair.wetDry().curlRatio();
    return IntStream.range(0, n).parallel().mapToObj(i -> one(head, field, curl, i, n)).toList();
  }

  private static Stroke one(Head head, GrowthField field, double curl, int i, int n) {
    Random random = new Random(11L * i + 7);
    random.nextInt(); // the first numbers of neighbouring seeds are alike
    double azimuth = Math.IEEEremainder(i * GOLDEN, 2 * Math.PI);
    double share = Math.sqrt((i + 0.5) / n);
    double down = share * head.hairlineFromApexMm(azimuth);
    Vec3 root = head.point(azimuth, down * (0.99 + 0.01 * random.nextDouble()));
    double length = LENGTH_MM * (0.75 + 0.5 * random.nextDouble());
    return new Stroke(
        lifted(head, field.stroke(root, length, STEPS), curl, random.nextDouble()),
        2 * random.nextDouble() - 1);
  }

  private static List<Vec3> lifted(Head head, List<Vec3> skin, double curl, double phase) {
    List<Vec3> out = new ArrayList<>();
    for (int k = 0; k < skin.size(); k++) {
      Vec3 p = skin.get(k);
      UnitVec normal = head.surface().normalAt(p);
      Vec3 along = skin.get(Math.min(k + 1, skin.size() - 1)).minus(skin.get(Math.max(0, k - 1)));
      Vec3 side = normal.times(1).cross(along.times(1 / along.norm()));
      double wave = 5 * curl * Math.sin(2 * Math.PI * phase + 2.1 * k);
      out.add(p.plus(normal.times(OVER_SKIN_MM)).plus(side.times(wave)));
    }
    return out;
  }
}
