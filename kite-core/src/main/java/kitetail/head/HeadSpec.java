package kitetail.head;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a head: tape and calliper measures with what is seen and felt, or one of the two
 * exact bodies the engine is calibrated on.
 */
public sealed interface HeadSpec {
  /** The same head with left and right changed over. */
  default HeadSpec mirrored() {
    return this;
  }

  /**
   * A measured head, mm. Ear to ear runs over the apex from notch to notch; front to nape along the
   * centre from hairline to hairline; breadth and length are what a calliper spans. Each but the
   * girth may be null: it is then taken in proportion to the girth.
   *
   * @param nudges landmarks the stylist has moved
   * @param relief what a scan found that the numbers cannot hold; null for none
   */
  record Measured(
      double girthMm,
      @Nullable Double earToEarMm,
      @Nullable Double frontToNapeMm,
      @Nullable Double breadthMm,
      @Nullable Double lengthMm,
      HeadShape shape,
      HairlineShape hairline,
      @Nullable Map<Place, Nudge> nudges,
      @Nullable Relief relief)
      implements HeadSpec {
    public Measured {
      if (!(girthMm > 0)) {
        throw new IllegalArgumentException("girthMm must be above 0, was " + girthMm);
      }
      shape = shape == null ? HeadShape.USUAL : shape;
      hairline = hairline == null ? HairlineShape.USUAL : hairline;
      nudges =
          Collections.unmodifiableMap(nudges == null ? new TreeMap<>() : new TreeMap<>(nudges));
    }

    /** A head that was not scanned. */
    public Measured(
        double girthMm,
        Double earToEarMm,
        Double frontToNapeMm,
        Double breadthMm,
        Double lengthMm,
        HeadShape shape,
        HairlineShape hairline,
        Map<Place, Nudge> nudges) {
      this(girthMm, earToEarMm, frontToNapeMm, breadthMm, lengthMm, shape, hairline, nudges, null);
    }

    /** The same by its numbers alone. */
    public Measured withoutRelief() {
      return new Measured(
          girthMm, earToEarMm, frontToNapeMm, breadthMm, lengthMm, shape, hairline, nudges);
    }

    /** A head of the usual shape. */
    public Measured(double girthMm, Double earToEarMm, Double frontToNapeMm) {
      this(girthMm, earToEarMm, frontToNapeMm, null, null, null, null, null);
    }

    @Override
    public Measured mirrored() {
      Map<Place, Nudge> other = new TreeMap<>();
      nudges.forEach(
          (p, n) -> other.put(p.mirrored(), new Nudge(n.upFingers(), 0 - n.acrossFingers())));
      return new Measured(
          girthMm,
          earToEarMm,
          frontToNapeMm,
          breadthMm,
          lengthMm,
          shape.mirrored(),
          hairline.mirrored(),
          other,
          relief == null ? null : relief.mirrored());
    }

    Nudge nudge(Place p) {
      return nudges.getOrDefault(p, Nudge.NONE);
    }
  }

  /** Calibration: a ball about the origin, hair on its upper half. */
  record Ball(double radiusMm) implements HeadSpec {}

  /**
   * Calibration: an ellipsoid about the origin (half axes across, forward, up), hair on its upper
   * half.
   */
  record Ellipsoid(double acrossMm, double forwardMm, double upMm) implements HeadSpec {}
}
