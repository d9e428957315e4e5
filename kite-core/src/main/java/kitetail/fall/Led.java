package kitetail.fall;

/**
 * Strands that come to rest from where the one that leads their lock lies. Wet hair clings to what
 * it stands in and dries with it; what leaves the head another way, is much longer or shorter, or
 * leads itself, finds its own way from the root.
 */
final class Led {
  /** Lengths over the leader's within which a strand goes along with it. */
  private static final double SHORTEST = 0.7;

  private static final double LONGEST = 1.4;

  /** Cosine of the most their ways from the skin may differ by, 25 degrees. */
  private static final double ALONG = 0.906;

  private final boolean[] led;

  /**
   * @param leaders for each strand the one that leads its lock
   * @param exits which way each leaves the skin, x, y, z in turn
   * @param leastMm shorter ones lead nothing and are not led
   */
  Led(int[] leaders, float[] lengthMm, double[] exits, double leastMm) {
    led = new boolean[leaders.length];
    for (int i = 0; i < led.length; i++) {
      int l = leaders[i];
      double ratio = lengthMm[i] / lengthMm[l];
      led[i] =
          l != i
              && Math.min(lengthMm[i], lengthMm[l]) >= leastMm
              && ratio >= SHORTEST
              && ratio <= LONGEST
              && exits[3 * i] * exits[3 * l]
                      + exits[3 * i + 1] * exits[3 * l + 1]
                      + exits[3 * i + 2] * exits[3 * l + 2]
                  >= ALONG;
    }
  }

  boolean led(int strand) {
    return led[strand];
  }
}
