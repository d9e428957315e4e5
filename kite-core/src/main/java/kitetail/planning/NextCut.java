package kitetail.planning;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.cut.Texture;
import kitetail.hair.Damp;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.Workbench;

/**
 * How much may come off now with the wish still in reach once the hair is dry, texturised and let
 * go: {@code safe = have − need − reserve − margin}, as it lies in the hand.
 *
 * @param place where
 * @param safeMm the most that may come off, mm in the hand; 0 when none
 * @param haveMm there now, dry and straight
 * @param needMm what must be left, dry and straight: the wish undone of its curl, or what the plan
 *     leaves where nothing is wished
 * @param reserveMm what texturising still to come takes off the ends
 */
public record NextCut(Place place, double safeMm, double haveMm, double needMm, double reserveMm) {
  /** What hands may err by; an assumption. */
  static final double MARGIN_MM = 2;

  /** The same on a client who moves a lot; an assumption. */
  private static final double LIVELY_MARGIN_MM = 5;

  /**
   * For every named place.
   *
   * @param done how many moves of the plan are done
   * @param damp the state of the hair now
   * @param tensed whether it is held firmly
   */
  public static List<NextCut> of(Plan plan, Workbench places, int done, Damp damp, boolean tensed) {
    if (done < 0 || done > plan.moves().size()) {
      throw new IllegalArgumentException(
          "done must be 0 to " + plan.moves().size() + ", was " + done);
    }
    Scalp s = places.scalp();
    List<Stock> states = PlanEngine.states(plan, places);
    Stock now = states.get(done);
    Stock end = states.get(states.size() - 1);
    Map<Place, Double> wished = new EnumMap<>(Place.class);
    Target.of(plan, s.head()).stream()
        .filter(Target::asked)
        .forEach(t -> wished.put(t.place(), t.needMm()));
    double[] reserve = reserve(plan, places, done, now);
    double ratio = damp.handRatio(plan.hair().wetDry(), tensed);
    double margin = plan.lively() ? LIVELY_MARGIN_MM : MARGIN_MM;
    List<NextCut> out = new ArrayList<>();
    for (Place p : Place.values()) {
      int root = s.root(p);
      double have = now.endMm(root);
      double need = wished.getOrDefault(p, end.endMm(root));
      double kept = wished.containsKey(p) ? reserve[root] : Math.max(0, reserve[root]);
      double safe = Math.max(0, have - need - kept - margin) * ratio;
      out.add(new NextCut(p, safe, have, need, kept));
    }
    return List.copyOf(out);
  }

  /** What the texturising still to come takes off the ends at every root. */
  private static double[] reserve(Plan plan, Workbench places, int done, Stock now) {
    Stock state = now;
    double[] lost = new double[now.roots()];
    for (Move m : plan.moves().subList(done, plan.moves().size())) {
      if (m.cut() instanceof Texture t) {
        int[] roots = t.roots(places.zone(plan.region(m.section())));
        Stock after = state.texturised(roots, t.share(), t.backMm(), t.passes());
        for (int i : roots) {
          lost[i] += state.endMm(i) - after.endMm(i);
        }
        state = after;
      }
    }
    return lost;
  }
}
