package kitetail.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kitetail.hair.Hair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.section.Section;

/** Hair on an unknown head: how long is it at three places? */
public record ReadLength(int level, Plan plan, List<Place> asked) implements Task {
  private static final int ASKED = 3;

  private static final List<Place> PLACES =
      List.of(
          Place.FRONT,
          Place.APEX,
          Place.CROWN,
          Place.OCCIPITAL,
          Place.NAPE,
          Place.EAR_TOP_LEFT,
          Place.EAR_TOP_RIGHT,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT);

  /** How near is good, as a share of the length, easiest level first; assumptions. */
  private static final double[] NEAR = {0.3, 0.25, 0.2, 0.15, 0.1};

  /** Nobody tells a short length better than this, mm. */
  private static final double LEAST_MM = 4;

  static ReadLength of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.READ_LENGTH, seed, level);
    var head = MadeUp.head(r, 0.15 * level);
    double about = MadeUp.mm(r, 25, 40 + 25 * level);
    double[] six = new double[6];
    for (int k = 0; k < six.length; k++) {
      six[k] = Math.round(about * (0.6 + 0.8 * r.nextDouble()));
    }
    // Waves are harder to read: they hang shorter than they are.
    double curl = level < 4 ? 1 : 0.85 - 0.1 * (level - 4);
    Hair d = MadeUp.hair();
    Hair hair =
        new Hair(
            d.exitDeg(),
            d.growthMmPerDay(),
            d.densityPerCm2(),
            d.diameterUm(),
            new WetDry(d.wetDry().stretchShare(), curl),
            d.growth(),
            d.patches(),
            d.colour(),
            d.skin(),
            d.beard(),
            d.neck());
    List<Place> asked = new ArrayList<>(PLACES);
    Collections.shuffle(asked, r);
    return new ReadLength(
        level,
        Made.plan(
            head,
            hair,
            StartingHair.Taped.six(six[0], six[1], six[2], six[3], six[4], six[5]),
            List.of(new Section("all", "All", List.of())),
            List.of()),
        List.copyOf(asked.subList(0, ASKED)));
  }

  @Override
  public Drill drill() {
    return Drill.READ_LENGTH;
  }

  @Override
  public Score score(Tried tried) {
    var said = Task.as(Tried.Lengths.class, tried).saidMm();
    Head head = Head.of(plan.head());
    Scalp places = Scalp.ofPlaces(head);
    double[] mm = PlanEngine.run(plan, places).afterMm();
    List<Off> offs = new ArrayList<>();
    List<Seen> seen = new ArrayList<>();
    boolean good = true;
    double lost = 0;
    for (Place p : asked) {
      Double s = said.get(p);
      if (s == null) {
        throw new IllegalArgumentException("saidMm must name " + p);
      }
      double is = mm[places.root(p)];
      offs.add(new Off(p, Spot.of(head, head.place(p)), is, s));
      seen.add(new Seen(Skill.LENGTH_BY_EYE, (s - is) / is));
      good &= Math.abs(s - is) <= toleranceMm(is);
      lost += Math.min(1, Math.abs(s - is) / is);
    }
    double mean = Spread.mean(offs.stream().mapToDouble(Off::by).toArray());
    Cause cause = good ? Cause.NONE : mean > 0 ? Cause.EYE_LONG : Cause.EYE_SHORT;
    return Score.of(1 - lost / ASKED, toleranceMm(mm[0]), offs, cause, good, seen);
  }

  private double toleranceMm(double lengthMm) {
    return Math.max(LEAST_MM, NEAR[level - 1] * lengthMm);
  }
}
