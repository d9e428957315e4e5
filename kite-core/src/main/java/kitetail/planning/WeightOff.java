package kitetail.planning;

import java.util.List;
import kitetail.cut.Texture;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.plan.Course;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;

/**
 * How much weight a whole plan takes out of its lengths: the grams that its texturising moves take,
 * over those there would be without them. Set by all their shares at once, in one proportion.
 */
public final class WeightOff {
  /** Of the hairs a pass touches no more are asked for than this; a comb still finds the rest. */
  private static final double MOST_SHARE = 0.6;

  private static final double LEAST_SHARE = 0.02;
  private static final double LEAST_FACTOR = 0.02;
  private static final double MOST_FACTOR = 8;
  private static final int HALVINGS = 24;

  /** Shares are said by hundredths. */
  private static final double HAND_STEP = 0.01;

  private WeightOff() {}

  /**
   * A plan with so much of its weight taken out.
   *
   * @param was share before
   * @param got share now, as near as these moves can
   */
  public record Turned(Plan plan, double was, double got) {}

  /** Whether any move of a plan texturises. */
  public static boolean any(Plan plan) {
    return plan.moves().stream().anyMatch(m -> m.cut() instanceof Texture);
  }

  /** The share of its weight a plan takes out, 0 to 1. */
  public static double share(Plan plan, Workbench bench) {
    return new Work(plan, bench).share(plan.moves());
  }

  /**
   * @param wanted share of the weight, 0 to 0.9
   * @throws IllegalArgumentException when no move of the plan texturises
   */
  public static Turned set(Plan plan, Workbench bench, double wanted) {
    if (!(wanted >= 0 && wanted <= 0.9)) {
      throw new IllegalArgumentException("share must be 0 to 0.9, was " + wanted);
    }
    if (!any(plan)) {
      throw new IllegalArgumentException("no move of this plan takes weight out");
    }
    Work w = new Work(plan, bench);
    double low = LEAST_FACTOR;
    double high = MOST_FACTOR;
    for (int k = 0; k < HALVINGS; k++) {
      double mid = Math.sqrt(low * high);
      if (w.share(by(plan, mid, false)) > wanted) {
        high = mid;
      } else {
        low = mid;
      }
    }
    List<Move> moves = by(plan, Math.sqrt(low * high), true);
    return new Turned(plan.withMoves(moves), w.share(plan.moves()), w.share(moves));
  }

  private static List<Move> by(Plan plan, double factor, boolean byHand) {
    return plan.moves().stream()
        .map(m -> m.cut() instanceof Texture t ? m.with(by(t, factor, byHand)) : m)
        .toList();
  }

  private static Texture by(Texture t, double factor, boolean byHand) {
    double most = Math.max(MOST_SHARE, t.share());
    double share = Math.max(LEAST_SHARE, Math.min(most, factor * t.share()));
    double said = byHand ? Math.rint(share / HAND_STEP) * HAND_STEP : share;
    return new Texture(t.tool(), said, t.depthMm(), t.passes(), t.layer());
  }

  private static final class Work {
    private final Course course;
    private final Workbench bench;
    private final HairMap hair;
    private final double all;

    Work(Plan plan, Workbench bench) {
      this.bench = bench;
      course = new Course(plan, bench);
      hair = bench.hair(plan.hair());
      List<Move> lines = plan.moves().stream().filter(m -> !(m.cut() instanceof Texture)).toList();
      all = grams(new Course(plan.withMoves(lines), bench).after(lines));
    }

    double share(List<Move> moves) {
      return all <= 0 ? 0 : 1 - grams(course.after(moves)) / all;
    }

    private double grams(Stock stock) {
      double out = 0;
      for (int i = 0; i < bench.scalp().sites(); i++) {
        out += hair.grams(i, stock.meanMm(i));
      }
      return out;
    }
  }
}
