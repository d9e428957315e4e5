package kitetail.planning;

import java.util.Arrays;
import java.util.List;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;
import kitetail.plan.Outcome;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.School;
import kitetail.plan.Workbench;
import kitetail.work.Deadline;

/** What each way in which stylists differ costs on one head, held against how it is worked now. */
public final class SchoolCosts {
  private SchoolCosts() {}

  /**
   * One way, against the plan worked the stylist's own way.
   *
   * @param minutes more (below 0: fewer)
   * @param driftMm by how much more the lengths stray in unsteady hands, mean over the head
   * @param grams more hair left
   */
  public record Cost(School.Way way, double minutes, double driftMm, double grams) {}

  /**
   * @param plan fitted to its client
   * @param own the stylist's school so far
   * @param bench of {@link Risk#SITES} of the plan's head
   */
  public static List<Cost> of(Plan plan, School own, Workbench bench, Hands hands) {
    Deadline until = Deadline.current();
    Measured now = Measured.of(Schooled.of(plan, own), bench, hands);
    return own.ways().parallelStream()
        .map(
            w -> {
              Measured m =
                  until.during(() -> Measured.of(Schooled.of(plan, w.school()), bench, hands));
              return new Cost(
                  w, m.minutes - now.minutes, m.driftMm - now.driftMm, m.grams - now.grams);
            })
        .toList();
  }

  private record Measured(double minutes, double driftMm, double grams) {
    static Measured of(Plan plan, Workbench bench, Hands hands) {
      Outcome o = PlanEngine.run(plan, bench);
      double drift = Arrays.stream(Risk.spreadMm(plan, bench, hands)).average().orElse(0);
      HairMap hair = bench.hair(plan.hair());
      Stock left = o.after();
      double grams = 0;
      for (int i = 0; i < bench.scalp().sites(); i++) {
        grams += hair.grams(i, left.meanMm(i));
      }
      return new Measured(o.minutes(), drift, grams);
    }
  }
}
