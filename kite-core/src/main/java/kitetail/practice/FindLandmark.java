package kitetail.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import kitetail.geom.Vec3;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Spot;
import kitetail.plan.Plan;
import kitetail.section.Section;

/** A bald head of odd shape: where are its landmarks? */
public record FindLandmark(int level, Plan plan, List<Place> asked) implements Task {
  private static final int ASKED = 5;

  private static final List<Place> PLACES =
      List.of(
          Place.APEX,
          Place.RIDGE_LEFT,
          Place.RIDGE_RIGHT,
          Place.CROWN,
          Place.OCCIPITAL,
          Place.RECESSION_LEFT,
          Place.RECESSION_RIGHT,
          Place.DROP_CROWN,
          Place.MASTOID_LEFT,
          Place.MASTOID_RIGHT,
          Place.NAPE_CORNER_LEFT,
          Place.NAPE_CORNER_RIGHT);

  /** How near is good, easiest level first, mm: two fingers to less than one; assumptions. */
  private static final double[] NEAR_MM = {32, 26, 20, 16, 12};

  /** So far off nothing is found. */
  private static final double LOST_MM = 80;

  private static final int STEPS = 8;

  static FindLandmark of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.FIND_LANDMARK, seed, level);
    var head = MadeUp.head(r, 0.2 * level);
    List<Place> asked = new ArrayList<>(PLACES);
    Collections.shuffle(asked, r);
    return new FindLandmark(
        level,
        Made.plan(
            head,
            MadeUp.hair(),
            Made.even(0),
            List.of(new Section("all", "All", List.of())),
            List.of()),
        List.copyOf(asked.subList(0, ASKED)));
  }

  @Override
  public Drill drill() {
    return Drill.FIND_LANDMARK;
  }

  @Override
  public Score score(Tried tried) {
    var at = Task.as(Tried.Touched.class, tried).at();
    Head head = Head.of(plan.head());
    List<Off> offs = new ArrayList<>();
    List<Seen> seen = new ArrayList<>();
    double lost = 0;
    boolean good = true;
    for (Place p : asked) {
      Spot s = at.get(p);
      if (s == null) {
        throw new IllegalArgumentException("at must name " + p);
      }
      double mm = alongSkinMm(head, s.on(head), head.place(p));
      offs.add(new Off(p, s, 0, mm));
      seen.add(new Seen(Skill.LANDMARK, mm));
      good &= mm <= NEAR_MM[level - 1];
      lost += Math.min(1, mm / LOST_MM);
    }
    return Score.of(
        1 - lost / ASKED,
        NEAR_MM[level - 1],
        offs,
        good ? Cause.NONE : Cause.LIES_ELSEWHERE,
        good,
        seen);
  }

  /** Along the skin between two of its places, by the straight way laid onto it. */
  static double alongSkinMm(Head head, Vec3 a, Vec3 b) {
    double sum = 0;
    Vec3 last = a;
    for (int k = 1; k <= STEPS; k++) {
      double t = (double) k / STEPS;
      Vec3 p = k == STEPS ? b : head.surface().onto(a.times(1 - t).plus(b.times(t)));
      sum += p.distanceTo(last);
      last = p;
    }
    return sum;
  }
}
