package kitetail.edit;

import java.util.ArrayList;
import java.util.List;
import kitetail.cut.Fade;
import kitetail.hair.Damp;
import kitetail.plan.Move;
import kitetail.plan.Plan;
import kitetail.section.Section;

/** A fade put into a plan, or the one it has set to another height. */
public final class FadeEdit {
  private FadeEdit() {}

  /** Where a fade begins to be drawn from. Heights are assumptions; every one is set by hand. */
  public enum Start {
    /** A finger's breadth over the ear. */
    LOW(18, 20, 28),
    /** Half way up to the ridge. */
    MIDDLE(34, 38, 50),
    /** Up to under the ridge. */
    HIGH(48, 56, 74),
    /** High at the sideburn, falling behind the ear; common practice. */
    DROP(32, 14, 24),
    /** At the sideburn alone. */
    TEMPLE(24, 0, 0),
    /** At the nape alone. */
    NAPE(0, 0, 32),
    /** From the bare blade. */
    SKIN(34, 38, 50);

    private final double sideburnMm;
    private final double behindEarMm;
    private final double napeMm;

    Start(double sideburnMm, double behindEarMm, double napeMm) {
      this.sideburnMm = sideburnMm;
      this.behindEarMm = behindEarMm;
      this.napeMm = napeMm;
    }
  }

  /** A half, one, two and three: a usual ladder; common practice. */
  private static final double[] USUAL = {0.5, 1, 2, 3};

  private static final double[] SHORT = {0.5, 1, 2};
  private static final double[] FROM_SKIN = {0, 0.5, 1, 2, 3};

  /** How much of its share of the way a guard is held to the skin before it is rocked out. */
  private static final double HELD = 0.5;

  private static final double BAND_MM = 160;

  /**
   * A plan that has no fade gets one, at a place in the order; one that has keeps its guards and
   * takes the heights, but from the skin its guards begin with the bare blade.
   *
   * @param at its place in the order, 0 to the number of moves; not looked at when there is one
   */
  public static Plan start(Plan plan, Start start, int at) {
    List<Move> moves = new ArrayList<>(plan.moves());
    for (int k = 0; k < moves.size(); k++) {
      if (moves.get(k).cut() instanceof Fade f) {
        moves.set(k, moves.get(k).with(set(f, start)));
        return plan.withMoves(moves);
      }
    }
    MoveEdit.checkAt(plan, at);
    Section over = MoveEdit.alongHairline(plan, BAND_MM);
    List<Section> sections = new ArrayList<>(plan.sections());
    if (!sections.contains(over)) {
      sections.add(over);
    }
    moves.add(
        at,
        new Move(
            MoveEdit.free(moves, "fade"),
            "Fade",
            over.id(),
            fade(start),
            Damp.DRY,
            Move.Stand.RIGHT,
            "",
            "",
            false));
    return plan.with(sections, moves);
  }

  private static Fade fade(Start start) {
    double[] numbers =
        switch (start) {
          case SKIN -> FROM_SKIN;
          case TEMPLE, NAPE -> SHORT;
          default -> USUAL;
        };
    return new Fade(even(numbers), start.sideburnMm, start.behindEarMm, start.napeMm, null, 0);
  }

  private static Fade set(Fade had, Start start) {
    boolean bare = start == Start.SKIN && had.bands().get(0).number() > 0;
    return new Fade(
        bare ? even(FROM_SKIN) : had.bands(),
        start.sideburnMm,
        start.behindEarMm,
        start.napeMm,
        null,
        had.rockMm());
  }

  /** Guards one above the other, each over the same share of the height. */
  public static List<Fade.Band> even(double... numbers) {
    List<Fade.Band> out = new ArrayList<>();
    int n = numbers.length;
    for (int k = 0; k < n; k++) {
      double from = Math.rint(100.0 * k / n) / 100;
      double to = k + 1 == n ? 1 : Math.rint(100 * (k + HELD) / n) / 100;
      out.add(new Fade.Band(numbers[k], 0, from, to));
    }
    return List.copyOf(out);
  }
}
