package kitetail.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.cut.Edge;
import kitetail.cut.Grip;
import kitetail.cut.Holding;
import kitetail.fall.Fall;
import kitetail.fall.Styling;
import kitetail.geom.StarSurface;
import kitetail.geom.Vec3;
import kitetail.hair.Damp;
import kitetail.hair.Stock;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.section.Zone;

/**
 * One move on hair, bite by bite: how all of it lies before the move and after it, how the hair of
 * each bite is held and where it is cut, and what is clipped away so that it does not hang over the
 * work. While a bite is cut, hair of bites done lies as after the move and the rest as before it or
 * in its clip: that hair of one bite rests otherwise while its neighbours are longer is left out.
 *
 * @param bites how many; 0 when the move holds no hair
 * @param bite of each strand, from 1; 0 where the move does not cut it
 * @param heldMm of each strand x, y, z of as many points as a strand of the fall has, from the root
 *     through where it is cut to its end; null where it is in no bite
 * @param cutShare of that way, where it is cut; 1 where it is not
 * @param clippedMm of each strand where it is clipped out of the way until its bite comes; null
 *     where it is not
 * @param grips of each bite in turn
 */
public record InHand(
    Fall before,
    Fall after,
    int bites,
    int[] bite,
    float[][] heldMm,
    float[] cutShare,
    float[][] clippedMm,
    List<Grip> grips) {
  /** Held hair that goes over the head clears it by so much. */
  private static final double CLEAR_MM = 1;

  private static final double RISE = 0.1;

  /** A held strand is followed to where it is cut in so many pieces, none shorter than this. */
  private static final int PIECES = 24;

  private static final double LEAST_MM = 0.2;

  /** How hair lies while a move is cut. */
  public static Styling whileCut(Plan plan, Move move) {
    Styling worn = plan.styling();
    return new Styling(Styling.Way.NATURAL, worn.part(), 0, 0, move.damp() != Damp.DRY);
  }

  /** The hair before a move; before the first that is the hair the client comes with. */
  public static Stock stock(Outcome o, int move) {
    return move == 0 ? o.before() : o.steps().get(move - 1).left();
  }

  /**
   * @param o of the plan on the stand
   * @param move which, from 0
   * @param before the hair before the move, fallen on the stand
   * @param after and after it
   */
  public static InHand of(
      Plan plan, Worn.Stand stand, Outcome o, int move, Fall before, Fall after) {
    Outcome.Step step = o.steps().get(move);
    Zone zone = stand.bench().zone(plan.region(step.move().section()));
    Holding holding =
        Holding.of(
            step.cut(),
            zone,
            stock(o, move).longest(),
            stock(o, move + 1).longest(),
            step.move().handRatio(plan.hair()),
            plan.school().handMm());
    int n = before.strands();
    int[] bite = new int[n];
    float[][] held = new float[n][];
    float[] share = new float[n];
    for (int k = 0; k < zone.roots().length; k++) {
      int i = zone.roots()[k];
      if (i < n && holding.biteOf(k) > 0) {
        bite[i] = holding.biteOf(k);
        share[i] =
            (float) (holding.hadMm(k) > 0 ? Math.min(1, holding.leftMm(k) / holding.hadMm(k)) : 1);
        held[i] = step.cut() instanceof Edge ? lying(before, i) : held(before, holding, k);
      }
    }
    List<Zone> sections =
        plan.sections().stream().map(s -> stand.bench().zone(plan.region(s.id()))).toList();
    return new InHand(
        before,
        after,
        holding.bites(),
        bite,
        held,
        share,
        holding.bites() == 0 ? new float[n][] : ClippedAway.of(before, sections, zone, bite),
        IntStream.rangeClosed(1, holding.bites()).mapToObj(holding::grip).toList());
  }

  /** An outline is cut on hair as it hangs. */
  private static float[] lying(Fall fall, int strand) {
    int from = 3 * strand * fall.points();
    float[] out = new float[3 * fall.points()];
    System.arraycopy(fall.xyz(), from, out, 0, out.length);
    return out;
  }

  /** From the root taut to where it is cut, over the head where it is in the way, and on. */
  private static float[] held(Fall fall, Holding holding, int k) {
    Scalp s = fall.ground().scalp();
    StarSurface skin = s.head().surface();
    int root = holding.root(k);
    Vec3 from = s.pointMm(root);
    Vec3 toCut = holding.cutAt(k).minus(from);
    Vec3 to = toCut.norm() > LEAST_MM ? toCut : s.normal(root).times(1);
    double had = holding.hadMm(k);
    List<Vec3> way = new ArrayList<>(List.of(from));
    List<Double> at = new ArrayList<>(List.of(0.0));
    double piece = Math.max(LEAST_MM, to.norm() / PIECES);
    for (int j = 1; at.get(j - 1) < had; j++) {
      Vec3 p =
          j <= PIECES
              ? off(skin, from.plus(to.times(j * piece / to.norm())), j * piece)
              : way.get(j - 1).plus(onward(way.get(j - 2), way.get(j - 1), piece));
      at.add(at.get(j - 1) + p.distanceTo(way.get(j - 1)));
      way.add(p);
    }
    return evenly(way, at, had, fall.points());
  }

  /** Clear of the head, rising to it evenly from the root. */
  private static Vec3 off(StarSurface skin, Vec3 p, double fromRootMm) {
    double clear = Math.min(CLEAR_MM, RISE * fromRootMm);
    if (skin.heightMm(p.x(), p.y(), p.z()) >= clear) {
      return p;
    }
    Vec3 on = skin.onto(p);
    return on.plus(skin.normalAt(on).times(clear));
  }

  private static Vec3 onward(Vec3 before, Vec3 last, double mm) {
    Vec3 way = last.minus(before);
    return way.times(mm / Math.max(1e-9, way.norm()));
  }

  /** Points as far from one another all along a way, from its beginning. */
  private static float[] evenly(List<Vec3> way, List<Double> at, double longMm, int n) {
    float[] out = new float[3 * n];
    int j = 0;
    for (int q = 0; q < n; q++) {
      double want = longMm * q / (n - 1);
      while (j < way.size() - 2 && at.get(j + 1) < want) {
        j++;
      }
      Vec3 p = way.get(j);
      if (j + 1 < way.size()) {
        double t = (want - at.get(j)) / Math.max(1e-9, at.get(j + 1) - at.get(j));
        p = p.plus(way.get(j + 1).minus(p).times(Math.min(1, t)));
      }
      out[3 * q] = (float) p.x();
      out[3 * q + 1] = (float) p.y();
      out[3 * q + 2] = (float) p.z();
    }
    return out;
  }
}
