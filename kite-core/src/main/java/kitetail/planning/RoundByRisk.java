package kitetail.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.check.CheckRound;
import kitetail.head.Place;

/**
 * The check round in the order of what is likeliest to be off: at most five parts of the head, each
 * looked at from one stand, the worst first. A place is as risky as unsteady hands stray there, in
 * units of what may stand out; what slipped comes before all, then what was measured on the way.
 */
public record RoundByRisk(List<Group> groups) {

  /** A part of the head that is looked at from one stand. */
  public enum Part {
    TOP,
    LEFT,
    RIGHT,
    BACK,
    /** Both sides at once, against each other. */
    BOTH_SIDES
  }

  /**
   * @param items numbers in the round, the riskiest first
   * @param risk of the riskiest: 19 times in 20 it strays by no more than so many tolerances
   */
  public record Group(Part part, List<Integer> items, double risk) {}

  /** 19 times in 20 within so many standard deviations. */
  private static final double DEVIATIONS = 1.96;

  /** What slipped is known to be off. */
  private static final double SLIPPED = 100;

  /** What was measured was in doubt. */
  private static final double MEASURED = 50;

  /**
   * @param spreadMm standard deviation of what is left at the named places ({@link Risk#places})
   * @param measured where a length was measured while it was cut
   */
  public static RoundByRisk of(CheckRound round, Map<Place, Double> spreadMm, Set<Place> measured) {
    Map<Part, List<Integer>> parts = new EnumMap<>(Part.class);
    double[] risk = new double[round.items().size()];
    for (int i = 0; i < risk.length; i++) {
      CheckRound.Item item = round.items().get(i);
      risk[i] = risk(item, spreadMm, measured);
      parts.computeIfAbsent(part(item), p -> new ArrayList<>()).add(i);
    }
    List<Group> groups = new ArrayList<>();
    parts.forEach(
        (part, items) -> {
          items.sort(Comparator.comparingDouble((Integer i) -> -risk[i]));
          groups.add(new Group(part, List.copyOf(items), risk[items.get(0)]));
        });
    groups.sort(Comparator.comparingDouble((Group g) -> -g.risk()));
    return new RoundByRisk(List.copyOf(groups));
  }

  private static double risk(
      CheckRound.Item item, Map<Place, Double> spreadMm, Set<Place> measured) {
    double here = spreadMm.getOrDefault(item.place(), 0.0);
    double there = spreadMm.getOrDefault(item.place().mirrored(), 0.0);
    double spread = item.kind() == CheckRound.Kind.BALANCE ? Math.hypot(here, there) : here;
    double strays = DEVIATIONS * spread / item.toleranceMm();
    if (item.kind() == CheckRound.Kind.SLIP) {
      return SLIPPED + strays;
    }
    return measured.contains(item.place()) ? MEASURED + strays : strays;
  }

  private static Part part(CheckRound.Item item) {
    if (item.kind() == CheckRound.Kind.BALANCE) {
      return Part.BOTH_SIDES;
    }
    return switch (item.place()) {
      case FRONT, APEX, RECESSION_LEFT, RECESSION_RIGHT -> Part.TOP;
      case TEMPLE_LEFT, SIDEBURN_LEFT, EAR_TOP_LEFT, RIDGE_LEFT -> Part.LEFT;
      case TEMPLE_RIGHT, SIDEBURN_RIGHT, EAR_TOP_RIGHT, RIDGE_RIGHT -> Part.RIGHT;
      default -> Part.BACK;
    };
  }
}
