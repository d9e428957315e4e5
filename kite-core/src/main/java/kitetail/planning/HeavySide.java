package kitetail.planning;

import java.util.Optional;
import java.util.stream.IntStream;
import kitetail.cut.Texture;
import kitetail.fall.Styling;
import kitetail.hair.HairMap;
import kitetail.hair.Stock;

/**
 * The side an off-centre part lays more hair to: how much more, and how many passes of thinning
 * shears over it bring it near the other's weight.
 *
 * @param left whether it is the client's left
 * @param moreGrams than on the other side
 * @param passes over all that lies there, none touching more than usual; 0 where more are wanted
 *     than that hair bears
 */
public record HeavySide(boolean left, double moreGrams, int passes) {
  /** So many times the weight of the other side is felt; an assumption. */
  private static final double HEAVY = 1.2;

  /** Common practice: a pass, look, and another at most. */
  public static final int MOST_PASSES = 3;

  /** Nothing where the part is in the middle, there is none, or both sides lie about as heavy. */
  public static Optional<HeavySide> of(Worn w) {
    Styling.Part part = w.fall().styling().part();
    if (part != Styling.Part.LEFT && part != Styling.Part.RIGHT) {
      return Optional.empty();
    }
    HairMap hair = HairMap.of(w.fall().ground().scalp(), w.plan().hair());
    int[] left = w.look().weight().side(true);
    int[] right = w.look().weight().side(false);
    double ofLeft = grams(hair, w.stock(), left);
    double ofRight = grams(hair, w.stock(), right);
    double light = Math.min(ofLeft, ofRight);
    double heavy = Math.max(ofLeft, ofRight);
    if (heavy < HEAVY * light) {
      return Optional.empty();
    }
    int[] roots = ofLeft > ofRight ? left : right;
    Texture pass = new Texture(Texture.Tool.THINNING_SHEARS, 0, 0, 1);
    int passes =
        IntStream.rangeClosed(1, MOST_PASSES)
            .filter(
                n ->
                    grams(hair, w.stock().texturised(roots, pass.share(), pass.backMm(), n), roots)
                        <= HEAVY * light)
            .findFirst()
            .orElse(0);
    return Optional.of(new HeavySide(ofLeft > ofRight, heavy - light, passes));
  }

  private static double grams(HairMap hair, Stock stock, int[] roots) {
    double sum = 0;
    for (int i : roots) {
      sum += hair.grams(i, stock.meanMm(i));
    }
    return sum;
  }
}
