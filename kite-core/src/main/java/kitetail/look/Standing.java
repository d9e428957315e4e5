package kitetail.look;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.fall.Fall;
import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;
import kitetail.head.Place;
import kitetail.head.Scalp;

/**
 * Hair round a place that is too short to bend over and stands off the head, where its neighbours
 * lie.
 *
 * @param lengthMm mean of those that stand
 * @param offMm how far their ends stand off the skin, mean
 * @param share of the hair round there
 */
public record Standing(Place place, double lengthMm, double offMm, double share) {
  /** Steeper than this a hair is seen to stand. */
  private static final double STANDS = Math.sin(Math.toRadians(22));

  /** Shorter hair goes away from the head and is not seen to stand; an assumption. */
  public static final double LEAST_MM = 18;

  /** Longer hair has bent over, however it starts. */
  private static final double MOST_MM = 75;

  private static final double LEAST_OFF_MM = 9;

  /** Fewer of the hairs round a place that stand are not seen; an assumption. */
  public static final double LEAST_SHARE = 0.3;

  /** Of a head most of which stands, it is the cut that stands. */
  private static final double MEANT_SHARE = 0.6;

  /** Whether the outer half of a strand goes away from the head. */
  public static boolean stands(Fall f, int strand) {
    StarSurface head = f.ground().scalp().head().surface();
    Vec3 a = f.point(strand, f.points() / 2);
    Vec3 d = f.tip(strand).minus(a);
    return head.normalAt(head.onto(a)).dot(d) > STANDS * d.norm();
  }

  static List<Standing> all(Fall f) {
    Map<Place, double[]> sums = new EnumMap<>(Place.class);
    Scalp s = f.ground().scalp();
    double standing = 0;
    double all = 0;
    for (int i = 0; i < f.strands(); i++) {
      double[] sum = sums.computeIfAbsent(s.head().nearestPlace(s.pointMm(i)), p -> new double[4]);
      double hairs = f.hairs(i);
      sum[3] += hairs;
      all += hairs;
      if (f.lengthMm(i) < LEAST_MM || f.lengthMm(i) > MOST_MM) {
        continue;
      }
      if (stands(f, i)) {
        standing += hairs;
        sum[0] += hairs;
        sum[1] += hairs * f.lengthMm(i);
        sum[2] += hairs * f.ground().body().atMm(f.tip(i).x(), f.tip(i).y(), f.tip(i).z(), null);
      }
    }
    List<Standing> out = new ArrayList<>();
    if (standing < MEANT_SHARE * all) {
      sums.forEach(
          (place, sum) -> {
            if (sum[0] > LEAST_SHARE * sum[3] && sum[2] > LEAST_OFF_MM * sum[0]) {
              out.add(new Standing(place, sum[1] / sum[0], sum[2] / sum[0], sum[0] / sum[3]));
            }
          });
    }
    return List.copyOf(out);
  }
}
