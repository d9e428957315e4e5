package kitetail.shopday;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import kitetail.head.Place;
import kitetail.plan.Outcome;

/**
 * What was learnt of one client from visits and what was measured between them. Every value says
 * from how many observations it is; 0 and NaN when there are none.
 *
 * @param growthMmPerDay mean of what grew between a cut and the next time hair was taped
 * @param growths from so many places of so many pairs of visits
 * @param secondsABite mean time of a bite, over moves whose bites were counted
 * @param bites so many were counted
 * @param pace time taken over time planned, of the moves that were timed; 1 is as planned
 * @param timedMoves so many were
 * @param biasMm mean of what was measured minus what was planned there; below 0 the hand takes more
 * @param measured at so many places
 */
public record Learnt(
    double growthMmPerDay,
    int growths,
    double secondsABite,
    int bites,
    double pace,
    int timedMoves,
    double biasMm,
    int measured) {
  /** Sooner than this a tape shows its own error, not growth; an assumption. */
  private static final double SOONEST_DAYS = 10;

  /** Where hair stood shorter than this, a tape cannot be trusted; an assumption. */
  private static final double SHORTEST_MM = 5;

  /** Growth known of people, mm a day; what is far outside was a slip of the tape. */
  private static final double SLOWEST = 0.1;

  private static final double QUICKEST = 0.8;

  /** So little is too little to call a habit. */
  public static final int ENOUGH = 3;

  /**
   * A visit that is over.
   *
   * @param planned what was to come of the plan as it was cut
   * @param sitting null when nothing was written down at the chair
   */
  public record Past(Instant finishedAt, Outcome planned, Sitting sitting) {}

  /** Lengths taped before a cut, by place. */
  public record Taped(Instant at, Map<Place, Double> mm) {}

  public static Learnt of(List<Past> visits, List<Taped> taped) {
    List<Double> rates = rates(visits, taped);
    double biteSec = 0;
    int bites = 0;
    double took = 0;
    double plan = 0;
    int timed = 0;
    List<Double> off = new ArrayList<>();
    for (Past v : visits) {
      if (v.sitting() == null) {
        continue;
      }
      for (Timed t : Timed.of(v.planned(), v.sitting())) {
        took += t.sec();
        plan += t.plannedSec();
        timed++;
        int counted = v.sitting().bites().getOrDefault(t.step().move().id(), 0);
        if (counted > 0) {
          biteSec += t.sec();
          bites += counted;
        }
      }
      for (Entry.Measured m : v.sitting().measured()) {
        off.add(m.mm() - v.planned().endMm(m.place()));
      }
    }
    return new Learnt(
        mean(rates),
        rates.size(),
        bites == 0 ? Double.NaN : biteSec / bites,
        bites,
        plan == 0 ? Double.NaN : took / plan,
        timed,
        mean(off),
        off.size());
  }

  private static List<Double> rates(List<Past> visits, List<Taped> taped) {
    List<Past> inOrder = visits.stream().sorted(Comparator.comparing(Past::finishedAt)).toList();
    List<Double> rates = new ArrayList<>();
    for (Taped t : taped) {
      Past before =
          inOrder.stream()
              .filter(v -> v.finishedAt().isBefore(t.at()))
              .reduce((a, b) -> b)
              .orElse(null);
      if (before == null) {
        continue;
      }
      double days = Duration.between(before.finishedAt(), t.at()).toMinutes() / (24 * 60.0);
      if (days < SOONEST_DAYS) {
        continue;
      }
      List<Double> told = new ArrayList<>();
      t.mm()
          .forEach(
              (place, mm) -> {
                double left = before.planned().endMm(place);
                if (left >= SHORTEST_MM) {
                  told.add((mm - left) / days);
                }
              });
      List<Double> likely =
          told.stream().filter(rate -> rate >= SLOWEST && rate <= QUICKEST).toList();
      // Where most places say what hair does not do, something else was cut or taped in between.
      if (2 * likely.size() > told.size()) {
        rates.addAll(likely);
      }
    }
    return rates;
  }

  private static double mean(List<Double> all) {
    OptionalDouble m = all.stream().mapToDouble(Double::doubleValue).average();
    return m.orElse(Double.NaN);
  }

  /** Growth to reckon with; empty while it rests on too little. */
  public OptionalDouble growth() {
    return growths >= ENOUGH ? OptionalDouble.of(growthMmPerDay) : OptionalDouble.empty();
  }

  /** How many times as long as planned; empty while too little was timed. */
  public OptionalDouble paceFactor() {
    return timedMoves >= ENOUGH ? OptionalDouble.of(Timed.factor(pace)) : OptionalDouble.empty();
  }

  /** Lengths told of a plan and measured, by place. */
  public static Map<Place, double[]> plannedAndMeasured(Past visit) {
    Map<Place, double[]> both = new EnumMap<>(Place.class);
    if (visit.sitting() != null) {
      for (Entry.Measured m : visit.sitting().measured()) {
        both.put(m.place(), new double[] {visit.planned().endMm(m.place()), m.mm()});
      }
    }
    return both;
  }
}
