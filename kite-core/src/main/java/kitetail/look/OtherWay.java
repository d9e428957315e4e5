package kitetail.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kitetail.fall.Fall;
import kitetail.fall.Ground;
import kitetail.fall.Styling;
import kitetail.hair.Hair;
import kitetail.hair.Stock;

/**
 * What shows when a cut is worn another way.
 *
 * @param fringe where the front lands; null place when off the face
 * @param staysShare share of the hair on top that goes the way it is combed
 * @param earsShare mean of both, covered
 */
public record OtherWay(Styling.Way way, Landing fringe, double staysShare, double earsShare) {
  /** Hair shorter than it bends over goes nowhere but where it grows. */
  private static final double TOP_MM = 25;

  /** Shares are told apart by twentieths; an assumption. */
  private static final double TOLD = 20;

  /**
   * @param ground a coarse one will do
   */
  public static List<OtherWay> all(Ground ground, Hair hair, Stock stock, Styling worn) {
    List<OtherWay> out = new ArrayList<>();
    for (Styling.Way way : Styling.Way.values()) {
      if (way == worn.way()) {
        continue;
      }
      Fall f = Fall.of(ground, hair, stock, worn.combed(way));
      Ears ears = Ears.of(f);
      Landing fringe =
          Landing.all(f).stream()
              .filter(l -> l.side() == Side.FRINGE)
              .findFirst()
              .orElse(new Landing(Side.FRINGE, null, 0, 0));
      out.add(new OtherWay(way, fringe, stays(f), (ears.leftShare() + ears.rightShare()) / 2));
    }
    return List.copyOf(out);
  }

  /**
   * The way most of the top stays; of two that differ by less than can be told, the first.
   *
   * @param ways at least one
   */
  public static OtherWay firmest(List<OtherWay> ways) {
    return ways.stream()
        .min(Comparator.comparingLong(w -> -Math.round(w.staysShare() * TOLD)))
        .orElseThrow(() -> new IllegalArgumentException("ways must have at least one"));
  }

  private static double stays(Fall f) {
    double all = 0;
    double stays = 0;
    for (int i = 0; i < f.strands(); i++) {
      if (f.ground().scalp().aboveRidgeMm(i) > TOP_MM) {
        all += f.hairs(i);
        stays += f.lengthMm(i) > f.bendingLengthMm(i) ? f.hairs(i) : 0;
      }
    }
    return all == 0 ? 0 : stays / all;
  }
}
