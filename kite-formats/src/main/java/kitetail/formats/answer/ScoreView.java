package kitetail.formats.answer;

import java.util.List;
import kitetail.formats.words.PracticeWords;
import kitetail.head.Place;
import kitetail.plan.Plan;
import kitetail.practice.Attempt;
import kitetail.practice.Cause;
import kitetail.practice.FindFault;
import kitetail.practice.Off;
import kitetail.practice.PutInOrder;
import kitetail.practice.SaveIt;
import kitetail.practice.Score;
import kitetail.practice.Task;
import kitetail.practice.Tried;
import kitetail.practice.WhatLeaves;
import kitetail.practice.WholeCut;
import kitetail.practice.WithGuards;
import org.jspecify.annotations.Nullable;

/**
 * What a try came to, and why.
 *
 * @param share of what was to be done that is done, 0 to 1
 * @param good near enough for the level
 * @param tolerance how near that is
 * @param mean signed
 * @param spread about it
 * @param worst the farthest off; null where nothing was measured
 * @param offs what was asked one by one
 * @param why in a sentence
 * @param more what else can be said, a line each
 * @param after the plan as the try leaves it
 * @param wished the plan as it was to become; null where nothing is cut
 */
public record ScoreView(
    double share,
    boolean good,
    double tolerance,
    double mean,
    double spread,
    @Nullable OffRow worst,
    List<OffRow> offs,
    Cause cause,
    String why,
    List<String> more,
    Plan after,
    @Nullable Plan wished) {

  /**
   * @param around of the spot, degrees round the head
   * @param share of the way from the apex to the hairline
   */
  public record OffRow(Place near, double around, double share, double wanted, double got) {
    private static @Nullable OffRow of(@Nullable Off o) {
      return o == null
          ? null
          : new OffRow(
              o.near(),
              Rounded.hundredth(o.at().azimuthDeg()),
              Rounded.thousandth(o.at().share()),
              Rounded.hundredth(o.wanted()),
              Rounded.hundredth(o.got()));
    }
  }

  public static ScoreView of(Task t, Attempt a, Score s, PracticeWords words) {
    return new ScoreView(
        Rounded.thousandth(s.share()),
        s.good(),
        Rounded.hundredth(s.toleranceMm()),
        Rounded.hundredth(s.mean()),
        Rounded.hundredth(s.spread()),
        OffRow.of(s.worst()),
        s.offs().stream().map(OffRow::of).toList(),
        s.cause(),
        PracticeWords.why(s.cause()),
        more(t, a, s, words),
        t.after(a.tried()),
        t.wished());
  }

  private static List<String> more(Task t, Attempt a, Score s, PracticeWords words) {
    if (t instanceof WhatLeaves w) {
      return w.otherwise().stream().map(PracticeWords::otherwise).toList();
    }
    if (t instanceof FindFault f) {
      return List.of(PracticeWords.fault(f.fault()));
    }
    if (t instanceof PutInOrder o) {
      return o.broken(a.tried()).stream().map(r -> words.broken(r, o.plan())).toList();
    }
    if (t instanceof SaveIt slip) {
      return slip.ways().all().stream().map(w -> words.way(slip.ways(), w)).toList();
    }
    if (t instanceof WithGuards g && a.tried() instanceof Tried.Guarded guarded) {
      return List.of(words.guards(g, guarded.fade()));
    }
    return t instanceof WholeCut w && s.whole() != null ? words.whole(w, s.whole()) : List.of();
  }
}
