package kitetail.practice;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Slip;
import kitetail.plan.Workbench;
import kitetail.planning.Repairs;

/**
 * A slip in a shape: leave it and wait, soften round it, or take the other side to match?
 *
 * @param plan with the slip in it
 * @param slip id of its move
 */
public record SaveIt(int level, Plan plan, String slip, Repairs ways) implements Task {
  /** How much is short, easiest level first, mm: the smaller the harder to say. */
  private static final double[] SHORT_MM = {22, 18, 14, 10, 7};

  /** A step lower than this is not seen in fallen hair; as ledges are told. */
  private static final double SEEN_MM = 5;

  private static final List<Place> PLACES =
      List.of(
          Place.CROWN,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT,
          Place.OCCIPITAL,
          Place.EAR_TOP_LEFT,
          Place.EAR_TOP_RIGHT,
          Place.TEMPLE_RIGHT);

  static SaveIt of(long seed, int level, List<Plan> shapes) {
    Random r = MadeUp.numbers(Drill.SAVE_IT, seed, level);
    Plan shape = shapes.get(r.nextInt(shapes.size()));
    Place place = PLACES.get(r.nextInt(PLACES.size()));
    Move last = shape.moves().get(shape.moves().size() - 1);
    Plan slipped = Slip.into(shape, last.id(), place, SHORT_MM[level - 1]);
    List<String> slips = Slip.of(slipped);
    String slip = slips.get(slips.size() - 1);
    Workbench bench = new Workbench(Scalp.of(Head.of(shape.head()), Practice.SITES));
    return new SaveIt(level, slipped, slip, Repairs.of(slipped, slip, bench));
  }

  @Override
  public Drill drill() {
    return Drill.SAVE_IT;
  }

  /** What a way costs: hair first where nothing stands out, else what stands out. */
  private static double costs(Repairs.Repair w) {
    double stands = Math.max(w.ledgeMm(), w.apartMm());
    return (stands > SEEN_MM ? 1000 + stands : 0) + w.mostMm();
  }

  /** The way that leaves nothing to be seen and takes the least hair. */
  public Repairs.Repair best() {
    return ways.all().stream().min(Comparator.comparingDouble(SaveIt::costs)).orElseThrow();
  }

  private Repairs.Repair way(Tried tried) {
    Repairs.Kind kind = Task.as(Tried.Saved.class, tried).way();
    return ways.all().stream()
        .filter(w -> w.kind() == kind)
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException(kind + " is not one of the ways out of this slip"));
  }

  @Override
  public Plan after(Tried tried) {
    return way(tried).plan();
  }

  @Override
  public Score score(Tried tried) {
    Repairs.Repair way = way(tried);
    Repairs.Repair best = best();
    boolean good = costs(way) <= costs(best) + 1;
    double stands = Math.max(way.ledgeMm(), way.apartMm());
    return new Score(
        good ? 1 : stands > SEEN_MM ? 0 : 0.5,
        good,
        SEEN_MM,
        way.mostMm(),
        0,
        null,
        good ? Cause.NONE : Cause.DEARER_WAY,
        List.of(),
        List.of());
  }
}
