package kitetail.formats.answer;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import kitetail.head.Nudge;
import kitetail.planning.Columns;
import kitetail.planning.Ladder;
import org.jspecify.annotations.Nullable;

/** Ladders of guards, fewest changes of attachment first. */
public record LadderView(List<Answer> answers) {

  /** What works a band. */
  public enum Tool {
    COMB,
    GUARD
  }

  /**
   * One ladder.
   *
   * @param worstMm the largest error
   * @param chosen whether it is the one to take
   */
  public record Answer(int changes, double worstMm, boolean chosen, List<Band> bands) {}

  /**
   * One band of a ladder.
   *
   * @param guardMm what the guard leaves; missing for a comb
   * @param rockRadiusMm of the arc it is rocked out on, where it is
   */
  public record Band(
      Tool tool, @Nullable Double guardMm, @Nullable Double rockRadiusMm, List<Column> columns) {}

  /**
   * A band on one column, up from the edge.
   *
   * @param toFingers its upper end in finger widths
   * @param rockFromMm where rocking out begins
   */
  public record Column(
      double aroundDeg, double fromMm, double toMm, double toFingers, double rockFromMm) {}

  /**
   * @param answers null where no ladder has that many changes
   * @param chosen the one to take; null when there is none
   */
  public static LadderView of(
      List<Ladder.Answer> answers,
      Ladder.@Nullable Answer chosen,
      Columns columns,
      double[] guardsMm) {
    return new LadderView(
        answers.stream()
            .filter(Objects::nonNull)
            .map(
                a ->
                    new Answer(
                        a.changes(),
                        Rounded.thousandth(a.worstMm()),
                        a.equals(chosen),
                        a.bands().stream().map(b -> band(b, columns, guardsMm)).toList()))
            .toList());
  }

  private static Band band(Ladder.Band b, Columns columns, double[] guardsMm) {
    boolean comb = b.guard() == Ladder.COMB;
    return new Band(
        comb ? Tool.COMB : Tool.GUARD,
        comb ? null : Rounded.thousandth(guardsMm[b.guard()]),
        b.rockRadiusMm() > 0 ? Rounded.thousandth(b.rockRadiusMm()) : null,
        IntStream.range(0, columns.heightMm().length)
            .mapToObj(c -> column(b, columns, c))
            .toList());
  }

  private static Column column(Ladder.Band b, Columns columns, int c) {
    double mm = columns.heightMm()[c] / columns.targetMm()[c].length;
    return new Column(
        Rounded.thousandth(columns.aroundDeg()[c]),
        Rounded.thousandth(b.fromSample() * mm),
        Rounded.thousandth(b.toSample() * mm),
        Rounded.thousandth(b.toSample() * mm / Nudge.FINGER_MM),
        Rounded.thousandth(b.rockFromSample() * mm));
  }
}
