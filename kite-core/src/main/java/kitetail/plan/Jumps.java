package kitetail.plan;

import java.util.List;
import kitetail.head.Place;

/**
 * Jumps in length where two sections meet.
 *
 * @param one id of the section with the longer hair
 * @param other id of the one beside it
 * @param mm how much longer it is along their common edge, on average
 * @param meant true when the plan says so
 */
public record Jumps(String one, String other, double mm, Place near, boolean meant) {
  /** A jump shows when it is this much and this share of the shorter hair; assumptions. */
  private static final double SHOWS_MM = 10;

  private static final double SHOWS_SHARE = 0.35;

  static List<Jumps> of(Plan plan, List<Seam> seams) {
    return seams.stream()
        .filter(x -> x.mm() > Math.max(SHOWS_MM, SHOWS_SHARE * x.shorterMm()))
        .map(
            x ->
                new Jumps(
                    x.one(),
                    x.other(),
                    x.mm(),
                    x.near(),
                    plan.jumps().stream().anyMatch(j -> j.between(x.one(), x.other()))))
        .toList();
  }
}
