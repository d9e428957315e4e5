package kitetail.fall;

/**
 * A hair as an elastic rod. Young's modulus of keratin fibre 3.8 GPa dry and 2.0 GPa wet are
 * handbook values from memory (published 3 to 6 dry, wet about half); 9.81 m/s².
 *
 * @param bendingMm3 EI/w: what bends it back over its weight a millimetre; its cube root is the
 *     length over which it bends
 */
public record Rod(double bendingMm3) {
  private static final double DRY_PA = 3.8e9;
  private static final double WET_PA = 2.0e9;
  private static final double KG_PER_M3 = 1320;
  private static final double GRAVITY = 9.81;

  /** Water held by wet hair over the weight of the hair; an assumption. */
  private static final double WATER_SHARE = 0.4;

  /** Poisson's ratio of keratin; an assumption. */
  private static final double POISSON = 0.35;

  private static final double GREENHILL = 1.986;

  public Rod {
    if (!(bendingMm3 > 0)) {
      throw new IllegalArgumentException("bendingMm3 must be above 0, was " + bendingMm3);
    }
  }

  /**
   * {@code EI/w = E d²/(16 ρ g)} for a round rod. A curled hair is taken as a helix: its weight
   * lies on a shorter length, and it bends as a coil spring does, {@code 2r/(2 + ν(1 − r²))} times
   * as stiff (Timoshenko, Strength of Materials II, from memory), r being its length let go over
   * its length straight.
   *
   * @param added weight of product over the weight of the hair
   */
  public static Rod of(double diameterUm, double curlRatio, boolean wet, double added) {
    double d = diameterUm * 1e-6;
    double straight = (wet ? WET_PA : DRY_PA) * d * d / (16 * KG_PER_M3 * GRAVITY) * 1e9;
    double r = wet ? Math.sqrt(curlRatio) : curlRatio;
    double coil = 2 * r / (2 + POISSON * (1 - r * r));
    double weight = (1 + added + (wet ? WATER_SHARE : 0)) / r;
    return new Rod(straight * coil / weight);
  }

  /** The length over which it bends under its own weight, mm. */
  public double bendingLengthMm() {
    return Math.cbrt(bendingMm3);
  }

  /**
   * The longest hair that stands upright by itself, mm: {@code 1.986 (EI/w)^(1/3)}, a column under
   * its own weight (Greenhill, 1881). Longer hair bends over unless product holds it.
   */
  public double standsMm() {
    return GREENHILL * bendingLengthMm();
  }
}
