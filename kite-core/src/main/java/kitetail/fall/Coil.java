package kitetail.fall;

/**
 * The shape of a curled hair let go: a helix about the way it lies. With radius R and pitch p (the
 * way along the axis in one turn) a turn takes {@code √(p² + (2πR)²)} of hair, so it is {@code r =
 * p/√(p² + (2πR)²)} its length.
 *
 * @param radiusMm of the helix
 * @param pitchMm along its axis, a turn
 */
public record Coil(double radiusMm, double pitchMm) {
  public static final Coil NONE = new Coil(0, 1);

  /** Straighter hair is drawn straight. */
  private static final double STRAIGHT = 0.985;

  public Coil {
    if (!(radiusMm >= 0 && pitchMm > 0)) {
      throw new IllegalArgumentException(
          "radiusMm must be 0 or more and pitchMm above 0, were " + radiusMm + " and " + pitchMm);
    }
  }

  /**
   * Of hair that is {@code curlRatio} its length let go. How wide waves, curls and coils are is an
   * assumption: a turn each 5 mm for the tightest, 60 mm for a hint of a wave.
   *
   * @param curlRatio 0.2 to 1
   */
  public static Coil of(double curlRatio) {
    if (curlRatio >= STRAIGHT) {
      return NONE;
    }
    double t = Math.max(0, (curlRatio - 0.3) / 0.65);
    double pitch = 4 + 56 * t * Math.sqrt(t);
    return new Coil(pitch * Math.sqrt(1 / (curlRatio * curlRatio) - 1) / (2 * Math.PI), pitch);
  }

  /** Length let go over length straight. */
  public double ratio() {
    return pitchMm / Math.hypot(pitchMm, 2 * Math.PI * radiusMm);
  }

  /** As curly, wider in all. */
  Coil times(double k) {
    return new Coil(k * radiusMm, k * pitchMm);
  }

  public boolean straight() {
    return radiusMm == 0;
  }
}
