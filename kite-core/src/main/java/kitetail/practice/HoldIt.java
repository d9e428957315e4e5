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
import kitetail.section.Facing;
import kitetail.section.Section;

/**
 * A ghost of the shape: how is the bite held, how do the fingers lie, to which guide is it brought,
 * so that it comes out?
 *
 * @param wish the bite as it was held
 */
public record HoldIt(int level, Plan plan, Plan wished, Fingers wish) implements Task {
  /** How near is good, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {20, 15, 11, 8, 5};

  private static final double LENGTH_MM = 70;
  private static final String ALL = "all";

  static HoldIt of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.HOLD, seed, level);
    double elevation = 15 * (2 + r.nextInt(5));
    double fingers = level < 2 ? 0 : 10 * (r.nextInt(5) - 2);
    boolean fixed = level >= 4 && r.nextBoolean();
    Section all = new Section(ALL, "All of it", List.of());
    Plan plan =
        Made.plan(
            MadeUp.head(r, 0.15 * level), MadeUp.hair(), Made.even(170), List.of(all), List.of());
    Guide guide =
        fixed ? new Guide.Fixed(Place.OCCIPITAL, Guide.Gather.ROW) : new Guide.Travelling();
    Fingers wish = held(new Tried.Held(elevation, fingers, guide));
    return new HoldIt(
        level, plan, plan.withMoves(List.of(Made.move("bite", ALL, wish, Move.Stand.BACK))), wish);
  }

  private static Fingers held(Tried.Held h) {
    return new Fingers(
        new Hold.Elevation(h.elevationDeg()),
        new CutLine.Round(LENGTH_MM, h.fingerDeg()),
        h.guide(),
        Facing.UP,
        12);
  }

  @Override
  public Drill drill() {
    return Drill.HOLD;
  }

  @Override
  public Plan after(Tried tried) {
    Fingers f = held(Task.as(Tried.Held.class, tried));
    return plan.withMoves(List.of(Made.move("bite", ALL, f, Move.Stand.BACK)));
  }

  @Override
  public Plan begun() {
    return after(new Tried.Held(90, 0, new Guide.Travelling()));
  }

  @Override
  public Score score(Tried tried) {
    Tried.Held h = Task.as(Tried.Held.class, tried);
    Head head = Head.of(plan.head());
    Compared c =
        new Compared(wished, after(tried), ALL, new Workbench(Scalp.of(head, Practice.SITES)));
    double elevation = ((Hold.Elevation) wish.hold()).elevationDeg();
    double fingers = ((CutLine.Round) wish.line()).fingerDeg();
    double byElevation = h.elevationDeg() - elevation;
    double byFingers = h.fingerDeg() - fingers;
    boolean otherGuide = h.guide().travels() != wish.guide().travels();
    Off worst = c.worst();
    double near = NEAR_MM[level - 1];
    boolean good = Math.abs(worst.by()) <= near;
    Cause cause = Cause.NONE;
    if (!good) {
      cause =
          otherGuide
              ? Cause.OTHER_GUIDE
              : Math.abs(byElevation) >= Math.abs(byFingers)
                  ? byElevation < 0 ? Cause.HELD_LOW : Cause.HELD_HIGH
                  : byFingers < 0 ? Cause.FINGERS_IN : Cause.FINGERS_OUT;
    }
    List<Off> offs = new ArrayList<>();
    Spot at = Spot.of(head, head.place(Place.OCCIPITAL));
    offs.add(new Off(Place.OCCIPITAL, at, elevation, h.elevationDeg()));
    offs.add(new Off(Place.OCCIPITAL, at, fingers, h.fingerDeg()));
    double[] all = c.meanAndSpread();
    List<Seen> seen =
        otherGuide
            ? List.of()
            : List.of(new Seen(Skill.ELEVATION, byElevation), new Seen(Skill.FINGERS, byFingers));
    return new Score(c.share(), good, near, all[0], all[1], worst, cause, offs, seen);
  }
}
