package kitetail.planning;

import java.util.Arrays;
import java.util.stream.IntStream;
import kitetail.fall.Fall;
import kitetail.geom.Vec3;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.look.Standing;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;

/**
 * Dry, hair stands out somewhere: how short it has to be to lie with what is round it, and how long
 * it could be left for its own weight to lay it. Each length is tried as it falls.
 *
 * @param lengthMm mean of what is there
 * @param standing share of the hair round the place that stands
 * @param shorterMm the longest of the shorter lengths tried that lies; 0 where none does
 * @param longerMm the shortest of the longer ones; 0 where none does
 * @param weeks until that has grown; 0 without it
 */
public record DryPass(
    Place place,
    double lengthMm,
    double standing,
    double shorterMm,
    double longerMm,
    double weeks) {
  private static final double ROUND_MM = 22;

  /** Lengths that are tried, over what is there. */
  private static final double[] SHORTER = {0.85, 0.7, 0.55, 0.4, 0.28};

  private static final double[] LONGER = {1.2, 1.45, 1.75, 2.1, 2.6};

  /** Whether it lies as it is. */
  public boolean lies() {
    return standing <= Standing.LEAST_SHARE;
  }

  /** Of a plan as it was cut. */
  public static DryPass of(Plan plan, Worn.Stand stand, Place place) {
    Outcome o = PlanEngine.run(plan, stand.bench());
    Scalp s = o.scalp();
    Vec3 at = s.head().place(place);
    int[] roots =
        IntStream.range(0, s.sites()).filter(i -> s.pointMm(i).distanceTo(at) < ROUND_MM).toArray();
    Stock left = o.after();
    Round r = new Round(plan, stand, left.endsMm(), roots);
    double is = Arrays.stream(roots).mapToDouble(left::endMm).average().orElse(0);
    double standing = r.standing(1);
    if (standing <= Standing.LEAST_SHARE) {
      return new DryPass(place, is, standing, 0, 0, 0);
    }
    double shorter = is * r.first(SHORTER);
    double longer = is * r.first(LONGER);
    double weeks = Math.max(0, longer - is) / Rate.of(plan.hair()).mmPerWeek();
    return new DryPass(place, is, standing, shorter, longer, weeks);
  }

  /** The hair round a place, at other lengths. */
  private record Round(Plan plan, Worn.Stand stand, double[] endsMm, int[] roots) {
    /** The first that lies, as a share of what is there; 0 where none does. */
    double first(double[] shares) {
      return Arrays.stream(shares)
          .filter(x -> standing(x) <= Standing.LEAST_SHARE)
          .findFirst()
          .orElse(0);
    }

    double standing(double share) {
      double[] mm = endsMm.clone();
      for (int i : roots) {
        mm[i] *= share;
      }
      Fall f = Fall.of(stand.ground(), plan.hair(), Stock.of(mm), plan.styling());
      return Arrays.stream(roots)
          .filter(i -> f.lengthMm(i) > 0)
          .mapToDouble(i -> Standing.stands(f, i) && shows(f, i) ? 1 : 0)
          .average()
          .orElse(0);
    }

    /** Stubble goes away from the head and is not seen to stand. */
    private static boolean shows(Fall f, int strand) {
      return f.lengthMm(strand) >= Standing.LEAST_MM;
    }
  }
}
