package kitetail.plan;

import java.util.List;
import kitetail.client.Wish;

/**
 * What makes a plan a shape family: what may be fitted in it, what it is right for and what makes
 * it right.
 *
 * @param id stable, lower case with hyphens
 * @param about start, moves and look in a sentence or two
 * @param mark what makes it right, in trade words
 * @param wishes the lengths that make the shape; a client's own go before them
 */
public record Family(
    String id, String about, String mark, List<Knob> knobs, List<Wish> wishes, Needs needs) {
  public Family {
    about = about == null ? "" : about;
    mark = mark == null ? "" : mark;
    knobs = knobs == null ? List.of() : List.copyOf(knobs);
    wishes = wishes == null ? List.of() : List.copyOf(wishes);
    needs = needs == null ? Needs.ANY : needs;
  }

  /** The same when a move is no longer in the plan: no knob turns it. */
  public Family without(String move) {
    List<Knob> left = knobs.stream().map(k -> k.without(move)).filter(k -> k != null).toList();
    return new Family(id, about, mark, left, wishes, needs);
  }

  /**
   * The hair a family is for.
   *
   * @param minDensityPerCm2 0 for any
   * @param minCurlRatio 0 for any; hair curlier than this does not hold the shape
   * @param maxCurlRatio 1 for any; hair straighter than this does not
   * @param atLeast hair that must be there, though the family does not cut it to that length
   */
  public record Needs(
      double minDensityPerCm2, double minCurlRatio, double maxCurlRatio, List<Wish> atLeast) {
    public static final Needs ANY = new Needs(0, 0, 1, null);

    public Needs {
      atLeast = atLeast == null ? List.of() : List.copyOf(atLeast);
      maxCurlRatio = maxCurlRatio == 0 ? 1 : maxCurlRatio;
      if (!(minDensityPerCm2 >= 0 && minDensityPerCm2 <= 400)) {
        throw new IllegalArgumentException(
            "minDensityPerCm2 must be 0 to 400, was " + minDensityPerCm2);
      }
      if (!(minCurlRatio >= 0 && minCurlRatio <= maxCurlRatio && maxCurlRatio <= 1)) {
        throw new IllegalArgumentException(
            "minCurlRatio and maxCurlRatio must be 0 to 1 and rise, were "
                + minCurlRatio
                + " and "
                + maxCurlRatio);
      }
    }

    Needs mirrored() {
      return new Needs(
          minDensityPerCm2,
          minCurlRatio,
          maxCurlRatio,
          atLeast.stream().map(Wish::mirrored).toList());
    }
  }
}
