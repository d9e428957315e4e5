package kitetail.planning;

import java.util.Arrays;
import java.util.List;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Dial;
import kitetail.cut.Edge;
import kitetail.cut.Fingers;
import kitetail.cut.Outline;
import kitetail.hair.StartingHair;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.PlanEngine;
import kitetail.plan.SitDown;
import kitetail.plan.Workbench;

/**
 * Today's cut, tidied: the hair as it is, its own line followed, taken back by what has grown since
 * it was cut, and by no more than the client lets go.
 */
public final class Tidied {
  /** Where no cut is known hair is taken to be four weeks old; common practice. */
  private static final double USUAL_DAYS = 28;

  private static final double LEAST_MM = 2;

  /** Shorter hair is not held over the fingers; common practice. */
  private static final double OVER_FINGERS_MM = 25;

  private static final double COMB_MM = 2.5;

  /** Hair over an edge that was cut to it; an assumption. */
  private static final double EDGED_MM = 30;

  private Tidied() {}

  /**
   * What comes off everywhere.
   *
   * @return mm dry and straight
   */
  public static double offMm(SitDown client) {
    double days = client.start() instanceof StartingHair.Grown g ? g.days() : USUAL_DAYS;
    double grown = client.hair().growthMmPerDay() * days;
    return Math.max(LEAST_MM, Math.min(grown, client.wishes().mostOffMm()));
  }

  /**
   * @param shape a plan that follows the line that is there; of its family each number may be
   *     fitted to what else is wished
   * @param bench of some sites of the client's head
   */
  public static Plan of(SitDown client, Plan shape, Workbench bench) {
    Plan today = client.planOf(shape);
    double off = offMm(client);
    double[] hair = PlanEngine.start(today, bench).longest();
    List<Move> moves =
        today.moves().stream()
            .filter(m -> stays(m, bench, hair))
            .map(m -> tidied(today, m, bench, hair, off))
            .toList();
    return today.withMoves(moves);
  }

  private static Move tidied(Plan today, Move m, Workbench bench, double[] hair, double off) {
    if (!(m.cut() instanceof Fingers f && f.line() instanceof CutLine.Off)) {
      return m;
    }
    int[] roots = bench.zone(today.region(m.section())).roots();
    double mean = Arrays.stream(roots).mapToDouble(i -> hair[i]).average().orElse(0);
    if (mean - off >= OVER_FINGERS_MM) {
      return m.with(f.turned(Dial.OFF, Math.rint(off * m.handRatio(today.hair()))));
    }
    double half = Math.max(LEAST_MM, Math.min(off, mean / 2));
    return m.with(Comb.along(COMB_MM, Comb.Tool.SCISSORS, Math.rint(2 * half) / 2));
  }

  /** An arc or a line is drawn again only where hair was that short: long hair hangs over it. */
  private static boolean stays(Move m, Workbench bench, double[] hair) {
    if (!(m.cut() instanceof Edge e)) {
      return true;
    }
    Place at =
        e.outline() instanceof Outline.HalfMoon h
            ? h.side() == Outline.Side.LEFT ? Place.EAR_TOP_LEFT : Place.EAR_TOP_RIGHT
            : Place.NAPE;
    return hair[bench.scalp().root(at)] < EDGED_MM;
  }
}
