package kitetail.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.Hands;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * A strip from the front to the crown, cut bite by bite along a guide: how wide is each bite, and
 * where are old and new hair held together? A straight line over a round head gives away {@code
 * b²/8R} a bite; a pair held to one side gains or loses by the way the hair is brought.
 *
 * @param fromMm where the strip begins, forward of the apex
 * @param toMm where it ends
 */
public record WalkGuide(int level, Plan plan, Plan wished, double fromMm, double toMm)
    implements Task {
  public static final double LENGTH_MM = 60;

  /** How much may be given away at the last bite, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {3, 2.2, 1.6, 1.1, 0.8};

  /** More bites than this over what would do take too long. */
  private static final double SLOW = 1.6;

  private static final String STRIP = "strip";

  static WalkGuide of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.WALK_GUIDE, seed, level);
    double from = MadeUp.mm(r, 55, 70);
    double to = -MadeUp.mm(r, 20, 50);
    Section strip =
        new Section(
            STRIP,
            "Strip",
            List.of(
                new Limit.Between(Scalar.FROM_CENTRE_MM, 0, 40),
                new Limit.Between(Scalar.FORWARD_MM, to, from)));
    Plan plan =
        Made.plan(
            MadeUp.head(r, 0.15 * level), MadeUp.hair(), Made.even(130), List.of(strip), List.of());
    Fingers even = bite(LENGTH_MM);
    return new WalkGuide(
        level,
        plan,
        plan.withMoves(List.of(Made.move("even", STRIP, even, Move.Stand.BACK))),
        from,
        to);
  }

  private static Fingers bite(double mm) {
    return new Fingers(
        new Hold.StraightOut(), new CutLine.Round(mm), new Guide.Travelling(), Facing.BACK, 12);
  }

  @Override
  public Drill drill() {
    return Drill.WALK_GUIDE;
  }

  /** What a bite gives away, mm; longer is above 0. */
  static double creepMm(Tried.Walked.Bite b, double lengthMm) {
    double w = b.widthMm();
    // In part, as hands give it away (Unsteady): half in the mean.
    double round = Hands.scallopMm(w) / 2;
    // Brought over by w and cut at L off the guide's root, hair is the long side of that triangle.
    double beside = Math.hypot(lengthMm, w) - lengthMm;
    return switch (b.held()) {
      case NEW_WHERE_IT_GROWS, MIDDLE -> round;
      case BACK_TO_OLD -> round + beside;
      case ON_TO_NEW -> round - beside;
    };
  }

  @Override
  public Plan after(Tried tried) {
    Tried.Walked w = Task.as(Tried.Walked.class, tried);
    List<Section> sections = new ArrayList<>(plan.sections());
    List<Move> moves = new ArrayList<>();
    double at = fromMm;
    double mm = LENGTH_MM;
    for (int k = 0; k < w.bites().size() && at > toMm; k++) {
      double next = Math.max(toMm, at - w.bites().get(k).widthMm());
      sections.add(
          new Section(
              "bite" + k,
              "Bite " + (k + 1),
              List.of(
                  new Limit.Between(Scalar.FROM_CENTRE_MM, 0, 40),
                  new Limit.Between(Scalar.FORWARD_MM, next, at)),
              List.of(),
              true));
      moves.add(Made.move("bite" + k, "bite" + k, bite(mm), Move.Stand.BACK));
      mm = Math.max(1, mm + creepMm(w.bites().get(k), mm));
      at = next;
    }
    return plan.with(sections, moves);
  }

  /**
   * The widest bites that stay within what may be given away, each pair where the new one grows.
   */
  public int bestBites() {
    for (int n = 1; n < 60; n++) {
      Tried.Walked.Bite b =
          new Tried.Walked.Bite(
              Math.max(3, Math.min(60, (fromMm - toMm) / n)), Tried.Walked.Pair.NEW_WHERE_IT_GROWS);
      double mm = LENGTH_MM;
      for (int k = 0; k + 1 < n; k++) {
        mm += creepMm(b, mm);
      }
      if ((fromMm - toMm) / n <= 60 && mm - LENGTH_MM <= NEAR_MM[level - 1]) {
        return n;
      }
    }
    return 60;
  }

  @Override
  public Score score(Tried tried) {
    Tried.Walked w = Task.as(Tried.Walked.class, tried);
    Head head = Head.of(plan.head());
    Plan after = after(tried);
    Compared c =
        new Compared(
            wished.with(after.sections(), wished.moves()),
            after,
            STRIP,
            new Workbench(Scalp.of(head, Practice.SITES)));
    Move last = after.moves().get(after.moves().size() - 1);
    double drift = ((Fingers) last.cut()).line().lengthMm() - LENGTH_MM;
    double near = NEAR_MM[level - 1];
    double covered = w.bites().stream().mapToDouble(Tried.Walked.Bite::widthMm).sum();
    boolean whole = covered >= fromMm - toMm - 1;
    boolean quick = w.bites().size() <= Math.ceil(SLOW * bestBites());
    boolean good = whole && Math.abs(drift) <= near && quick;
    boolean heldOver =
        w.bites().stream()
            .anyMatch(
                b ->
                    b.held() == Tried.Walked.Pair.BACK_TO_OLD
                        || b.held() == Tried.Walked.Pair.ON_TO_NEW);
    Cause cause =
        good
            ? Cause.NONE
            : !whole
                ? Cause.LEFT_UNCUT
                : Math.abs(drift) > near
                    ? heldOver ? Cause.HELD_OVER : Cause.BITES_WIDE
                    : Cause.TOO_MANY_BITES;
    Spot at = Spot.of(head, head.place(Place.CROWN));
    double[] all = c.meanAndSpread();
    return new Score(
        c.share(),
        good,
        near,
        all[0],
        all[1],
        new Off(Place.CROWN, at, LENGTH_MM, LENGTH_MM + drift),
        cause,
        List.of(),
        whole ? List.of(new Seen(Skill.CREEP, drift)) : List.of());
  }
}
