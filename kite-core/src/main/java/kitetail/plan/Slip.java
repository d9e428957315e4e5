package kitetail.plan;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Spot;
import kitetail.hair.Damp;
import kitetail.head.Place;
import kitetail.section.Section;

/**
 * What came off that was not meant to, as a move of its own: whatever is worked out of the plan
 * from then on reckons with it. The page does the same where it works without the network; both are
 * held to contract/vectors/sitting.json.
 */
public final class Slip {
  /** A bite too deep leaves a dent so far round; an assumption. */
  public static final double SPAN_MM = 25;

  /** Id of the section that is all of a head. */
  public static final String WHOLE = "wholeHead";

  private Slip() {}

  /**
   * The plan with a slip right after the move it happened in; at the end where there is no such
   * move.
   *
   * @param mm by how much more than meant was taken, 0 to 1500
   */
  public static Plan into(Plan plan, String move, Place place, double mm) {
    Move in = plan.moves().stream().filter(m -> m.id().equals(move)).findFirst().orElse(null);
    int at = in == null ? plan.moves().size() : plan.moves().indexOf(in) + 1;
    Move slip =
        new Move(
            free(plan, "slip"),
            "Cut too short",
            WHOLE,
            new Spot(place, mm, SPAN_MM, 0),
            Job.SLIP,
            List.of(),
            in == null ? Damp.DAMP : in.damp(),
            in == null ? Move.Stand.BACK : in.stand(),
            "",
            "",
            false,
            null);
    return put(plan, at, List.of(slip));
  }

  /** Ids of the slips of a plan, in order. */
  public static List<String> of(Plan plan) {
    return plan.moves().stream().filter(m -> m.job() == Job.SLIP).map(Move::id).toList();
  }

  /**
   * A place cut freehand to mend a slip, to be put into its plan.
   *
   * @param id its beginning; the first number that is free follows
   */
  public static Move mending(Plan plan, Move slip, String id, String name, Spot spot) {
    Move.Stand stand =
        spot.place() == ((Spot) slip.cut()).place() ? slip.stand() : slip.stand().mirrored();
    return new Move(
        free(plan, id),
        name,
        WHOLE,
        spot,
        Job.BLEND,
        List.of(slip.id()),
        Damp.DRY,
        stand,
        "",
        "",
        true,
        null);
  }

  /** The plan as it was meant: without its slips and what was done to mend them. */
  public static Plan without(Plan plan) {
    List<String> slips = of(plan);
    List<Move> moves =
        plan.moves().stream()
            .filter(m -> m.job() != Job.SLIP && m.after().stream().noneMatch(slips::contains))
            .toList();
    List<Section> sections =
        plan.sections().stream()
            .filter(
                s ->
                    !s.id().equals(WHOLE)
                        || moves.stream().anyMatch(m -> m.section().equals(WHOLE)))
            .toList();
    return slips.isEmpty() ? plan : plan.with(sections, moves);
  }

  /** The plan with such moves from a place in its order on. */
  public static Plan put(Plan plan, int at, List<Move> freehand) {
    List<Section> sections = new ArrayList<>(plan.sections());
    if (sections.stream().noneMatch(s -> s.id().equals(WHOLE))) {
      sections.add(new Section(WHOLE, "Whole head", List.of(), List.of(), true));
    }
    List<Move> moves = new ArrayList<>(plan.moves());
    moves.addAll(at, freehand);
    return plan.with(sections, moves);
  }

  private static String free(Plan plan, String id) {
    int n = 1;
    while (taken(plan, id + n)) {
      n++;
    }
    return id + n;
  }

  private static boolean taken(Plan plan, String id) {
    return plan.moves().stream().anyMatch(m -> m.id().equals(id));
  }
}
