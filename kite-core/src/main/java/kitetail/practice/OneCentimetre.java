package kitetail.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import kitetail.cut.Comb;
import kitetail.cut.CutLine;
import kitetail.cut.Fingers;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Strokes;
import kitetail.head.Head;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.head.Spot;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.plan.Workbench;
import kitetail.section.Facing;
import kitetail.section.Limit;
import kitetail.section.Scalar;
import kitetail.section.Section;

/**
 * Twelve columns round sides and back: one centimetre off each, over the comb.
 *
 * @param hadMm what there is
 */
public record OneCentimetre(int level, Plan plan, Plan wished, double hadMm) implements Task {
  public static final double OFF_MM = 10;
  public static final int COLUMNS = 12;

  /** From ear to ear round the back. */
  private static final double FROM_DEG = 95;

  private static final double STEP_DEG = (360 - 2 * FROM_DEG) / (COLUMNS - 1);

  /** How near is good, easiest level first, mm; assumptions. */
  private static final double[] NEAR_MM = {5, 4, 3, 2.5, 2};

  private static final String BAND = "band";

  static OneCentimetre of(long seed, int level) {
    Random r = MadeUp.numbers(Drill.ONE_CENTIMETRE, seed, level);
    double had = MadeUp.mm(r, 22, 26 + 6 * level);
    Section band =
        new Section(
            BAND,
            "Columns",
            List.of(
                new Limit.Between(Scalar.ABOVE_HAIRLINE_MM, 8, 60),
                new Limit.Between(
                    Scalar.AROUND_DEG, FROM_DEG - STEP_DEG / 2, STEP_DEG / 2 - FROM_DEG)));
    Plan plan =
        Made.plan(
            MadeUp.head(r, 0.15 * level), MadeUp.hair(), Made.even(had), List.of(band), List.of());
    Fingers off =
        new Fingers(
            new Hold.StraightOut(),
            new CutLine.Round(had - OFF_MM),
            new Guide.Travelling(),
            Facing.UP,
            12);
    return new OneCentimetre(
        level,
        plan,
        plan.withMoves(List.of(Made.move("centimetre", BAND, off, Move.Stand.BACK))),
        had);
  }

  @Override
  public Drill drill() {
    return Drill.ONE_CENTIMETRE;
  }

  /** Where a column is, degrees round the head from the front, positive to the client's right. */
  public static double columnDeg(int column) {
    double a = FROM_DEG + column * STEP_DEG;
    return a > 180 ? a - 360 : a;
  }

  @Override
  public Plan after(Tried tried) {
    Strokes s = Task.as(Tried.Combed.class, tried).strokes();
    return plan.withMoves(List.of(Made.move("strokes", BAND, s, Move.Stand.BACK)));
  }

  @Override
  public Plan begun() {
    return after(new Tried.Combed(comb()));
  }

  @Override
  public Score score(Tried tried) {
    Scalp scalp = Scalp.of(Head.of(plan.head()), Practice.SITES);
    Compared c = new Compared(wished, after(tried), BAND, new Workbench(scalp));
    List<Off> offs = new ArrayList<>();
    List<Seen> seen = new ArrayList<>();
    int uncut = 0;
    for (int k = 0; k < COLUMNS; k++) {
      double at = columnDeg(k);
      double[] off =
          IntStream.of(c.zone.roots())
              .filter(i -> i < scalp.sites())
              .filter(i -> near(Math.toDegrees(scalp.azimuthRad(i)), at))
              .mapToDouble(i -> c.startMm()[i] - c.gotMm()[i])
              .toArray();
      double taken = Spread.mean(off);
      Spot spot = new Spot(at, 0.8);
      Place near = scalp.head().nearestPlace(spot.on(scalp.head()));
      offs.add(new Off(near, spot, OFF_MM, taken));
      if (taken < 1) {
        uncut++;
      } else {
        seen.add(new Seen(Skill.COMB_LENGTH, OFF_MM - taken));
      }
    }
    double share =
        1
            - Spread.mean(
                offs.stream().mapToDouble(o -> Math.min(1, Math.abs(o.by()) / OFF_MM)).toArray());
    double near = NEAR_MM[level - 1];
    boolean good = offs.stream().allMatch(o -> Math.abs(o.by()) <= near);
    double mean = Spread.mean(offs.stream().mapToDouble(Off::by).toArray());
    double spread = Spread.about(offs.stream().mapToDouble(Off::by).toArray(), mean);
    Cause cause =
        good
            ? Cause.NONE
            : uncut > 0
                ? Cause.LEFT_UNCUT
                : spread > Math.abs(mean)
                    ? Cause.COLUMNS_APART
                    : mean > 0 ? Cause.BEGAN_NEAR : Cause.BEGAN_FAR;
    return Score.of(share, near, offs, cause, good, seen);
  }

  private static boolean near(double deg, double column) {
    return Math.abs(Math.IEEEremainder(deg - column, 360)) < STEP_DEG / 4;
  }

  /** A comb for it. */
  public static Strokes comb() {
    return new Strokes(List.of(), Comb.Tool.SCISSORS, 1.5, 30);
  }
}
