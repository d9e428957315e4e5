package kitetail.formats.picture;

import java.util.List;
import java.util.stream.IntStream;

/**
 * What the other coats of paint are drawn in: each one hue from light to dark in even steps of
 * lightness, so that more is darker with any colour vision.
 *
 * @param levels where one band ends and the next begins, in the coat's unit
 * @param colours one more than there are levels
 */
public record CoatRamp(double[] levels, List<String> colours) {
  /** Hair lying over the skin, mm if packed solid. */
  public static final CoatRamp WEIGHT = of(265, 0.1, 0.2, 0.35, 0.55, 0.85, 1.4, 2.3);

  /** How far the result strays, mm, 19 times in 20. */
  public static final CoatRamp RISK = of(32, 1, 2, 3, 4, 6, 8, 12);

  /** Hairs a cm². */
  public static final CoatRamp DENSITY = of(75, 120, 150, 170, 190, 210, 240, 270);

  /** Thickness of a hair, thousandths of a mm. */
  public static final CoatRamp DIAMETER = of(75, 50, 56, 62, 68, 75, 82, 90);

  private static final double LIGHTEST = 0.95;
  private static final double DARKEST = 0.40;

  private static CoatRamp of(double hueDeg, double... levels) {
    List<String> colours =
        IntStream.rangeClosed(0, levels.length)
            .mapToObj(
                i -> {
                  double t = (double) i / levels.length;
                  return String.format(
                      "#%06x",
                      LengthRamp.oklch(
                          LIGHTEST + t * (DARKEST - LIGHTEST),
                          0.02 + 0.13 * Math.sin(Math.PI * Math.min(1, 0.15 + 0.7 * t)),
                          hueDeg));
                })
            .toList();
    return new CoatRamp(levels, colours);
  }
}
