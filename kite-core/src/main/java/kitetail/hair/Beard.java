package kitetail.hair;

/** The beard a client wears, kept at about this length; assumptions. */
public enum Beard {
  NONE(0),
  STUBBLE(2),
  SHORT(9),
  FULL(28);

  /** Hairs a mm² and their thickness where a beard stands full; from memory. */
  public static final double PER_MM2 = 0.45;

  public static final double DIAMETER_MM = 0.1;

  private final double lengthMm;

  Beard(double lengthMm) {
    this.lengthMm = lengthMm;
  }

  public double lengthMm() {
    return lengthMm;
  }
}
