package kitetail.practice;

import java.util.List;
import kitetail.practice.WholeCut.Judged;
import org.jspecify.annotations.Nullable;

/**
 * What a try came to, in the trade's units.
 *
 * @param share of what was to be done that is done, 0 to 1; a perfect hand has 1, none has 0
 * @param good near enough for the level
 * @param toleranceMm how near that is; degrees where the drill is about angles
 * @param mean signed, of what it is off by
 * @param spread standard deviation about that
 * @param worst the farthest off; null where nothing was measured
 * @param offs what was asked one by one, where it was
 * @param seen what it shows of the hand
 * @param whole what a whole cut is judged by besides; null of every other drill
 */
public record Score(
    double share,
    boolean good,
    double toleranceMm,
    double mean,
    double spread,
    @Nullable Off worst,
    Cause cause,
    List<Off> offs,
    List<Seen> seen,
    @Nullable Judged whole) {
  public Score {
    offs = List.copyOf(offs);
    seen = List.copyOf(seen);
  }

  Score(
      double share,
      boolean good,
      double toleranceMm,
      double mean,
      double spread,
      @Nullable Off worst,
      Cause cause,
      List<Off> offs,
      List<Seen> seen) {
    this(share, good, toleranceMm, mean, spread, worst, cause, offs, seen, null);
  }

  /** Of things asked one by one. */
  static Score of(
      double share, double tolerance, List<Off> offs, Cause cause, boolean good, List<Seen> seen) {
    double[] by = offs.stream().mapToDouble(Off::by).toArray();
    double mean = Spread.mean(by);
    Off worst = null;
    for (Off o : offs) {
      worst = worst == null || Math.abs(o.by()) > Math.abs(worst.by()) ? o : worst;
    }
    return new Score(
        share, good, tolerance, mean, Spread.about(by, mean), worst, cause, offs, seen);
  }
}
