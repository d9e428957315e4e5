package kitetail.section;

import kitetail.head.Scalp;

/**
 * A number every place of the scalp has, tied to the landmarks of that head. Sections and rock-outs
 * are given by it.
 */
public enum Scalar {
  /** Degrees round the head from the front, positive to the client's right, −180 to 180. */
  AROUND_DEG {
    @Override
    public double of(Scalp s, int i) {
      return Math.toDegrees(s.azimuthRad(i));
    }
  },
  ABOVE_HAIRLINE_MM {
    @Override
    public double of(Scalp s, int i) {
      return s.aboveHairlineMm(i);
    }
  },
  ABOVE_RIDGE_MM {
    @Override
    public double of(Scalp s, int i) {
      return s.aboveRidgeMm(i);
    }
  },
  FROM_APEX_MM {
    @Override
    public double of(Scalp s, int i) {
      return s.fromApexMm(i);
    }
  },
  /** From the centre line toward the client's right. */
  ACROSS_MM {
    @Override
    public double of(Scalp s, int i) {
      return s.pointMm(i).x();
    }
  },
  /** Forward of the apex. */
  FORWARD_MM {
    @Override
    public double of(Scalp s, int i) {
      return s.pointMm(i).y() - s.head().place(kitetail.head.Place.APEX).y();
    }
  };

  public abstract double of(Scalp s, int i);
}
