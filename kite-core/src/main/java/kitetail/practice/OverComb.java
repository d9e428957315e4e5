package kitetail.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kitetail.cut.Comb;
import kitetail.cut.Strokes;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Ledge;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * A taper over the comb: how far off the skin it begins and how much it leans is said, the hand
 * leads the comb.
 *
 * @param wish the comb as it was to go
 */
public record OverComb(int level, Plan plan, Plan wished, Comb wish, Where where) implements Task {
  /** Which part of the head it is. */
  public enum Where {
    BEHIND_LEFT_EAR,
    BEHIND_RIGHT_EAR,
    BACK,
    EAR_TO_EAR
  }

  /** How near is good, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {8, 6, 5, 4, 3};

  /** A step higher than this between columns is seen; as {@link Ledge} tells it. */
  private static final double STEP_MM = 5;

  /** Most of it never touched. */
  private static final double UNCUT = 0.6;

  /** Of the section, by area: more left as it was is a part that was never cut. */
  private static final double BARE = 0.06;

  private static final String SIDE = "side";

  static OverComb of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.OVER_COMB, seed, level);
    double gap = MadeUp.mm(r, 6, 12);
    double lean = MadeUp.mm(r, 4, 6 + 3 * level);
    double had = MadeUp.mm(r, 45, 60);
    var head = MadeUp.head(r, 0.15 * level);
    boolean left = r.nextBoolean();
    // Behind the ears, where the hairline runs level: before them a comb turns with every finger.
    Section side =
        new Section(
            SIDE,
            "Side",
            List.of(
                new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 4, 70),
                level < 3
                    ? left
                        ? new Limit.Between(Scalar.AROUND_DEG, -168, -128)
                        : new Limit.Between(Scalar.AROUND_DEG, 128, 168)
                    : level < 5
                        ? new Limit.Between(Scalar.AROUND_DEG, 140, -140)
                        : new Limit.Between(Scalar.AROUND_DEG, 130, -130)));
    Plan plan = Made.plan(head, MadeUp.hair(), Made.even(had), List.of(side), List.of());
    Comb wish = new Comb(gap, lean, 1.5, Comb.Tool.CLIPPER);
    Where where =
        level < 3
            ? left ? Where.BEHIND_LEFT_EAR : Where.BEHIND_RIGHT_EAR
            : level < 5 ? Where.BACK : Where.EAR_TO_EAR;
    return new OverComb(
        level,
        plan,
        plan.withMoves(List.of(Made.move("comb", SIDE, wish, Move.Stand.BACK))),
        wish,
        where);
  }

  @Override
  public Drill drill() {
    return Drill.OVER_COMB;
  }

  /** A comb for it. */
  public static Strokes comb() {
    return new Strokes(List.of(), Comb.Tool.CLIPPER, 1.5, Comb.USUAL_LENGTH_MM);
  }

  @Override
  public Plan after(Tried tried) {
    Strokes s = Task.as(Tried.Combed.class, tried).strokes();
    return plan.withMoves(List.of(Made.move("strokes", SIDE, s, Move.Stand.BACK)));
  }

  @Override
  public Plan begun() {
    return after(new Tried.Combed(comb()));
  }

  @Override
  public Score score(Tried tried) {
    Strokes strokes = Task.as(Tried.Combed.class, tried).strokes();
    Scalp scalp = Scalp.of(Head.of(plan.head()), Practice.SITES);
    Compared c = new Compared(wished, after(tried), SIDE, new Workbench(scalp));
    double near = NEAR_MM[level - 1];
    double[] all = c.meanAndSpread();
    Off worst = c.worst();
    List<Seen> seen = new ArrayList<>();
    List<Columns.Fit> fits = new ArrayList<>();
    double half = Math.toDegrees(strokes.teethMm() / 2 / 85);
    for (Strokes.Stroke s : strokes.strokes()) {
      Columns.Fit f = Columns.fit(c, Columns.aroundDeg(s), half / 2);
      if (f.tells()) {
        fits.add(f);
        seen.add(new Seen(Skill.COMB_GAP, f.atFootMm()));
        seen.add(new Seen(Skill.COMB_LEAN, f.leanDeg()));
      }
    }
    double share = c.share();
    boolean good = Math.abs(worst.by()) <= near && share > UNCUT;
    Cause cause = good ? Cause.NONE : cause(c, share, worst, fits, near);
    return new Score(share, good, near, all[0], all[1], worst, cause, List.of(), seen);
  }

  private static Cause cause(
      Compared c, double share, Off worst, List<Columns.Fit> fits, double near) {
    if (fits.isEmpty() || worst.by() > 0 && (share < 1 - UNCUT || c.untouched() > BARE)) {
      return Cause.LEFT_UNCUT;
    }
    double foot = Spread.mean(fits.stream().mapToDouble(Columns.Fit::atFootMm).toArray());
    double lean = Spread.mean(fits.stream().mapToDouble(Columns.Fit::leanDeg).toArray());
    double dip = fits.stream().mapToDouble(Columns.Fit::dipMm).min().orElse(0);
    double[] feet = fits.stream().mapToDouble(Columns.Fit::atFootMm).toArray();
    // What each would leave at the top of the section, so that they can be held against each other.
    double leanMm = Math.tan(Math.toRadians(lean)) * 60;
    if (-dip > near && -dip > Math.abs(foot) && -dip > Math.abs(leanMm)) {
      return Cause.DIPPED;
    }
    boolean steps =
        c.left.ledges().stream().anyMatch(l -> l.heightMm() > STEP_MM)
            && c.wished.ledges().stream().noneMatch(l -> l.heightMm() > STEP_MM);
    if (steps && Spread.about(feet, foot) > Math.abs(foot)) {
      return Cause.COLUMNS_APART;
    }
    if (Math.abs(leanMm) > Math.abs(foot)) {
      return lean < 0 ? Cause.LEANED_IN : Cause.LEANED_OUT;
    }
    return foot < 0 ? Cause.BEGAN_NEAR : Cause.BEGAN_FAR;
  }
}
