package kitetail.practice;

import java.util.List;
import java.util.Random;
import kitetail.cut.Fade;
import kitetail.head.Head;
import kitetail.head.Scalp;
import kitetail.plan.Kit;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.planning.FadeLadder;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * An even rise from one length at the hairline to another at a height: which guards, how high, how
 * far rocked out.
 *
 * @param wish the rise
 * @param best as near as guards come
 */
public record WithGuards(
    int level, Plan plan, Plan wished, FadeLadder.Wish wish, FadeLadder.Offer best)
    implements Task {
  /** How much farther off than the best ladder is good, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {4, 3, 2, 1.5, 1};

  /** A height that is off by less is as asked. */
  private static final double HEIGHT_MM = 6;

  private static final String ROUND = "round";

  static WithGuards of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.GUARDS, seed, level);
    double from = level < 3 ? 3 : level < 5 ? 1.5 : 0.8;
    double to = MadeUp.mm(r, 9, 14 + level);
    double side = MadeUp.mm(r, 35, 65);
    double nape = Math.min(110, side + MadeUp.mm(r, -10, 15));
    var head = MadeUp.head(r, 0.15 * level);
    Section round =
        new Section(
            ROUND, "Round the head", List.of(new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 0, 110)));
    Plan plan = Made.plan(head, MadeUp.hair(), Made.even(to + 12), List.of(round), List.of());
    Fade plain = plain(side, (side + nape) / 2, nape);
    FadeLadder.Wish wish = new FadeLadder.Wish(from, to);
    List<FadeLadder.Offer> offers = FadeLadder.offers(plain, Kit.USUAL, wish);
    FadeLadder.Offer best = offers.get(offers.size() - 1);
    return new WithGuards(
        level,
        plan,
        plan.withMoves(List.of(Made.move("fade", ROUND, best.fade(), Move.Stand.BACK))),
        wish,
        best);
  }

  private static Fade plain(double side, double behind, double nape) {
    return new Fade(
        List.of(new Fade.Band(1, 0, 0, 0.5), new Fade.Band(4, 0, 0.5, 1)),
        side,
        behind,
        nape,
        null,
        0);
  }

  @Override
  public Drill drill() {
    return Drill.GUARDS;
  }

  @Override
  public Plan after(Tried tried) {
    Fade f = Task.as(Tried.Guarded.class, tried).fade();
    return plan.withMoves(List.of(Made.move("fade", ROUND, f, Move.Stand.BACK)));
  }

  @Override
  public Plan begun() {
    return after(new Tried.Guarded(plain(30, 30, 30)));
  }

  @Override
  public Score score(Tried tried) {
    Fade fade = Task.as(Tried.Guarded.class, tried).fade();
    Scalp scalp = Scalp.of(Head.of(plan.head()), Practice.SITES);
    Compared c = new Compared(wished, after(tried), ROUND, new Workbench(scalp));
    double worstMm = FadeLadder.worstMm(fade, wish, Kit.USUAL);
    double near = NEAR_MM[level - 1];
    double height =
        Math.max(
            Math.max(
                Math.abs(fade.sideburnMm() - best.fade().sideburnMm()),
                Math.abs(fade.behindEarMm() - best.fade().behindEarMm())),
            Math.abs(fade.napeMm() - best.fade().napeMm()));
    boolean bands = worstMm <= best.worstMm() + near;
    boolean good = bands && height <= HEIGHT_MM;
    Cause cause =
        good ? Cause.NONE : bands || height > 3 * HEIGHT_MM ? Cause.OTHER_HEIGHT : Cause.BAND_SHOWS;
    double[] all = c.meanAndSpread();
    return new Score(c.share(), good, near, all[0], all[1], c.worst(), cause, List.of(), List.of());
  }
}
