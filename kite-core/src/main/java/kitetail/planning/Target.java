package kitetail.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.client.Wish;
import kitetail.hair.Hair;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.plan.Plan;

/**
 * What a plan is to leave at a place.
 *
 * @param needMm dry and just pulled straight
 * @param asked true when the client asked for it; false when the family's shape does
 */
record Target(Place place, double needMm, boolean asked) {
  /**
   * The client's wishes and what their answers come to, and at the other places the family's own.
   */
  static List<Target> of(Plan plan, Head head) {
    Map<Place, Target> all = new EnumMap<>(Place.class);
    if (plan.family() != null) {
      put(all, plan.family().wishes(), head, plan.hair(), false);
    }
    put(all, plan.wishes().answered(), head, plan.hair(), true);
    put(all, plan.wishes().points(), head, plan.hair(), true);
    List<Target> out = new ArrayList<>(all.values());
    out.sort(Comparator.comparing(Target::place));
    return out;
  }

  /** What a shape asks for is not taken past what the client lets go. */
  Target atLeast(double mm) {
    return asked || needMm >= mm ? this : new Target(place, mm, false);
  }

  private static void put(
      Map<Place, Target> all, List<Wish> wishes, Head head, Hair hair, boolean asked) {
    for (Wish w : wishes) {
      all.put(w.place(), new Target(w.place(), w.needMm(head, hair), asked));
    }
  }
}
