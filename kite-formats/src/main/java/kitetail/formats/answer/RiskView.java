package kitetail.formats.answer;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.planning.Risk;

/**
 * How much a plan drifts under unsteady hands.
 *
 * @param runs how many hands were tried
 * @param spreadMm at each named place
 * @param moves those to blame, most first
 * @param own tried under a hand that is known, and not under usual ones
 */
public record RiskView(int runs, Map<Place, Double> spreadMm, List<Blame> moves, boolean own) {

  /** One move's part in it. */
  public record Blame(String move, String name, double spreadMm, double share) {}

  /** Under usual hands. */
  public static RiskView of(Risk risk, Plan plan) {
    return of(risk, plan, false);
  }

  public static RiskView of(Risk risk, Plan plan, boolean own) {
    Map<Place, Double> places = new EnumMap<>(Place.class);
    risk.places().forEach((p, mm) -> places.put(p, Rounded.thousandth(mm)));
    return new RiskView(
        Risk.RUNS,
        places,
        risk.moves().stream()
            .map(
                b ->
                    new Blame(
                        b.move(),
                        plan.move(b.move()).name(),
                        Rounded.thousandth(b.spreadMm()),
                        Rounded.thousandth(b.share())))
            .toList(),
        own);
  }
}
