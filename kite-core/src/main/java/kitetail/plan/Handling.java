package kitetail.plan;

import org.jspecify.annotations.Nullable;

/**
 * How a move is done beside its cut, where the stylist has set it; what is null is worked out.
 *
 * @param tiltDeg how far the head is tilted away from where the stylist stands, −30 to 45
 * @param stroke the way a blade strokes, the same on both sides
 * @param ear who holds the ear near the blade
 * @param wetting what is put on the hair before it
 */
public record Handling(
    @Nullable Double tiltDeg,
    @Nullable Stroke stroke,
    @Nullable EarHeld ear,
    @Nullable Wetting wetting) {
  /** The way of a razor, a slide or a clipper along the head. */
  public enum Stroke {
    DOWN,
    UP,
    FORWARD,
    BACK
  }

  /** What keeps an ear from the blade. */
  public enum EarHeld {
    /** The comb lies on it and is turned round it. */
    COMB,
    /** The client folds it down. */
    CLIENT,
    /** The stylist's free hand folds it down. */
    HAND
  }

  /** What is put on the hair first. */
  public enum Wetting {
    NONE,
    MIST,
    /** Cutting lotion, so that it stays damp and slides. */
    LOTION
  }

  public Handling {
    if (tiltDeg != null && !(tiltDeg >= -30 && tiltDeg <= 45)) {
      throw new IllegalArgumentException("tiltDeg must be -30 to 45, was " + tiltDeg);
    }
  }
}
