package kitetail.plan;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kitetail.client.Reading;
import kitetail.cut.Cut;
import kitetail.cut.Texture;
import kitetail.hair.Stock;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.section.Cover;
import org.jspecify.annotations.Nullable;

/**
 * What comes of a plan.
 *
 * @param around what grows about each site of it
 * @param before the hair before the first move
 * @param wishes what is left at each wished place against the wish; {@code offMm} is what stands
 *     too long
 * @param steps one for each move, in order
 * @param cover how the sections cover the scalp
 * @param seams where sections meet
 * @param jumps where sections meet with a jump in length, meant or not
 * @param ledges steps in length between hairs that grow side by side, the highest first
 * @param extents of each section, with what is left at the end
 */
public record Outcome(
    Scalp scalp,
    Around around,
    Stock before,
    List<Step> steps,
    List<Reading> wishes,
    Cover cover,
    List<Seam> seams,
    List<Jumps> jumps,
    List<Ledge> ledges,
    List<Extent> extents) {
  /**
   * @param cut the move's cut with what it took over put in as numbers
   * @param left the hair after the move
   * @param turns how often feet or chair are moved while it is cut over the fingers
   * @param minutes changing the attachment included
   * @param cutAreaMm2 skin whose hair the move shortened by more than 0.05 mm
   * @param takenMaxMm most taken off at one place
   * @param shortfallMm at most, by how much hair in the section failed to reach the line; 0 when
   *     all reached
   * @param shortfallPlace named place nearest to that shortfall; null when all reached
   * @param doses what texturising has taken of each column; empty for other moves
   */
  public record Step(
      Move move,
      Cut cut,
      int[] roots,
      Stock left,
      int bites,
      int turns,
      double minutes,
      double cutAreaMm2,
      double takenMaxMm,
      double shortfallMm,
      @Nullable Place shortfallPlace,
      List<Dose> doses) {
    /** The longest hair at every root after the move. */
    public double[] leftMm() {
      return left.longest();
    }

    /** Weight taken by texturising in this move, grams. */
    public double gramsTextured() {
      return doses.stream().mapToDouble(Dose::grams).sum();
    }
  }

  public double[] beforeMm() {
    return before.longest();
  }

  /** True when hair of such lengths before and after was cut between. */
  public static boolean cut(double beforeMm, double afterMm) {
    return Cut.shortens(beforeMm, afterMm);
  }

  /** The roots a move works on: those whose hair it shortens, or all that it texturises. */
  public IntStream worked(int move) {
    Step step = steps.get(move);
    double[] had = move == 0 ? beforeMm() : steps.get(move - 1).leftMm();
    double[] has = step.leftMm();
    return Arrays.stream(step.roots())
        .filter(i -> step.cut() instanceof Texture || cut(had[i], has[i]));
  }

  /** The moves that cut a root, the last first. */
  public List<Move> allAt(int root) {
    return IntStream.rangeClosed(1, steps.size())
        .map(k -> steps.size() - k)
        .filter(m -> worked(m).anyMatch(i -> i == root))
        .mapToObj(m -> steps.get(m).move())
        .toList();
  }

  public Stock after() {
    return steps.isEmpty() ? before : steps.get(steps.size() - 1).left();
  }

  public double[] afterMm() {
    return after().longest();
  }

  /** Where the ends seem to be at a named place. */
  public double endMm(Place place) {
    return after().endMm(scalp.root(place));
  }

  public double minutes() {
    return steps.stream().mapToDouble(Step::minutes).sum();
  }

  public int bites() {
    return steps.stream().mapToInt(Step::bites).sum();
  }
}
