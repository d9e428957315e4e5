package kitetail.plan;

import java.util.List;
import kitetail.head.Place;
import kitetail.head.Scalp;
import kitetail.wish.Reading;

/**
 * What comes of a plan.
 *
 * @param beforeMm lengths at every root before the first move
 * @param wishes what is left at each wished place against the wish; {@code offMm} is what stands
 *     too long
 * @param steps one for each move, in order
 */
public record Outcome(
    Scalp scalp,
    double[] beforeMm,
    List<Step> steps,
    List<Reading> wishes,
    List<Finding> findings) {
  /**
   * @param leftMm lengths at every root after the move
   * @param cutAreaMm2 skin whose hair the move shortened by more than 0.05 mm
   * @param takenMaxMm most taken off at one place
   * @param shortfallMm at most, by how much hair in the section failed to reach the line; 0 when
   *     all reached
   * @param shortfallPlace named place nearest to that shortfall; null when all reached
   */
  public record Step(
      Move move,
      int[] roots,
      double[] leftMm,
      int bites,
      double minutes,
      double cutAreaMm2,
      double takenMaxMm,
      double shortfallMm,
      Place shortfallPlace) {}

  public double[] afterMm() {
    return steps.isEmpty() ? beforeMm : steps.get(steps.size() - 1).leftMm();
  }

  public double minutes() {
    return steps.stream().mapToDouble(Step::minutes).sum();
  }

  public int bites() {
    return steps.stream().mapToInt(Step::bites).sum();
  }
}
