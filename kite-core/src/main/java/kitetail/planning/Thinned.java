package kitetail.planning;

import java.util.HashSet;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import kitetail.cut.Texture;
import kitetail.geom.Vec3;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;
import kitetail.section.Zone;

/**
 * A texturising move dosed to a wished weight: so many grams of hair a square decimetre of scalp,
 * or as many as grow beside what it takes.
 *
 * @param plan with the move dosed
 * @param hadG grams a dm² before the move
 * @param wishedG what it was to come to
 * @param getsG what it comes to
 * @param passes of the move now
 * @param share of the hairs a pass touches now
 */
public record Thinned(
    Plan plan, double hadG, double wishedG, double getsG, int passes, double share) {
  /** A wished weight counts as met to this share of it. */
  private static final double MET = 0.05;

  /** Beside it is what grows within a finger and a half of it; an assumption. */
  private static final double BESIDE_MM = 25;

  private static final int MOST_PASSES = 4;
  private static final double LEAST_SHARE = 0.02;
  private static final int HALVINGS = 30;
  private static final double MM2_PER_DM2 = 10_000;

  public boolean met() {
    return Math.abs(getsG - wishedG) <= MET * wishedG;
  }

  /**
   * @param move id of one that texturises
   * @param wishedG grams a dm²; not a number for the weight of what is beside it
   * @throws IllegalArgumentException when the move does not texturise, or nothing grows beside it
   */
  public static Thinned of(Plan plan, Workbench bench, String move, double wishedG) {
    Move m =
        plan.moves().stream()
            .filter(x -> x.id().equals(move))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no move is called \"" + move + "\""));
    if (!(m.cut() instanceof Texture t)) {
      throw new IllegalArgumentException("“" + m.name() + "” does not texturise");
    }
    Stock before = PlanEngine.states(plan, bench).get(plan.moves().indexOf(m));
    Zone zone = bench.zone(plan.region(m.section()));
    int[] roots = IntStream.of(t.roots(zone)).filter(i -> i < bench.scalp().sites()).toArray();
    HairMap hair = bench.hair(plan.hair());
    double had = weight(bench.scalp(), hair, before, roots);
    double wished =
        Double.isNaN(wishedG)
            ? weight(bench.scalp(), hair, before, beside(bench.scalp(), zone, m))
            : wishedG;
    if (had <= wished) {
      return new Thinned(plan, had, wished, had, t.passes(), t.share());
    }
    Texture dosed =
        dosed(t, wished, x -> weight(bench.scalp(), hair, after(before, roots, x), roots));
    Plan next =
        plan.withMoves(
            plan.moves().stream().map(x -> x.id().equals(move) ? x.with(dosed) : x).toList());
    double gets = weight(bench.scalp(), hair, after(before, roots, dosed), roots);
    return new Thinned(next, had, wished, gets, dosed.passes(), dosed.share());
  }

  /** As few passes as may be, none touching more than the tool usually does. */
  private static Texture dosed(Texture t, double wished, ToDoubleFunction<Texture> gets) {
    Texture out = t;
    for (int passes = 1; passes <= MOST_PASSES; passes++) {
      double low = LEAST_SHARE;
      double high = t.tool().usualShare();
      for (int k = 0; k < HALVINGS; k++) {
        double share = (low + high) / 2;
        boolean heavy = gets.applyAsDouble(with(t, share, passes)) > wished;
        low = heavy ? share : low;
        high = heavy ? high : share;
      }
      out = with(t, high, passes);
      if (gets.applyAsDouble(out) <= wished * (1 + MET / 2)) {
        return out;
      }
    }
    return out;
  }

  private static Texture with(Texture t, double share, int passes) {
    return new Texture(t.tool(), share, t.depthMm(), passes, t.layer());
  }

  private static Stock after(Stock before, int[] roots, Texture t) {
    return before.texturised(roots, t.share(), t.backMm(), t.passes());
  }

  /** Sites outside a zone but close to it. */
  private static int[] beside(Scalp s, Zone zone, Move m) {
    Set<Integer> inside = new HashSet<>();
    for (int i : zone.roots()) {
      inside.add(i);
    }
    int[] out =
        IntStream.range(0, s.sites())
            .filter(i -> !inside.contains(i))
            .filter(i -> near(s, s.pointMm(i), zone.roots()))
            .toArray();
    if (out.length == 0) {
      throw new IllegalArgumentException("nothing grows beside what “" + m.name() + "” takes");
    }
    return out;
  }

  private static boolean near(Scalp s, Vec3 p, int[] roots) {
    for (int i : roots) {
      if (s.pointMm(i).distanceTo(p) < BESIDE_MM) {
        return true;
      }
    }
    return false;
  }

  /** Grams of hair a dm² of scalp. */
  private static double weight(Scalp s, HairMap hair, Stock stock, int[] roots) {
    double grams = 0;
    double area = 0;
    for (int i : roots) {
      grams += hair.grams(i, stock.meanMm(i));
      area += s.areaMm2(i);
    }
    return grams / area * MM2_PER_DM2;
  }
}
